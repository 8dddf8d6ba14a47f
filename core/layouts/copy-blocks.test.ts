import { describe, expect, test } from 'vitest';
import { readSpec } from '../document/read';
import { newSpec } from '../document/defaults';
import { practiceSpec } from '../spec/testing';
import type { Spec } from '../spec/schema';
import { copiedBlocks, pastedBlocks } from './copy-blocks';
import { addLayout } from './starting-layouts';
import { solvedAt } from './solved-at';

const front = addLayout(practiceSpec('Trial'), 'front', 'Front').value!.spec;
const [layout] = front.layouts as [Spec['layouts'][number]];

const placed = (spec: Spec, at: string, ids: readonly string[]): string[] =>
  solvedAt(
    spec,
    spec.layouts[0]!,
    spec.breakpoints.find(({ id }) => id === at)!,
  )
    .blocks.filter(({ id }) => ids.includes(id))
    .map(({ placed: { columns, lanes } }) => `${columns.join('–')} ${lanes[0]}`);

test('blocks that stood side by side stand so again, under the block that they are put after', () => {
  const text = copiedBlocks(front, layout, ['card-3', 'card-1', 'card-2']);
  const { spec, ids, otherwise } = pastedBlocks(front, 'front', text, 'heading').value!;
  expect(readSpec(spec).problem).toBeUndefined();
  expect(ids).toEqual(['card-1-2', 'card-2-2', 'card-3-2']);
  expect(otherwise).toBeNull();
  expect(placed(spec, 'desktop', ids)).toEqual(['1–4 2', '5–8 2', '9–12 2']);
  expect(placed(spec, 'tablet', ids)).toEqual(['1–4 2', '5–8 2', '1–4 3']);
  expect(placed(spec, 'phone', ids)).toEqual(['1–4 2', '1–4 3', '1–4 4']);
  expect(placed(spec, 'desktop', ['card-1', 'card-2', 'card-3'])).toEqual(['1–4 3', '5–8 3', '9–12 3']);
  const all = spec.layouts[0]!.sections.flatMap(({ blocks }) => blocks.map(({ id }) => id));
  expect(new Set(all).size).toBe(all.length);
});

test('a block of a card goes into another card', () => {
  const text = copiedBlocks(front, layout, ['card-1-text']);
  const { spec, ids } = pastedBlocks(front, 'front', text, 'card-2-picture').value!;
  const card = spec.layouts[0]!.sections[1]!.blocks.find(({ id }) => id === 'card-2')!;
  expect('card' in card.holds && card.holds.card.blocks.map(({ id }) => id)).toEqual([
    'card-2-picture',
    ...ids,
    'card-2-text',
  ]);
  expect(readSpec(spec).problem).toBeUndefined();
});

describe('on another specification', () => {
  const text = copiedBlocks(front, layout, ['opening-heading', 'opening-picture']);

  test('a style that is not there is another of its role, and that is said; the same share of other columns', () => {
    const other = addLayout({ ...practiceSpec('Other') }, 'article', 'Story').value!.spec;
    const renamed: Spec = JSON.parse(JSON.stringify(other).replaceAll('"heading"', '"headline"').replaceAll('"role":"headline"', '"role":"heading"')) as Spec; // prettier-ignore
    const { spec, otherwise } = pastedBlocks(renamed, 'story', text, null).value!;
    expect(otherwise).toBe('There is no text style “heading” here; “headline” stands in its place.');
    expect(readSpec(spec).problem).toBeUndefined();
  });

  test('without any text style nothing is put there', () =>
    expect(
      pastedBlocks({ ...front, type: [], layouts: [{ ...layout, sections: [] }] }, 'front', text, null).problem,
    ).toBe('These blocks hold text, and this specification has no text styles. Add one in Type rhythm.'));

  test('breakpoints that are not there are left out', () => {
    const blank = addLayout(newSpec('Blank', practiceSpec('x').breakpoints.slice(0, 1)), 'article', 'Page').value!.spec;
    const { spec, ids } = pastedBlocks(blank, 'page', text, null).value!;
    expect(readSpec(spec).problem).toBeUndefined();
    expect(ids).toHaveLength(2);
  });
});

test.each([
  ['', 'The clipboard holds no blocks. Copy some on a layout first.'],
  ['some words', 'The clipboard holds no blocks. Copy some on a layout first.'],
  [
    '{"ypsiline blocks":1,"blocks":[],"stood":{},"roles":{}}',
    'The clipboard holds no blocks. Copy some on a layout first.',
  ],
  [
    '{"ypsiline blocks":1,"blocks":[{"id":"a","name":"A","holds":{"card":{}},"at":{}}],"stood":{},"roles":{}}',
    'The clipboard holds no blocks. Copy some on a layout first.',
  ],
])('%s', (text, problem) => expect(pastedBlocks(front, 'front', text, null).problem).toBe(problem));

test('nothing chosen, nothing copied', () => expect(copiedBlocks(front, layout, ['gone'])).toBe(''));
