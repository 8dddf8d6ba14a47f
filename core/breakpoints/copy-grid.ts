import type { Spec } from '../spec/schema';
import { withBreakpoint } from './breakpoints';

/** The spec with the columns, rows, baseline and guides of one breakpoint copied to another; its name, start, size, bars and panels stay. */
export function copyGrid(spec: Spec, from: string, to: string): Spec {
  const [source, target] = [from, to].map((id) => spec.breakpoints.find((breakpoint) => breakpoint.id === id));
  if (!source || !target) return spec;
  const { columns, rows, baseline, guides } = source;
  const { guides: _own, ...bare } = target;
  return withBreakpoint(spec, { ...bare, columns, rows, baseline, ...(guides && { guides }) });
}
