import { columnsAt } from '../columns/columns-at';
import { isRelation } from '../columns/relation';
import { givenParts, gridOf, specOfGrid, specOfId } from '../spec/named-grids';
import type { Breakpoint, Section, Spec } from '../spec/schema';
import type { CountAt } from './placements';

type OnGrid = Pick<Section, 'grid'>;

/** The document as the grid of a section has it: that of the main one, unless the section names another. */
export function specOfSection(spec: Spec, { grid }: OnGrid): Spec {
  return specOfId(spec, grid ?? null);
}

/** The breakpoint of an id, as a document has it. */
export function breakpointIn(spec: Spec, id: string): Breakpoint {
  return spec.breakpoints.find((each) => each.id === id)!;
}

/** How many columns a section has at each breakpoint. */
export function countsOfSection(spec: Spec, section: OnGrid): CountAt {
  const own = specOfSection(spec, section);
  return ({ id }) => columnsAt(own, breakpointIn(own, id)).count;
}

/** Does a section count rows of its own at a breakpoint, from its top? Otherwise the page's go on through it. */
export function hasOwnRows(spec: Spec, { grid }: OnGrid, { id }: Breakpoint): boolean {
  const named = grid === undefined ? undefined : gridOf(spec, grid);
  if (!named) return false;
  const given = givenParts(named, id);
  if (given.includes('rows')) return true;
  const { rows } = breakpointIn(specOfGrid(spec, named), id);
  if (rows === null || rows.rule === 'modules') return given.includes('baseline');
  const goByColumns = rows.rule === 'fields' || Object.values(rows).some(isRelation);
  return goByColumns && given.includes('columns');
}
