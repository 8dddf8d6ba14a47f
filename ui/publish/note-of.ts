import type { Difference } from '../../core/diff/differences';
import { gridFirst } from '../../core/diff/grid-first';

/** So many changes are named; how many more there are is said. */
const MOST = 6;

/**
 * A text to start the note of an edition from: what was given anew since the last.
 *
 *     noteOf('1.0.0', differences)   // "Since 1.0.0: Gutter, Desktop (24 → 32); Columns, Phone (4 → 6)."
 */
export function noteOf(last: string | null, differences: readonly Difference[]): string {
  if (last === null) return '';
  const given = gridFirst(differences).filter(
    ({ follows, what }) => !follows && !what.startsWith('Names in') && !what.startsWith('grid.css'),
  );
  if (given.length === 0) return '';
  const said = given.slice(0, MOST).map(({ what, breakpoint, before, after }) => {
    const name = breakpoint ? `${what}, ${breakpoint}` : what;
    return `${name} (${before ?? 'new'} → ${after ?? 'gone'})`;
  });
  const more = given.length > MOST ? `; and ${given.length - MOST} more` : '';
  return `Since ${last}: ${said.join('; ')}${more}.`;
}
