import { describe, expect, test } from 'vitest';
import { readSpec } from '../document/read';
import type { Block, Layout, Placement, Spec } from '../spec/schema';
import { practiceSpec } from '../spec/testing';
import { asAt, following, inLane, inOwnLane, sideBySide, stacked } from './arrange';
import { dropBlock } from './drop-block';
import { movedBy, stretchedBy, tallBy } from './nearest';
import { solvedAt } from './solved-at';
import { solveLayout } from './solve-layout';

/** On 4, 8 and 12 columns of common practice, no source; rows of 8 with gaps of 8. */

const area = (id: string, at: Block['at']): Block => ({ id, name: id, holds: { area: 'plain' }, at });
const own = (lane: number, more: Placement = {}): Block['at'] => ({
  phone: { columns: [1, 4], lanes: [lane, lane], height: { rows: 2 }, ...more },
});

/** Three blocks one under the other, 3 rows apart. */
function page(...blocks: Block[]): Spec {
  const section = {
    id: 'one',
    name: 'One',
    tall: 'content' as const,
    space: { phone: { above: 2, between: [3, 4], below: 2 } },
  };
  const layout: Layout = { id: 'front', name: 'Front', notes: '', sections: [{ ...section, blocks }] };
  return { ...practiceSpec('Arranged'), layouts: [layout] };
}
const three = page(area('a', own(1)), area('b', own(2)), area('c', own(3)));
const places = (spec: Spec, id: string) =>
  solvedAt(
    spec,
    spec.layouts[0]!,
    spec.breakpoints.find((each) => each.id === id)!,
  ).blocks.map(
    ({ id: block, placed: { columns, lanes }, rows }) =>
      `${block} ${columns.join('–')} lane ${lanes.join('–')} rows ${rows.join('–')}`,
  );
const chosen = (breakpoint: string, ...blocks: string[]) => ({ layout: 'front', blocks, breakpoint });
const taken = (parsed: { value?: Spec; problem?: string }): Spec => {
  expect(parsed.problem).toBeUndefined();
  expect(readSpec(parsed.value).problem).toBeUndefined();
  return parsed.value!;
};

describe('side by side and stacked', () => {
  test('three across of 12 are thirds, in one lane', () => {
    const spec = taken(sideBySide(three, chosen('desktop', 'a', 'b', 'c')));
    expect(places(spec, 'desktop')).toEqual([
      'a 1–4 lane 1–1 rows 3–4',
      'b 5–8 lane 1–1 rows 3–4',
      'c 9–12 lane 1–1 rows 3–4',
    ]);
    // narrower breakpoints stay as they are
    expect(places(spec, 'tablet')).toEqual(places(three, 'tablet'));
  });

  test('two of three: the lane that is left closes, and the third keeps the white space above it', () => {
    expect(places(taken(sideBySide(three, chosen('tablet', 'a', 'b'))), 'tablet')).toEqual([
      'a 1–4 lane 1–1 rows 3–4',
      'b 5–8 lane 1–1 rows 3–4',
      'c 1–8 lane 2–2 rows 9–10',
    ]);
  });

  test('what does not come out is said, with what would', () => {
    expect(sideBySide(three, chosen('tablet', 'a', 'b', 'c')).problem).toBe(
      '8 columns don’t divide into 3 equal parts. Use 2, 4 or 8.',
    );
    expect(sideBySide(three, chosen('tablet', 'a')).problem).toBe(
      'Select two or more blocks to place them side by side.',
    );
    expect(sideBySide(three, chosen('tablet', 'gone')).problem).toBe('This block is no longer in the layout.');
  });

  test('stacked again, each has a lane and all columns', () => {
    const across = taken(sideBySide(three, chosen('desktop', 'a', 'b', 'c')));
    expect(
      places(taken(stacked(across, chosen('desktop', 'a', 'b', 'c'))), 'desktop').map((text) =>
        text.replace(/ rows.*/, ''),
      ),
    ).toEqual(['a 1–12 lane 1–1', 'b 1–12 lane 2–2', 'c 1–12 lane 3–3']);
  });
});

describe('lanes', () => {
  test('into the lane above, and out into one of its own', () => {
    const beside = taken(inLane(three, chosen('desktop', 'b'), 1, new Map([['b', [7, 12]]])));
    expect(places(beside, 'desktop')).toEqual([
      'a 1–12 lane 1–1 rows 3–4',
      'b 7–12 lane 1–1 rows 3–4',
      'c 1–12 lane 2–2 rows 9–10',
    ]);
    expect(places(taken(inOwnLane(beside, chosen('desktop', 'b'), 1)), 'desktop')[1]).toBe('b 7–12 lane 2–2 rows 9–10');
  });

  test('as at another breakpoint, in the same share; and following again', () => {
    const across = taken(sideBySide(three, chosen('desktop', 'a', 'b')));
    const tablet = taken(asAt(across, chosen('tablet', 'a', 'b'), 'desktop'));
    expect(
      places(tablet, 'tablet')
        .slice(0, 2)
        .map((text) => text.replace(/ rows.*/, '')),
    ).toEqual(['a 1–4 lane 1–1', 'b 5–8 lane 1–1']);
    expect(places(taken(following(tablet, chosen('tablet', 'a', 'b'))), 'tablet').slice(0, 2)).toEqual(
      places(three, 'tablet').slice(0, 2),
    );
    expect(following(three, chosen('phone', 'a')).problem).toBe(
      'There’s no narrower breakpoint to follow. Place the block yourself.',
    );
  });
});

describe('moved with the pointer', () => {
  const layout = three.layouts[0]!;
  const solved = solveLayout(three, layout, 1440);
  const b = solved.blocks[1]!;

  test('to the nearest column and row, and no further than the last', () => {
    const narrow = page(area('a', { ...own(1), desktop: { columns: [1, 6] } }));
    const [half] = solveLayout(narrow, narrow.layouts[0]!, 1440).blocks as [(typeof solved.blocks)[number]];
    // a column of 74 and a gutter of 24
    expect(movedBy(half, 48, 0)).toEqual({ columns: [1, 6], row: 3 });
    expect(movedBy(half, 50, 0).columns).toEqual([2, 7]);
    expect(movedBy(half, 5_000, 9).columns).toEqual([7, 12]);
    expect(movedBy(half, -5_000, 0).columns).toEqual([1, 6]);
    expect(movedBy(half, 0, 9).row).toBe(4);
    expect(stretchedBy(half, 'end', 60)).toEqual([1, 7]);
    expect(stretchedBy(half, 'start', 60)).toEqual([2, 6]);
    expect(tallBy(half, 17)).toBe(3);
  });

  test('alone in its lane, the white space above it grows', () => {
    const spec = taken(dropBlock(three, layout, solved, 'b', { columns: [1, 12], row: b.rows[0] + 2 }));
    expect(places(spec, 'desktop')).toEqual([
      'a 1–12 lane 1–1 rows 3–4',
      'b 1–12 lane 2–2 rows 10–11',
      'c 1–12 lane 3–3 rows 16–17',
    ]);
  });

  test('let go on a lane that has room there, it stands beside what is in it; past a lane, it changes places with it', () => {
    const narrow = page(area('a', { ...own(1), desktop: { columns: [1, 6] } }), area('b', own(2)));
    const now = solveLayout(narrow, narrow.layouts[0]!, 1440);
    const beside = taken(dropBlock(narrow, narrow.layouts[0]!, now, 'b', { columns: [7, 12], row: 3 }));
    expect(places(beside, 'desktop')).toEqual(['a 1–6 lane 1–1 rows 3–4', 'b 7–12 lane 1–1 rows 3–4']);
    const past = taken(dropBlock(three, layout, solved, 'a', { columns: [1, 12], row: 12 }));
    expect(places(past, 'desktop').map((text) => text.replace(/ rows.*/, ''))).toEqual([
      'a 1–12 lane 2–2',
      'b 1–12 lane 1–1',
      'c 1–12 lane 3–3',
    ]);
  });

  test('let go where it was, nothing changes its place', () => {
    const spec = taken(dropBlock(three, layout, solved, 'b', { columns: [1, 12], row: b.rows[0] }));
    expect(places(spec, 'desktop')).toEqual(places(three, 'desktop'));
  });
});
