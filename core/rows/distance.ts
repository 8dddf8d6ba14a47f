import type Fraction from 'fraction.js';
import { baselineAt } from '../baseline/baseline-at';
import { type Px, ZERO } from '../length/px';
import { baseUnit } from '../spacing/scale';
import type { Breakpoint, Spec } from '../spec/schema';
import { type InRows, inRows } from './row-sum';
import { rowsAt } from './rows-at';

/** A distance between two points, counted in what the breakpoint's grids have. */
export type Distance = {
  px: Px;
  baseUnits: Fraction | null;
  rows: InRows | null;
  baselines: Fraction | null;
};

/**
 * A distance down a page in px, base units, rows with gaps, and baselines.
 *
 *     distanceDown(spec, phone, px(24))   // 3 base units of 8; 2 rows and 1 gap; 6 baselines of 4
 */
export function distanceDown(spec: Spec, breakpoint: Breakpoint, length: Px): Distance {
  const rows = rowsAt(spec, breakpoint);
  const baseline = baselineAt(spec, breakpoint);
  return {
    ...distanceAcross(spec, length),
    rows: rows && inRows(length, rows),
    baselines: baseline && baseline.step.compare(ZERO) > 0 ? length.div(baseline.step) : null,
  };
}

/** A distance across a page: px and base units. */
export function distanceAcross(spec: Spec, length: Px): Distance {
  const base = baseUnit(spec);
  return { px: length, baseUnits: base.equals(ZERO) ? null : length.div(base), rows: null, baselines: null };
}
