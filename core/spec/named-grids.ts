import { oncePer } from '../length/once-per';
import type { Breakpoint, NamedGrid, Spec } from './schema';

/** What a named grid gives at a breakpoint. */
export type GridPart = 'columns' | 'rows' | 'baseline';

/**
 * The document as if a named grid were its main one: what the grid does not give at a breakpoint is the main grid's as it is written, key by key. Whatever is
 * worked out of a document (columns, sweep, spans, files) is so worked out of any of its grids.
 *
 *     specOfGrid(spec, article).breakpoints[0].columns   // { ...the main grid's, container: "856px", count: 8 }
 */
export const specOfGrid: (spec: Spec, grid: NamedGrid) => Spec = oncePer((spec: Spec, { at }: NamedGrid): Spec => {
  const { grids: _grids, ...main } = spec;
  return {
    ...main,
    breakpoints: spec.breakpoints.map((breakpoint): Breakpoint => {
      const { columns, ...others } = at[breakpoint.id] ?? {};
      return { ...breakpoint, ...others, columns: { ...breakpoint.columns, ...columns } } as Breakpoint;
    }),
  };
});

/** What a grid gives at a breakpoint by itself. */
export function givenParts({ at }: NamedGrid, breakpoint: string): GridPart[] {
  const { columns, rows, baseline } = at[breakpoint] ?? {};
  return [
    ...(columns !== undefined && Object.keys(columns).length > 0 ? ['columns' as const] : []),
    ...(rows !== undefined ? ['rows' as const] : []),
    ...(baseline !== undefined ? ['baseline' as const] : []),
  ];
}

/** The document as one of its grids has it, by its id; as it is, where there is no such grid any more, or the main one is meant. */
export function specOfId(spec: Spec, id: string | null): Spec {
  const grid = id === null ? undefined : gridOf(spec, id);
  return grid ? specOfGrid(spec, grid) : spec;
}

/** The document's grid of an id; undefined where there is none. */
export function gridOf(spec: Spec, id: string): NamedGrid | undefined {
  return spec.grids?.find((grid) => grid.id === id);
}
