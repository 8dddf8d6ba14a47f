import { shownWidth } from '../spec/ranges';
import type { Breakpoint, Layout, Spec } from '../spec/schema';
import { type SolvedLayout, solveLayout } from './solve-layout';

const solved = new WeakMap<Spec, Map<string, SolvedLayout>>();

/** A layout at a breakpoint as wide as it is drawn; worked out once for each document. */
export function solvedAt(spec: Spec, layout: Layout, breakpoint: Breakpoint): SolvedLayout {
  const own = solved.get(spec) ?? new Map<string, SolvedLayout>();
  solved.set(spec, own);
  const key = `${layout.id} ${breakpoint.id}`;
  const known = own.get(key) ?? solveLayout(spec, layout, shownWidth(spec, breakpoint));
  own.set(key, known);
  return known;
}
