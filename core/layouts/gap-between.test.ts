import { expect, test } from 'vitest';
import type { Block, Placement, Spec } from '../spec/schema';
import { gapText } from './gap-between';
import { solveLayout } from './solve-layout';
import { layoutOf, practicePage } from './testing';

/** At 1440: columns of 74 with gutters of 24; rows of 20 with gaps of 5. */
const area = (id: string, desktop: Placement): Block => ({ id, name: id, holds: { area: 'plain' }, at: { desktop } });
const blocks = [
  area('a', { columns: [1, 3], lanes: [1, 1] }),
  area('b', { columns: [4, 6], lanes: [1, 1] }),
  area('c', { columns: [9, 12], lanes: [1, 1] }),
  area('d', { columns: [1, 12], lanes: [2, 2] }),
  area('e', { columns: [2, 4], lanes: [1, 1] }),
];
const layout = layoutOf(blocks, { space: { phone: { between: [3] } } });
const spec: Spec = {
  ...practicePage,
  layouts: [layout],
  breakpoints: practicePage.breakpoints.map((each) => ({
    ...each,
    rows: { rule: 'repeat' as const, height: '20px', gap: '5px', offset: '0px' },
  })),
};
const solved = solveLayout(spec, layout, 1440);
const at = (id: string) => solved.blocks.find((block) => block.id === id)!;

test.each([
  ['a', 'b', '24 px across between them'],
  // two columns and three gutters
  ['b', 'c', '220 px (2 columns) across between them'],
  ['c', 'b', '220 px (2 columns) across between them'],
  ['a', 'd', '80 px (3 rows) down between them'],
  ['a', 'e', 'They overlap.'],
])('%s and %s: %s', (one, other, says) => expect(gapText(at(one), at(other))).toBe(says));
