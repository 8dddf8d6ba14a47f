import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { readSpec } from '../document/read';
import { practiceSpec } from '../spec/testing';
import { byWidth } from '../spec/ranges';
import type { Block, Layout, Spec } from '../spec/schema';
import { addBlocks, NEW_BLOCKS } from './add-blocks';
import { addLayout } from './starting-layouts';
import { solvedAt } from './solved-at';

const blocksIn = ({ sections }: Layout): Block[] => {
  const all = (blocks: readonly Block[]): Block[] =>
    blocks.flatMap((block) => [block, ...('card' in block.holds ? all(block.holds.card.blocks) : [])]);
  return sections.flatMap(({ blocks }) => all(blocks));
};
const empty = addLayout(practiceSpec('Trial'), 'empty', 'Page').value!.spec;
const front = addLayout(practiceSpec('Trial'), 'front', 'Front').value!.spec;
const add = (spec: Spec, kind: (typeof NEW_BLOCKS)[number]['id'], after: string | null = null) =>
  addBlocks(spec, spec.layouts[0]!.id, kind, after).value!;

/** Columns and lanes of blocks that stand in no card: `card-1 1–4 lane 1`. */
const placed = (spec: Spec, at: string): string[] =>
  solvedAt(
    spec,
    spec.layouts[0]!,
    spec.breakpoints.find(({ id }) => id === at)!,
  )
    .blocks.filter(({ card }) => card === null)
    .map(({ id, placed: { columns, lanes } }) => `${id} ${columns.join('–')} ${lanes.join('–')}`);

describe('cards', () => {
  test('come as three, side by side where there is room, each with a picture, a title and two lines', () => {
    const { spec, ids, words } = add(empty, 'card');
    expect(ids).toEqual(['card-1', 'card-2', 'card-3']);
    expect(words).toBe('card-1-title');
    expect(placed(spec, 'phone')).toEqual(['card-1 1–4 1–1', 'card-2 1–4 2–2', 'card-3 1–4 3–3']);
    expect(placed(spec, 'tablet')).toEqual(['card-1 1–4 1–1', 'card-2 5–8 1–1', 'card-3 1–4 2–2']);
    expect(placed(spec, 'desktop')).toEqual(['card-1 1–4 1–1', 'card-2 5–8 1–1', 'card-3 9–12 1–1']);
    expect(
      blocksIn(spec.layouts[0]!)
        .map(({ name }) => name)
        .slice(0, 4),
    ).toEqual(['Card 1', 'Card 1, picture', 'Card 1, title', 'Card 1, text']);
  });

  test('after a card comes one more, and its number goes on', () => {
    const { spec } = add(empty, 'card');
    expect(add(spec, 'card', 'card-2').ids).toEqual(['card-4']);
    expect(add(spec, 'card', 'card-2-title').ids).toEqual(['card-4']);
  });
});

test('something is put right after a block, and what follows makes room', () => {
  const { spec, ids } = add(front, 'body', 'heading');
  expect(ids).toEqual(['text']);
  expect(placed(spec, 'desktop').slice(2)).toEqual([
    'heading 1–12 1–1',
    'text 1–12 2–2',
    'card-1 1–4 3–3',
    'card-2 5–8 3–3',
    'card-3 9–12 3–3',
  ]);
});

test('after a block in a card it goes into the card, into a lane of its own', () => {
  const { spec } = add(add(empty, 'card').spec, 'body', 'card-1-title');
  const card = blocksIn(spec.layouts[0]!).find(({ id }) => id === 'card-1')!;
  expect('card' in card.holds && card.holds.card.blocks.map(({ id, at }) => [id, at['phone']!.lanes])).toEqual([
    ['card-1-picture', [1, 1]],
    ['card-1-title', [2, 2]],
    ['text', [3, 3]],
    ['card-1-text', [4, 4]],
  ]);
});

test('whatever is added where, it can be kept, stands alone in its lanes, and nothing else leaves its columns or its order', () =>
  fc.assert(
    fc.property(
      fc.array(fc.tuple(fc.constantFrom(...NEW_BLOCKS.map(({ id }) => id)), fc.nat()), { minLength: 1, maxLength: 6 }),
      (acts) => {
        let spec = front;
        for (const [kind, place] of acts) {
          const all = blocksIn(spec.layouts[0]!).map(({ id }) => id);
          const after = place % 4 === 0 ? null : all[place % all.length]!;
          const before = spec;
          const added = addBlocks(spec, 'front', kind, after);
          expect(added.problem).toBeUndefined();
          spec = added.value!.spec;
          expect(readSpec(spec).problem).toBeUndefined();
          const fresh = new Set(added.value!.ids);
          for (const breakpoint of byWidth(spec.breakpoints)) {
            const [was, is] = [before, spec].map((each) => solvedAt(each, each.layouts[0]!, breakpoint).blocks);
            const old = (blocks: typeof was) => blocks!.filter(({ id, card }) => was!.some((each) => each.id === id && card === each.card)).map(({ id, section, placed: { columns } }) => [id, section, columns]); // prettier-ignore
            expect(old(is)).toEqual(old(was));
            const top = is!.filter(({ card, section }) => card === null && is!.some((each) => fresh.has(each.id) && each.card === null && each.section === section)); // prettier-ignore
            for (const one of top.filter(({ id }) => fresh.has(id)))
              for (const other of top.filter(({ id }) => !fresh.has(id)))
                if (other.placed.lanes[0] === other.placed.lanes[1])
                  expect(other.placed.lanes[0]).not.toBe(one.placed.lanes[0]);
          }
        }
      },
    ),
    { numRuns: 60 },
  ));

test('a layout takes no more blocks than it may', () => {
  let spec = empty;
  for (let blocks = 0; blocks + 12 <= 200; blocks += 12) spec = add(spec, 'card').spec;
  for (let more = 192; more < 200; more++) spec = add(spec, 'area').spec;
  expect(addBlocks(spec, 'page', 'area').problem).toBe('A layout can have up to 200 blocks. Remove some first.');
});
