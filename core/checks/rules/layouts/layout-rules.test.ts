import { describe, expect, test } from 'vitest';
import { applyEdits } from '../../../edits/apply-edits';
import type { Block, Layout, Placement, Section, Spec } from '../../../spec/schema';
import { readAfter } from '../../../layouts/reading-order';
import { solveLayout } from '../../../layouts/solve-layout';
import { practicePage } from '../../../layouts/testing';
import { findingsOf } from '../../run';
import type { Rule } from '../../rule';
import { mendLabel, sentenceOf } from '../../sentence';
import { blocksApart } from './blocks-apart';
import { blocksWhole } from './blocks-whole';
import { edgesOnColumns } from './edges-on-columns';
import { gapsAlike } from './gaps-alike';
import { leavesTheGrid } from './leaves-the-grid';
import { linesInBlocks } from './lines-in-blocks';
import { pastLastColumn } from './past-last-column';
import { picturesOnRows } from './pictures-on-rows';
import { readingOrder } from './reading-order';

/** On 4, 8 and 12 columns of common practice, no source; at 1440: margins 144, columns of 74, gutters of 24. */

const block = (id: string, desktop: Placement, holds: Block['holds'] = { area: 'plain' }): Block => ({
  id,
  name: id,
  holds,
  at: { phone: { columns: [1, 4] }, desktop },
});
const section = (id: string, blocks: Block[], space: Section['space'] = {}): Section => ({
  id,
  name: id,
  tall: 'content',
  space,
  blocks,
});
const page = (...sections: Section[]): Spec => {
  const layout: Layout = { id: 'front', name: 'Front', notes: '', sections };
  return { ...practicePage, layouts: [layout] };
};

/** What a rule says at desktop, what its mends are called, and how often it still finds something after each. */
function found(rule: Rule, spec: Spec) {
  const here = (of: Spec) => findingsOf(of).filter((each) => each.rule === rule.id && each.breakpoint === 'desktop');
  return here(spec).map((finding) => ({
    says: sentenceOf(finding),
    mends: finding.mends.map((mend) => {
      const mended = applyEdits(spec, mend.edits);
      expect(mended.problem).toBeUndefined();
      return `${mendLabel(finding, mend)} → ${here(mended.value!).length}`;
    }),
  }));
}

test('an edge within a column, unless it is marked', () => {
  expect(found(edgesOnColumns, page(section('one', [block('a', { columns: [1, 5.5] })])))).toEqual([
    {
      says: 'a is on columns 1–5.5: it ends in the middle of column 6, where nothing else is.',
      mends: ['Put it on columns 1–5 → 0', 'Put it on columns 1–6 → 0'],
    },
  ]);
  const leaves = [{ side: 'end' as const, to: 'screen' as const, reason: 'Runs out.' }];
  expect(found(edgesOnColumns, page(section('one', [block('a', { columns: [1, 5.5], leaves })])))).toEqual([]);
});

test('past the last column', () => {
  expect(found(pastLastColumn, page(section('one', [block('a', { columns: [10, 14] })])))).toEqual([
    {
      says: 'a is on columns 10–14, but there are only 12 columns.',
      mends: ['Put it on columns 10–12 → 0', 'Put it on columns 8–12 → 0'],
    },
  ]);
});

describe('one over another', () => {
  const two = (desktop: Placement) =>
    page(
      section('one', [
        block('a', { columns: [1, 6], lanes: [1, 1] }),
        block('b', { columns: [6, 12], lanes: [1, 1], ...desktop }),
      ]),
    );
  test('is said, and mended with a lane of its own', () => {
    expect(found(blocksApart, two({}))).toEqual([
      { says: 'b overlaps a without a reason.', mends: ['Give b its own lane → 0'] },
    ]);
  });
  test('is meant where somebody has said why', () => {
    expect(found(blocksApart, two({ over: 'The title lies on the picture.' }))).toEqual([]);
    expect(found(blocksApart, two({ columns: [7, 12] }))).toEqual([]);
  });
});

test('what is read before what stands above it, with the order that is seen', () => {
  const two = (lanes: [number, number]) =>
    page(
      section('one', [
        block('text', { lanes: [2, 2] }),
        block('headline', { lanes }),
        block('foot', { lanes: [3, 3] }),
      ]),
    );
  const spec = two([1, 1]);
  expect(found(readingOrder, spec)).toEqual([
    { says: 'text is read before headline, but is seen below it.', mends: ['Read it after headline → 0'] },
  ]);
  // beside one another, either may be read first
  expect(found(readingOrder, two([2, 2]))).toEqual([]);
  const next = readAfter(spec, 'front', 'text', 'headline');
  expect(next.layouts[0]!.sections[0]!.blocks.map(({ id }) => id)).toEqual(['headline', 'text', 'foot']);
  for (const width of [390, 744, 1440]) {
    const tops = (of: Spec) =>
      new Map(solveLayout(of, of.layouts[0]!, width).blocks.map(({ id, y }) => [id, y.toFraction()]));
    expect(tops(next)).toEqual(tops(spec));
  }
});

test('gaps of one kind with different counts, over sections and layouts', () => {
  const rows = (above: number) => ({ phone: { above, between: [], below: 2 } });
  const spec = page(
    section('one', [block('a', {})], rows(3)),
    section('two', [block('b', {})], rows(3)),
    section('three', [block('c', {})], rows(4)),
  );
  expect(found(gapsAlike, spec)).toEqual([
    {
      says: 'White space from section to area: 2 have 3 rows and one has 4 rows.',
      mends: ['Set all to 3 rows → 0', 'Set all to 4 rows → 0'],
    },
  ]);
});

test('lines of text that are too long or too short in their block', () => {
  const text = (columns: [number, number]) =>
    page(section('one', [block('a', { columns }, { text: 'body', words: 'Words to read.' })]));
  const [long] = found(linesInBlocks, text([1, 12]));
  expect(long!.says).toMatch(
    /^a is 1152 px wide and has about 1\d\d characters in a line; more than 80 tire the eye\.$/,
  );
  expect(long!.mends).toEqual(['Put it on columns 1–6 → 0']);
  const [short] = found(linesInBlocks, text([1, 2]));
  expect(short!.says).toMatch(
    /^a is 172 px wide and has about \d\d characters in a line; fewer than 30 break every phrase\.$/,
  );
  expect(short!.mends).toEqual(['Put it on columns 1–3 → 0']);
  expect(found(linesInBlocks, text([1, 5]))).toEqual([]);
});

test('a picture that ends within a row: 1152 · 9/16 = 648 is 40 rows of 8 with gaps of 8, and 8 more', () => {
  const at = (columns: [number, number]) => page(section('one', [block('a', { columns }, { picture: '16/9' })]));
  // five columns and four gutters are 466 wide, 262⅛ high: 16 rows are 248, the 17th begins at 256
  expect(found(picturesOnRows, at([1, 5]))).toEqual([
    { says: 'a is 262⅛ px high: it ends 6⅛ px into its row 17.', mends: ['Crop it to 17 rows → 0'] },
  ]);
  expect(found(picturesOnRows, at([1, 12]))).toEqual([]);
  // 256 high: it ends where the 17th row begins, and goes into none
  const inGap = page(section('one', [block('a', { columns: [1, 5] }, { picture: '233/128' })]));
  expect(found(picturesOnRows, inGap)[0]!.says).toBe('a is 256 px high: it ends 8 px below its row 16, in the gap.');
});

test('a block that is not whole px wide, with the part that it is', () => {
  const spec = page(section('one', [block('a', { columns: [1, 4] }), block('b', { columns: [5, 8], lanes: [1, 1] })]));
  const wide = (container: string): Spec => ({
    ...spec,
    breakpoints: spec.breakpoints.map((each) =>
      each.id === 'desktop' ? { ...each, columns: { ...each.columns, container } } : each,
    ),
  });
  expect(found(blocksWhole, wide('1152px'))).toEqual([]);
  expect(found(blocksWhole, wide('1150px'))).toEqual([
    {
      says: 'a on columns 1–4 is 367⅓ px wide at 1,440, a third of 1,150; one more is not whole either.',
      mends: [],
    },
  ]);
});

test('a mark of an exception that is none', () => {
  const marked = (columns: [number, number]) => {
    const leaves = [{ side: 'end' as const, to: 'margin' as const, reason: 'Runs out.' }];
    return page(section('one', [block('a', { columns, leaves })]));
  };
  expect(found(leavesTheGrid, marked([8, 12]))).toEqual([
    {
      says: 'The end of a is marked as an exception (“Runs out.”) but is on a column line.',
      mends: ['Remove exception → 0'],
    },
  ]);
  const screen = [{ side: 'end' as const, to: 'screen' as const, reason: 'Runs out.' }];
  expect(found(leavesTheGrid, page(section('one', [block('a', { columns: [8, 12], leaves: screen })])))).toEqual([]);
});
