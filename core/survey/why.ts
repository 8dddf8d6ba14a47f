import { inSeries } from '../length/present';
import type { FoundGrid } from './find-grids';

/** Why a found grid stands before the next: what it explains more, or takes less to say. */
export function whyBefore(grid: FoundGrid, next: FoundGrid | undefined): string {
  if (!next) return 'No other grid explains these edges better than chance.';
  const named = `${next.count} columns with a gutter of ${rounded(next.gutter)}`;
  const points = Math.round((grid.explained - next.explained) * 100);
  if (points >= 1) return `It explains ${points} in 100 more than ${named}.`;
  if (next.count > grid.count) return `It explains as much as ${named}, with ${next.count - grid.count} fewer columns.`;
  if (isEven(grid) && !isEven(next)) return `It explains as much as ${named}, with equal margins.`;
  return `Its lines are closer to the edges than those of ${named}.`;
}

/** How far one can rely on the first of the grids that were found; which counts fit as well is told beside it. */
export function surenessText({ isSure, alsoFits }: Pick<FoundGrid, 'isSure' | 'alsoFits'>): string {
  if (!isSure) return 'Other grids come close, or few edges confirm it: check it against the screen.';
  return alsoFits.length === 0 ? 'No other grid comes close.' : 'No other margins or gutter come close.';
}

/** Which counts fit as well; empty where none does. */
export function alsoFitsText({ alsoFits }: Pick<FoundGrid, 'alsoFits'>): string {
  if (alsoFits.length === 0) return '';
  const named = inSeries(alsoFits.map(String), 'or');
  return `${named} columns match these edges just as well; the screens don’t show which was meant.`;
}

function isEven({ start, end, width }: FoundGrid): boolean {
  return Math.abs(start - (width - end)) <= 1;
}

function rounded(length: number): number {
  return Math.round(length * 100) / 100;
}
