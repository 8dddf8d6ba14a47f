import type { Parsed } from '../length/parsed';
import type { Spec } from '../spec/schema';
import type { CellQuantity } from './quantity';

/** The spec after a person typed a text for a quantity at a breakpoint; what says the same changes nothing. */
export function writeQuantity(spec: Spec, quantity: CellQuantity, breakpointId: string, text: string): Parsed<Spec> {
  const breakpoint = spec.breakpoints.find(({ id }) => id === breakpointId);
  if (!breakpoint) return { problem: 'This breakpoint is no longer in the sheet.' };
  const trimmed = text.trim();
  return trimmed === quantity.read(spec, breakpoint).text ? { value: spec } : quantity.write(spec, breakpoint, trimmed);
}
