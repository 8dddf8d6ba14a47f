import type { RoleChoice } from '../site/grid-systems';
import type { Sheet } from '../site/rules';
import { gridOf, specOfGrid } from '../spec/named-grids';
import type { Spec } from '../spec/schema';

/**
 * What a site is held against where a grid beside the main one is asked for: the document as that grid has it, and, in style sheets of an edition, the grid's own
 * class. Without a grid, or with one that is not there, it is the document itself.
 *
 *     againstGrid(spec, 'article', sheets)   // { spec: specOfGrid(…), choice: { row: 'grid-article' } }
 */
export function againstGrid(
  spec: Spec,
  id: string | null,
  sheets: readonly Sheet[],
): { spec: Spec; choice: RoleChoice } {
  const grid = id === null ? undefined : gridOf(spec, id);
  if (!grid) return { spec, choice: {} };
  const isOurs = sheets.some(({ text }) => text.includes(`.grid-${grid.id} {`));
  return { spec: specOfGrid(spec, grid), choice: isOurs ? { row: `grid-${grid.id}` } : {} };
}
