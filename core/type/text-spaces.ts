import type { Px } from '../length/px';
import type { Spec } from '../spec/schema';
import { textAt } from './text-at';

/** The text styles whose leading is a length, at the reference width of some breakpoint. */
export function leadingUses(spec: Spec, length: Px): string[] {
  return spec.type
    .filter((style) => spec.breakpoints.some((each) => textAt(spec, style, each).leading.equals(length)))
    .map(({ name }) => name);
}
