import type { Parsed } from '../parsed';
import type { Spec } from '../spec/schema';
import type { CellQuantity } from './quantity';

/**
 * The spec after a person typed a text for a quantity at a breakpoint. What is given and says the same changes nothing; what followed is given from now on, also where it
 * is what it was, so that it does not change with what it followed.
 */
export function writeQuantity(spec: Spec, quantity: CellQuantity, breakpointId: string, text: string): Parsed<Spec> {
  const breakpoint = spec.breakpoints.find(({ id }) => id === breakpointId);
  if (!breakpoint) return { problem: 'This breakpoint is no longer in the sheet.' };
  const trimmed = text.trim();
  const now = quantity.read(spec, breakpoint);
  if (trimmed !== now.text) return quantity.write(spec, breakpoint, trimmed);
  if (!now.follows) return { value: spec };
  // some of what follows cannot be given, or says that it follows: a card is as tall as its content, a container fills
  const { value } = quantity.write(spec, breakpoint, trimmed);
  const written = value?.breakpoints.find(({ id }) => id === breakpointId);
  return { value: value && written && !quantity.read(value, written).follows ? value : spec };
}
