import type { GridPart } from '../spec/named-grids';
import { givenParts, specOfGrid } from '../spec/named-grids';
import type { NamedGrid, Spec } from '../spec/schema';
import type { Finding } from './rule';

/**
 * What the rules of columns, rows and baselines find in a named grid, where it gives something of its own; in the rest it is the main grid, of which the same is
 * found already.
 *
 * @param find the findings of a document
 */
export function gridFindings(spec: Spec, grid: NamedGrid, find: (spec: Spec) => Finding[]): Finding[] {
  const own = specOfGrid(spec, grid);
  const given = new Map(own.breakpoints.map(({ id }) => [id, givenParts(grid, id)]));
  // texts and layouts stand on the main grid, and its spaces are counted there
  const found = find({ ...own, type: [], layouts: [], spacing: { ...own.spacing, steps: [] } });
  return found.flatMap((finding): Finding[] => {
    const [room, id, part, ...rest] = finding.subject[0] ?? [];
    if (room !== 'breakpoints' || !given.get(id!)?.includes(part as GridPart)) return [];
    // what would mend the main grid is no edit of this one
    return [{ ...finding, grid, subject: [['grids', grid.id, 'at', id!, part!, ...rest]], mends: [] }];
  });
}
