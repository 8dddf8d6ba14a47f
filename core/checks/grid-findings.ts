import { oncePer } from '../length/once-per';
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
  const own = gridAlone(spec, grid);
  const given = new Map(own.breakpoints.map(({ id }) => [id, givenParts(grid, id)]));
  return find(own).flatMap((finding): Finding[] => {
    const [room, id, part, ...rest] = finding.subject[0] ?? [];
    if (room !== 'breakpoints' || !given.get(id!)?.includes(part as GridPart)) return [];
    // what would mend the main grid is no edit of this one
    return [{ ...finding, grid, subject: [['grids', grid.id, 'at', id!, part!, ...rest]], mends: [] }];
  });
}

/** A document with a named grid as its only one, without what stands on the main grid: texts, layouts, and the steps that its spaces are counted by. */
const gridAlone = oncePer((spec: Spec, grid: NamedGrid): Spec => {
  const own = specOfGrid(spec, grid);
  return { ...own, type: [], layouts: [], spacing: { ...own.spacing, steps: [] } };
});
