import { expect, test } from 'vitest';
import { removeBreakpoint } from '../breakpoints/breakpoints';
import { readSpec } from '../document/read';
import type { Block, Layout, Spec } from '../spec/schema';
import { practiceSpec } from '../spec/testing';
import { solvedAt } from './solved-at';

const block: Block = {
  id: 'a',
  name: 'A',
  holds: { area: 'plain' },
  at: { phone: { columns: [1, 4] }, tablet: { columns: [1, 4], height: { rows: 7 } } },
};
const layout: Layout = {
  id: 'front',
  name: 'Front',
  notes: '',
  sections: [{ id: 'one', name: 'One', tall: 'content', space: { tablet: { above: 3 } }, blocks: [block] }],
};
const spec: Spec = { ...practiceSpec('Carried'), layouts: [layout] };
const drawn = (of: Spec) => {
  const [own] = solvedAt(
    of,
    of.layouts[0]!,
    of.breakpoints.find(({ id }) => id === 'desktop')!,
  ).blocks;
  return [own!.placed.columns, own!.placed.height, own!.rows];
};

test('what a removed breakpoint gave stands at the wider one, in the same share of its columns', () => {
  const { value } = removeBreakpoint(spec, 'tablet');
  expect(readSpec(value).problem).toBeUndefined();
  // half of 8 was half of 12 before, and still is
  expect(drawn(value!)).toEqual(drawn(spec));
  expect(value!.layouts[0]!.sections[0]!.blocks[0]!.at).toEqual({
    phone: { columns: [1, 4] },
    desktop: { columns: [1, 6], height: { rows: 7 } },
  });
});

test('of the widest, what it gave goes', () => {
  const given: Spec = {
    ...spec,
    layouts: [
      {
        ...layout,
        sections: [
          { ...layout.sections[0]!, blocks: [{ ...block, at: { ...block.at, desktop: { columns: [3, 9] } } }] },
        ],
      },
    ],
  };
  const { value } = removeBreakpoint(given, 'desktop');
  expect(Object.keys(value!.layouts[0]!.sections[0]!.blocks[0]!.at)).toEqual(['phone', 'tablet']);
});
