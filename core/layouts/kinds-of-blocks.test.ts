import { describe, expect, test } from 'vitest';
import { exactText } from '../length/px';
import type { Block, Holds, Placement, Spec } from '../spec/schema';
import { dividedRows } from '../spec/testing';
import { addStyle } from '../type/write-style';
import { BLOCK_KINDS, kindOf, restyled, stylesOf } from '../spec/block-kinds';
import { solveLayout } from './solve-layout';
import { layoutOf, practicePage } from './testing';

/** Heights worked out by hand: body is 16/24 on baselines of 4, base units are 8. */

const page: Spec = {
  ...practicePage,
  breakpoints: practicePage.breakpoints.map((each) => ({
    ...each,
    rows: { rule: 'repeat' as const, height: '20px', gap: '5px', offset: '0px' },
    baseline: { step: '4px', offset: '0px' },
  })),
  type: practicePage.type.map((style) => ({
    ...style,
    stands: 'line-box' as const,
    at: { phone: { size: '16px', leading: '24px', span: 4 } },
  })),
};

const HELD: Record<string, Holds> = {
  text: { text: 'body', words: 'x' },
  picture: { picture: '3/1' },
  area: { area: 'plain' },
  button: { button: 'body', words: 'x', pad: ['12px', '24px'] },
  field: { field: 'body', label: 'x', words: '', pad: ['8px', '12px'] },
  list: { list: 'body', items: ['x', 'y', 'z'], gap: 2 },
  quote: { quote: 'body', by: 'body', words: 'x', who: 'y' },
  logo: { logo: '5/1', high: '32px' },
  table: { table: 'body', rows: 4, pad: '6px', heads: ['x', 'y'] },
  card: { card: { padding: '8px', columns: 'page', space: {}, blocks: [] } },
};

function solved(holds: Holds, at: Placement = {}, spec = page) {
  const block: Block = { id: 'one', name: 'One', holds, at: { desktop: at } };
  const layout = layoutOf([block]);
  return solveLayout(spec, layout, 1440).blocks[0]!;
}
const tall = (holds: Holds, at?: Placement, spec?: Spec): string => exactText(solved(holds, at, spec).height);

test('every kind is told by its key, and is tried here', () => {
  expect(Object.keys(HELD).sort()).toEqual([...BLOCK_KINDS].sort());
  for (const [kind, holds] of Object.entries(HELD)) expect(kindOf(holds)).toBe(kind);
});

describe('as tall as what it holds', () => {
  test.each([
    ['text', '24', 'a line'],
    ['picture', '384', '1152 over 3'],
    ['area', '20', 'a row'],
    ['button', '48', 'a line and two pads of 12'],
    ['field', '68', 'the label’s line, a baseline of 4, a line and two pads of 8'],
    ['list', '162', 'three lines, and two gaps of two rows with 5 between: 45'],
    ['quote', '48', 'a line of each'],
    ['logo', '32', 'its height'],
    ['table', '144', 'four rows of 24 and two pads of 6'],
    ['card', '16', 'its padding'],
  ])('%s is %s px: %s', (kind, px) => expect(tall(HELD[kind]!)).toBe(px));

  test('given as content at a wider breakpoint, it is so again', () => {
    expect(tall(HELD['button']!, { height: { rows: 9 } })).toBe('220');
    expect(tall(HELD['button']!, { height: 'content' })).toBe('48');
  });
});

describe('each unit counts what it is called by', () => {
  test.each<[Placement['height'], string]>([
    [{ rows: 3 }, '70'],
    [{ baselines: 12 }, '48'],
    [{ units: 6 }, '48'],
    [{ px: '420px' }, '420'],
    [{ px: '1.5rem' }, '24'],
    [{ lines: 2 }, '48'],
  ])('%j is %s px', (height, px) => expect(tall(HELD['text']!, { height: height! })).toBe(px));

  test('without baselines, a baseline is a base unit', () => {
    const without = { ...page, breakpoints: page.breakpoints.map((each) => ({ ...each, baseline: null })) };
    expect(tall(HELD['area']!, { height: { baselines: 3 } }, without)).toBe('24');
  });

  test('where rows divide the screen, other sections count baselines, and say so', () => {
    const divided = { ...page, breakpoints: page.breakpoints.map((each) => ({ ...each, rows: dividedRows() })) };
    expect(tall(HELD['area']!, { height: { rows: 3 } }, divided)).toBe('12');
    expect(solved(HELD['area']!, {}, divided).unit).toBe('baseline');
  });

  test('in a card with baselines of its own, these are counted', () => {
    const inner: Block = {
      id: 'in',
      name: 'In',
      holds: { area: 'plain' },
      at: { phone: { height: { baselines: 3 } } },
    };
    const card: Holds = { card: { padding: '0px', columns: 'page', baseline: { step: '10px', offset: '0px' }, space: {}, blocks: [inner] } }; // prettier-ignore
    expect(tall(card)).toBe('30');
  });
});

test('a text that is trimmed to its caps is as much lower in a button and a list, and whole in a field', () => {
  const trimmed: Spec = { ...page, type: page.type.map((style) => ({ ...style, stands: 'caps' as const })) };
  const off = (kind: string): number =>
    solved(HELD[kind]!)
      .height.sub(solved(HELD[kind]!, {}, trimmed).height)
      .valueOf();
  expect(off('text')).toBeGreaterThan(5);
  expect(off('button')).toBe(off('text'));
  expect(off('list')).toBe(off('text'));
  expect(off('quote')).toBe(2 * off('text'));
  expect(off('field')).toBe(0);
  expect(off('table')).toBe(0);
});

test('full bleed has both edges at the screen, without a reason; leaving edges at a wider breakpoint ends it', () => {
  const block = solved(HELD['picture']!, { bleeds: 'screen', columns: [3, 6] });
  expect([block.x, block.width].map(exactText)).toEqual(['0', '1440']);
  const margin = solved(HELD['picture']!, { bleeds: 'margin', columns: [3, 6] });
  expect([margin.x, margin.width].map(exactText)).toEqual(['144', '1152']);
  const holds = HELD['picture']!;
  const at = { phone: { bleeds: 'screen' as const }, desktop: { leaves: [] } };
  const layout = layoutOf([{ id: 'a', name: 'A', holds, at }]);
  expect([390, 744, 1440].map((width) => exactText(solveLayout(page, layout, width).blocks[0]!.x))).toEqual(['0', '0', '144']); // prettier-ignore
});

test('styles are found and renamed wherever they are used', () => {
  const { spec, name } = addStyle(page, 'heading').value!;
  expect(spec.type.some((style) => style.name === name)).toBe(true);
  const quote: Holds = { ...HELD['quote'], quote: name, by: 'body' } as Holds;
  expect(stylesOf(quote)).toEqual([name, 'body']);
  for (const holds of Object.values(HELD))
    expect(stylesOf(restyled(holds, () => 'other'))).toEqual(stylesOf(holds).map(() => 'other'));
});
