import { sameJson } from '../edits/same-json';
import { type GridPart, gridOf, specOfGrid } from '../spec/named-grids';
import type { Breakpoint, Columns, NamedGrid, Spec } from '../spec/schema';
import { addBreakpoint, nameBreakpoint, removeBreakpoint } from './breakpoints';

type Given = NamedGrid['at'][string];

/**
 * The document after a change that was made while one of its grids stood in the place of the main one (`specOfGrid`): what became other of columns, rows and
 * baselines is given by the grid there; everything else is the document's own.
 *
 *     withGridAs(spec, 'article', changed)   // of changed, columns of desktop are kept at grids[0].at.desktop.columns
 */
export function withGridAs(spec: Spec, id: string, changed: Spec): Spec {
  const grid = gridOf(spec, id);
  if (!grid) return changed;
  const own = specOfGrid(spec, grid);
  const base = withBreakpointsOf(spec, own, changed);
  const hasOthers = base !== spec;
  const before = new Map(own.breakpoints.map((breakpoint) => [breakpoint.id, breakpoint]));
  const main = new Map(base.breakpoints.map((breakpoint) => [breakpoint.id, breakpoint]));
  const grids = base.grids!.map((each) =>
    each.id === id ? { ...each, at: { ...each.at, ...givenBy(each, before, changed) } } : each,
  );
  return {
    ...changed,
    ...(hasOthers && { type: base.type, layouts: base.layouts, waivers: base.waivers }),
    grids,
    breakpoints: changed.breakpoints.map((breakpoint) => {
      const { columns, rows, baseline } = main.get(breakpoint.id) ?? breakpoint;
      return { ...breakpoint, columns, rows, baseline };
    }),
  };
}

/** The document with the breakpoints that came, went or were named, each by its own law: what stands under their ids goes with them. */
function withBreakpointsOf(spec: Spec, own: Spec, changed: Spec): Spec {
  const [was, is] = [own, changed].map(({ breakpoints }) => new Set(breakpoints.map(({ id }) => id))) as [
    Set<string>,
    Set<string>,
  ];
  const gone = [...was].filter((id) => !is.has(id));
  const come = changed.breakpoints.filter(({ id }) => !was.has(id));
  if (gone.length === 1 && come.length === 1) return nameBreakpoint(spec, gone[0]!, come[0]!.name).value ?? spec;
  const without = gone.reduce((left, id) => removeBreakpoint(left, id).value ?? left, spec);
  return come.reduce((more, { from }) => addBreakpoint(more, from).value?.spec ?? more, without);
}

/** What a grid gives where something of it became other. */
function givenBy({ at }: NamedGrid, before: ReadonlyMap<string, Breakpoint>, { breakpoints }: Spec): NamedGrid['at'] {
  const given = breakpoints.flatMap((breakpoint): [string, Given][] => {
    const was = before.get(breakpoint.id);
    if (!was) return [];
    const own = at[breakpoint.id] ?? {};
    const columns = changedColumns(was.columns, breakpoint.columns, own.columns ?? {});
    const next: Given = {
      ...own,
      ...(columns && { columns: { ...own.columns, ...columns } }),
      ...(sameJson(was.rows, breakpoint.rows) ? {} : { rows: breakpoint.rows }),
      ...(sameJson(was.baseline, breakpoint.baseline) ? {} : { baseline: breakpoint.baseline }),
    };
    return sameJson(own, next) ? [] : [[breakpoint.id, next]];
  });
  return Object.fromEntries(given);
}

/** The columns' keys that became other; beside a container that is given, margins that the main grid holds would be one too many and follow. */
function changedColumns(was: Columns, is: Columns, given: Partial<Columns>): Partial<Columns> | null {
  const keys = (Object.keys(is) as (keyof Columns)[]).filter((key) => !sameJson(was[key], is[key]));
  if (keys.length === 0) return null;
  const changed: Partial<Columns> = Object.fromEntries(keys.map((key) => [key, is[key]]));
  const isHeld = is.container !== 'fill' && is.container !== 'auto';
  const isMainMargin = given.margin === undefined && changed.margin === undefined && is.margin !== 'auto';
  return keys.includes('container') && isHeld && isMainMargin ? { ...changed, margin: 'auto' } : changed;
}

/** A place of a grid: a part at a breakpoint, of columns one key of it. */
export type GridPlace = { breakpoint: string; part: GridPart; key?: string };

/** Does a grid give this itself? Otherwise it is the main grid's. */
export function isGiven({ at }: NamedGrid, { breakpoint, part, key }: GridPlace): boolean {
  const own = at[breakpoint]?.[part];
  return part === 'columns' ? own !== undefined && own !== null && Object.hasOwn(own, key ?? '') : own !== undefined;
}

/**
 * The document with places of a grid as the main grid has them again.
 *
 *     asMainGrid(spec, 'article', [{ breakpoint: 'desktop', part: 'columns', key: 'count' }])
 */
export function asMainGrid(spec: Spec, id: string, places: readonly GridPlace[]): Spec {
  const grids = (spec.grids ?? []).map((grid): NamedGrid => {
    if (grid.id !== id) return grid;
    const at = places.reduce((own, place) => withoutPlace(own, place), grid.at);
    return at === grid.at ? grid : { ...grid, at };
  });
  return { ...spec, grids };
}

function withoutPlace(at: NamedGrid['at'], { breakpoint, part, key }: GridPlace): NamedGrid['at'] {
  const own = at[breakpoint];
  if (own?.[part] === undefined) return at;
  const { [breakpoint]: _before, ...others } = at;
  const { [part]: value, ...parts } = own;
  if (part === 'columns') {
    const left = Object.entries(value as object).filter(([each]) => each !== key);
    if (left.length > 0) return { ...at, [breakpoint]: { ...parts, columns: Object.fromEntries(left) } };
  }
  return Object.keys(parts).length > 0 ? { ...at, [breakpoint]: parts } : others;
}
