import { describe, expect, test } from 'vitest';
import { readSpec } from '../document/read';
import type { Block, Layout, Placement, Spec } from '../spec/schema';
import { dropTogether, moveTogether } from './move-together';
import { solveLayout } from './solve-layout';
import { practicePage } from './testing';

const area = (id: string, desktop: Placement): Block => ({ id, name: id, holds: { area: 'plain' }, at: { desktop } });
const card = (id: string, desktop: Placement): Block => ({
  ...area(id, desktop),
  holds: { card: { padding: '8px', columns: 'page', space: {}, blocks: [area(`${id}-in`, {})] } },
});
const layout: Layout = {
  id: 'front',
  name: 'Front',
  notes: '',
  sections: [
    {
      id: 'one',
      name: 'One',
      tall: 'content',
      space: {},
      blocks: [
        area('a', { columns: [1, 3], lanes: [1, 1] }),
        area('b', { columns: [4, 6], lanes: [1, 1] }),
        area('c', { columns: [1, 12], lanes: [2, 2] }),
        card('d', { columns: [7, 10], lanes: [3, 3] }),
      ],
    },
    { id: 'two', name: 'Two', tall: 'content', space: { phone: { above: 2 } }, blocks: [card('e', {})] },
  ],
};
const spec: Spec = { ...practicePage, layouts: [layout] };
const solved = solveLayout(spec, layout, 1440);
const rowOf = (id: string): number => solved.blocks.find((block) => block.id === id)!.rows[0];
const stands = (of: { value?: Spec | undefined; problem?: string | undefined }): string[] => {
  expect(of.problem).toBeUndefined();
  expect(readSpec(of.value).problem).toBeUndefined();
  return solveLayout(of.value!, of.value!.layouts[0]!, 1440)
    .blocks.filter(({ card: around }) => around === null)
    .map(({ id, section, placed: { columns, lanes } }) => `${section}/${id} ${columns.join('–')} in ${lanes[0]}`);
};

describe('several moved as one of them is', () => {
  test('by as many columns, as far as the first that reaches the edge', () => {
    const moved = (by: number) => dropTogether(spec, layout, solved, ['a', 'b'], 'a', { columns: [1 + by, 3 + by], row: rowOf('a') }); // prettier-ignore
    expect(stands(moved(2)).slice(0, 2)).toEqual(['one/a 3–5 in 1', 'one/b 6–8 in 1']);
    expect(stands(moved(9)).slice(0, 2)).toEqual(['one/a 7–9 in 1', 'one/b 10–12 in 1']);
  });

  test('past a lane they go under it together, side by side as they stood; and back over it', () => {
    const down = dropTogether(spec, layout, solved, ['a', 'b'], 'b', { columns: [4, 6], row: rowOf('c') + 1 });
    expect(stands(down)).toEqual(['one/a 1–3 in 2', 'one/b 4–6 in 2', 'one/c 1–12 in 1', 'one/d 7–10 in 3', 'two/e 1–12 in 1']); // prettier-ignore
    const up = dropTogether(spec, layout, solved, ['c', 'd'], 'c', { columns: [1, 12], row: 0 });
    expect(stands(up)).toEqual(['one/a 1–3 in 3', 'one/b 4–6 in 3', 'one/c 1–12 in 1', 'one/d 7–10 in 2', 'two/e 1–12 in 1']); // prettier-ignore
  });

  test('let go where they were, they stay', () => {
    const same = dropTogether(spec, layout, solved, ['a', 'c'], 'a', { columns: [1, 3], row: rowOf('a') });
    expect(stands(same)).toEqual(stands({ value: spec }));
  });

  test('into another section, one under the other in the order of reading', () => {
    const bottom = { x: 700, y: solved.height.valueOf() };
    const moved = moveTogether(spec, layout, solved, ['a', 'b'], 'a', { into: { section: 'two', card: null }, point: bottom, start: 144 }); // prettier-ignore
    expect(stands(moved)).toEqual(['one/c 1–12 in 1', 'one/d 7–10 in 2', 'two/e 1–12 in 1', 'two/a 1–3 in 2', 'two/b 4–6 in 3']); // prettier-ignore
  });

  test('cards go into no card, and what stands in one is moved by itself', () => {
    const into = { into: { section: 'two', card: 'e' }, point: { x: 700, y: 400 }, start: 144 };
    expect(moveTogether(spec, layout, solved, ['a', 'd'], 'a', into).problem).toBe('Cards can’t be put into a card.');
    const inCard = dropTogether(spec, layout, solved, ['d-in', 'a'], 'd-in', { columns: [2, 2], row: 1 });
    expect(inCard.problem).toBe('Blocks in a card are moved one at a time.');
  });
});
