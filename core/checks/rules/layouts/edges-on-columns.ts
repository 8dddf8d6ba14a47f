import { columnsText } from '../../../layouts/placement-text';
import type { Rule } from '../../rule';
import { perBlock, placementEdit } from './per-block';

/** A block’s edges stand on column lines, or are marked as leaving the grid. */
export const edgesOnColumns: Rule = {
  id: 'edges-on-columns',
  version: 1,
  title: 'Blocks end on column lines',
  asks: 'Does every block start and end on a column line, or have a reason to break the grid?',
  why: 'An edge inside a column lines up with nothing. Half a column is the usual slip.',
  source: 'Common practice',
  weight: 'weigh',
  check: perBlock((block, at) => {
    const [first, last] = block.placed.columns;
    const { leaves, given } = block.placed;
    const isOff = (side: 'start' | 'end', line: number): boolean =>
      !Number.isInteger(line) && !leaves.some((leaving) => leaving.side === side);
    // where it follows, it is said where it was given
    if (!given || (!isOff('start', first) && !isOff('end', last))) return null;
    const whole: [number, number][] = [
      [Math.floor(first), Math.floor(last)],
      [Math.floor(first), Math.min(block.tracks.count, Math.ceil(last))],
    ];
    return {
      part: 'columns',
      values: { columns: columnsText([first, last]) },
      facts: { inside: Math.ceil(isOff('end', last) ? last : first), edge: isOff('end', last) ? 'ends' : 'begins' },
      mends: whole
        .filter(([from, to]) => to >= from)
        .map((columns) => ({
          facts: { columns: columnsText(columns) },
          edits: [placementEdit(at, block, 'columns', columns)],
        })),
    };
  }),
  says: ({ name, columns, edge, inside }) =>
    `${name} is on columns ${columns}: it ${edge} in the middle of column ${inside}, where nothing else is.`,
  offers: ({ columns }) => `Put it on columns ${columns}`,
};
