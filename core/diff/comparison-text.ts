import type { Difference } from './differences';
import type { Effect } from './effects';

/** A difference as one line. */
function lineOf({ breakpoint, what, before, after, bump }: Difference): string {
  return `${breakpoint ?? 'All'}, ${what}: ${before ?? 'nothing'} → ${after ?? 'nothing'} (${bump})`;
}

/**
 * A comparison as text, for a message or a commit: what was given, what follows from it, what it comes to.
 *
 *     comparisonText('1.0.0', 'draft', differences, effects)   // "1.0.0 → draft\n\nGiven\nDesktop, Gutter: 24 → 32 (minor)\n…"
 */
export function comparisonText(
  before: string,
  after: string,
  differences: readonly Difference[],
  effects: readonly Effect[],
): string {
  const parts = [
    { title: 'Changed', lines: differences.filter(({ follows }) => !follows).map(lineOf) },
    { title: 'Calculated', lines: differences.filter(({ follows }) => follows).map(lineOf) },
    {
      title: 'Result',
      lines: effects.map(
        (each) =>
          `${each.table}, ${each.row}, ${each.column}: ${each.before ?? 'nothing'} → ${each.after ?? 'nothing'}`,
      ),
    },
  ].filter(({ lines }) => lines.length > 0);
  if (parts.length === 0) return `${before} and ${after} are the same.\n`;
  return `${before} → ${after}\n\n${parts.map(({ title, lines }) => `${title}\n${lines.join('\n')}`).join('\n\n')}\n`;
}
