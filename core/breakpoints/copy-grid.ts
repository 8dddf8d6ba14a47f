import type { Spec } from '../spec/schema';
import { withBreakpoint } from './breakpoints';

/** The spec with the columns, rows and baseline of one breakpoint copied to another; its name, start and size stay. */
export function copyGrid(spec: Spec, from: string, to: string): Spec {
  const [source, target] = [from, to].map((id) => spec.breakpoints.find((breakpoint) => breakpoint.id === id));
  if (!source || !target) return spec;
  const { columns, rows, baseline } = source;
  return withBreakpoint(spec, { ...target, columns, rows, baseline });
}
