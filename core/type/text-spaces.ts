import type { Px } from '../length/px';
import type { Spec } from '../spec/schema';
import { textAt } from './text-at';

/** Is a length the leading of some text style, at the reference width of some breakpoint? */
export function isTextSpace(spec: Spec, length: Px): boolean {
  return spec.type.some((style) =>
    spec.breakpoints.some((breakpoint) => textAt(spec, style, breakpoint).leading.equals(length)),
  );
}
