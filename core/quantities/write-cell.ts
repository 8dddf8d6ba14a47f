import type { Parsed } from '../parsed';
import type { Spec } from '../spec/schema';
import { type QuantityId, quantityOf } from './registry';
import { writeQuantity } from './write-quantity';

/**
 * The spec after a person typed a text into a cell. Nothing is changed where the text is not understood.
 *
 *     writeCell(spec, 'desktop', 'gutter', '32')
 *     writeCell(spec, 'desktop', 'container', 'up to 1696')
 *     writeCell(spec, 'desktop', 'margin', '=')            // lets the margin follow
 *     writeCell(spec, 'desktop', 'count', '65')            // problem: "65 columns are too many; …"
 */
export function writeCell(spec: Spec, breakpointId: string, id: QuantityId, text: string): Parsed<Spec> {
  return writeQuantity(spec, quantityOf(id), breakpointId, text);
}
