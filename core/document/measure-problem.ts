import { SAFE } from '../length/sum';
import { measureOf, WIDTH_UNIT } from '../spec/measure';
import type { Spec } from '../spec/schema';

/** Keys under which people write what they like. */
const WORDS = new Set(['name', 'notes', 'words', 'reason', 'id', 'by', 'typed', 'font', 'rule']);

type Found = { place: string; text: string };

/**
 * What the kind of a document does not go with: `vw` and `cqi` each belong to one, and a grid in a container has no bars at the screen's sides. Null where all of
 * it goes together.
 */
export function measureProblem(spec: Spec): string | null {
  const measure = measureOf(spec);
  const wrong = measure === 'viewport' ? WIDTH_UNIT.container : WIDTH_UNIT.viewport;
  const pattern = new RegExp(`^-?[\\d./]+${wrong}$`);
  const found = firstText(spec, (text) => pattern.test(text));
  if (found)
    return measure === 'viewport'
      ? `${found.place}: ${found.text} is a share of a container, and this specification is measured by the viewport. Use vw, or set "measure" to "container".`
      : `${found.place}: ${found.text} is a share of the screen, and this specification is measured by its container. Use cqi, or set "measure" to "viewport".`;
  if (measure === 'viewport') return null;
  const framed = spec.breakpoints.findIndex(({ frame }) => frame !== undefined);
  if (framed !== -1)
    return `breakpoints[${framed}].frame: Bars and panels are the screen’s, and this specification is measured by its container. Remove them.`;
  const safe = firstText(spec, (text) => text.replace(/^-/, '') === SAFE);
  return safe
    ? `${safe.place}: Safe areas are the screen’s, and this specification is measured by its container. Use a length without “safe”.`
    : null;
}

/** The first text of grids, text styles and layouts that is meant, with its place. */
function firstText(spec: Spec, isMeant: (text: string) => boolean): Found | null {
  const ids = new Set(spec.breakpoints.map(({ id }) => id));
  const look = (value: unknown, place: string): Found | null => {
    if (typeof value === 'string') return isMeant(value) ? { place, text: value } : null;
    if (typeof value !== 'object' || value === null) return null;
    const entries = Object.entries(value);
    // a breakpoint may be called like such a key
    const isByBreakpoint = entries.every(([key]) => ids.has(key));
    for (const [key, own] of entries) {
      if (WORDS.has(key) && !isByBreakpoint) continue;
      const found = look(own, Array.isArray(value) ? `${place}[${key}]` : place === '' ? key : `${place}.${key}`);
      if (found) return found;
    }
    return null;
  };
  const { breakpoints, grids, type, layouts } = spec;
  return look({ breakpoints, grids, type, layouts }, '');
}
