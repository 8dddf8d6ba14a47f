import type { SolvedBaseline } from '../baseline/baseline-at';
import { columnEdges, type SolvedColumns } from '../columns/columns-at';
import { type Px, px, roundHalfUp, ZERO } from '../length/px';
import type { SolvedRows } from './rows-at';

/** The nearest of some edges to a length, if one lies within reach; otherwise the nearest whole px. */
function nearest(at: Px, edges: Px[], reach: Px): Px {
  const found = edges.reduce<Px | null>(
    (best, edge) => (best === null || edge.sub(at).abs().compare(best.sub(at).abs()) < 0 ? edge : best),
    null,
  );
  return found && found.sub(at).abs().compare(reach) <= 0 ? found : roundHalfUp(at);
}

/** A place across the screen, drawn to the nearest column edge or screen edge within reach. */
export function snapAcross(at: Px, columns: SolvedColumns, reach: Px): Px {
  return nearest(at, [ZERO, columns.viewport, ...columnEdges(columns).flat()], reach);
}

/**
 * A place down the page, drawn to the nearest row edge, baseline or page edge within reach.
 *
 *     snapDown(px(23), { rows: bands, baseline: null, page: px(844) }, px(4))   // 24
 */
export function snapDown(
  at: Px,
  { rows, baseline, page }: { rows: SolvedRows | null; baseline: SolvedBaseline | null; page: Px },
  reach: Px,
): Px {
  return nearest(
    at,
    [ZERO, page, ...(rows ? rowEdgesAround(rows, at) : []), ...(baseline ? linesAround(baseline, at) : [])],
    reach,
  );
}

function rowEdgesAround({ height, gap, offset, count }: SolvedRows, at: Px): Px[] {
  const step = height.add(gap);
  if (step.compare(ZERO) <= 0) return [];
  const index = Math.min(count - 1, Math.max(0, at.sub(offset).div(step).floor().valueOf()));
  return [index, index + 1]
    .filter((row) => row < count)
    .flatMap((row) => {
      const top = offset.add(step.mul(row));
      return [top, top.add(height)];
    });
}

function linesAround({ step, offset }: SolvedBaseline, at: Px): Px[] {
  if (step.compare(ZERO) <= 0) return [];
  const line = offset.add(step.mul(roundHalfUp(at.sub(offset).div(step))));
  return line.compare(px(0)) < 0 ? [] : [line];
}
