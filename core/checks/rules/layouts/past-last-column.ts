import { counted } from '../../../length/present';
import { columnsText } from '../../../layouts/placement-text';
import type { Rule } from '../../rule';
import { perBlock, placementEdit } from './per-block';

/** No block stands on columns that are not there. */
export const pastLastColumn: Rule = {
  id: 'past-last-column',
  version: 1,
  title: 'Blocks stay within the columns',
  asks: 'Does every block end by the last column of the page or its card?',
  why: 'When a count shrinks, blocks placed on the old columns stick out of the page.',
  source: 'Common practice',
  weight: 'must-fix',
  check: perBlock((block, at) => {
    const {
      columns: [first, last],
      given,
    } = block.placed;
    const { count } = block.tracks;
    if (!given || last <= count) return null;
    const width = Math.min(count, last - first + 1);
    const moved: [number, number] = [count - width + 1, count];
    const cut: [number, number] = [Math.min(first, count), count];
    const mends = columnsText(moved) === columnsText(cut) ? [cut] : [cut, moved];
    return {
      part: 'columns',
      values: { columns: columnsText([first, last]), count: String(count) },
      mends: mends.map((columns) => ({
        facts: { columns: columnsText(columns) },
        edits: [placementEdit(at, block, 'columns', columns)],
      })),
    };
  }),
  says: ({ name, columns, count }) =>
    `${name} is on columns ${columns}, but there are only ${counted(Number(count), 'column')}.`,
  offers: ({ columns }) => `Put it on columns ${columns}`,
};
