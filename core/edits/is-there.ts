import type { Address } from './edit';
import { type Parts, partsOf, shapeOf } from './parts';
import { DOCUMENT, type Shape } from './shape';

/**
 * Does an address still lead somewhere in a document? What a quantity stands in must be there; whether it says something now does not matter.
 *
 *     isThere(spec, ['breakpoints', 'desktop', 'columns', 'gutter'])   // false once the desktop is removed
 */
export function isThere(document: unknown, at: Address): boolean {
  let [shape, value]: [Shape | undefined, unknown] = [DOCUMENT, document];
  for (const [depth, key] of at.entries()) {
    const parts: Parts | null = partsOf(shape, value);
    // what is changed as a whole has no parts: its address is that of the whole
    if (!parts) return depth > 0;
    if (!parts.has(key)) return shape!.is === 'fields' && depth > 0 && at.length - depth <= 2 && !isNamed(shape!, key);
    [shape, value] = [shapeOf(shape!, key), parts.get(key)];
  }
  return true;
}

/** Are the keys of these fields names that people give, such as those of breakpoints in a style? */
function isNamed(shape: Shape, key: string): boolean {
  return shape.is === 'fields' && shape.each !== undefined && !Object.hasOwn(shape.of ?? {}, key);
}
