import type { Placed } from '../../layouts/placements';
import type { AreaAcross } from './block-sums';
import type { Track } from './lane-sums';

/** Words that CSS keeps for itself, which name no area (CSS Grid Layout 1, 8.3; CSS Values 4, 4.2). */
const KEPT = new Set(['auto', 'span', 'none', 'inherit', 'initial', 'unset', 'revert', 'revert-layer', 'default']);

/** The name of a block’s area. */
export function areaName(id: string): string {
  return KEPT.has(id) ? `block-${id}` : id;
}

/** A block on the lines of a grid, from 0: columns and tracks, both up to and with the last. */
export type OnLines = { placed: Placed; across: AreaAcross; tracks: [number, number] };

/** Between which tracks a block stands: those of its lanes, or all. */
export function tracksFor({ lanes: [first, last], height }: Placed, tracks: readonly Track[]): [number, number] {
  if (height === 'section') return [0, tracks.length - 1];
  return [tracks.findIndex(({ lane }) => lane === first), tracks.findIndex(({ lane }) => lane === last)];
}

/** A picture of more lines than this shows nobody anything; then line numbers say it. */
const MOST_TRACKS = 100;

/**
 * A picture of a section in the names of its blocks, a line for each track; null where blocks lie on one another, which
 * areas cannot say, and where there are too many lines.
 */
export function areasOf(blocks: readonly OnLines[], tracks: number, columns: number): string[] | null {
  if (tracks > MOST_TRACKS) return null;
  const cells = Array.from({ length: tracks }, () => Array.from({ length: columns }, () => '.'));
  for (const {
    placed,
    across,
    tracks: [from, to],
  } of blocks) {
    for (let track = from; track <= to; track++) {
      for (let column = across.from; column <= across.to; column++) {
        const row = cells[track]!;
        if (row[column - 1] !== '.') return null;
        row[column - 1] = areaName(placed.block.id);
      }
    }
  }
  const widest = Math.max(1, ...cells.flat().map((name) => name.length));
  return cells.map(
    (row) =>
      `"${row
        .map((name) => name.padEnd(widest))
        .join(' ')
        .trimEnd()}"`,
  );
}
