import { containerEdges, exactReader, screenEdges } from '../../../columns/columns-at';
import { edgesOf } from '../../../layouts/block-edges';
import { exactText } from '../../../length/px';
import { screenOf } from '../../../spec/ranges';
import type { Rule } from '../../rule';
import { perBlock, placementEdit } from './per-block';

/** A block that is marked as leaving the grid does leave it. */
export const leavesTheGrid: Rule = {
  id: 'leaves-the-grid',
  version: 1,
  title: 'Marked exceptions break the grid',
  asks: 'Is every edge marked as an exception really off the column lines?',
  why: 'An exception that’s no longer needed hides the ones that are.',
  source: 'Common practice',
  weight: 'weigh',
  check: perBlock((block, at) => {
    const { placed, tracks, card } = block;
    const own = placed.block.at[at.breakpoint.id]?.leaves ?? [];
    if (own.length === 0 || card !== null) return null;
    const { checked, breakpoint, solved } = at;
    const columns = checked.at(breakpoint, solved.width);
    const { length } = exactReader(screenOf(checked.spec, breakpoint, solved.width));
    const edges = edgesOf(placed, { tracks, room: screenEdges(columns), container: containerEdges(columns), length });
    const on = own.filter(({ side }) => {
      const edge = side === 'start' ? edges[0] : edges[1];
      return Array.from({ length: tracks.count }, (_, index) => index + 1).some(
        (column) => tracks.start(column).equals(edge) || tracks.end(column).equals(edge),
      );
    });
    const [first] = on;
    if (!first) return null;
    return {
      part: 'leaves',
      values: { side: first.side, edge: exactText(first.side === 'start' ? edges[0] : edges[1]) },
      facts: { reason: first.reason },
      mends: [
        {
          facts: {},
          edits: [
            placementEdit(
              at,
              block,
              'leaves',
              own.filter((leaving) => leaving !== first),
            ),
          ],
        },
      ],
    };
  }),
  says: ({ name, side, reason }) =>
    `The ${side} of ${name} is marked as an exception (“${reason}”) but is on a column line.`,
  offers: () => 'Remove exception',
};
