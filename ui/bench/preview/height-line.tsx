'use client';

import { numeral, spoken } from '../../../core/length/present';
import { isWhole, ZERO } from '../../../core/length/px';
import { type RowSum, rowLine, rowSumAt } from '../../../core/rows/row-sum';
import type { Breakpoint, Spec } from '../../../core/spec/schema';
import { type Stands, SumPart } from './sum-part';
import styles from './preview.module.scss';

/** The sum of heights as a bar and as an equation: how many rows fit into the page, and what is left over. */
export function HeightLine({ spec, breakpoint, page }: { spec: Spec; breakpoint: Breakpoint; page: number }) {
  const sum = rowSumAt(spec, breakpoint, page);
  if (!sum) return null;
  return (
    <SumPart
      label="Sum of heights"
      bar={<HeightBar sum={sum} />}
      line={rowLine(sum, numeral)}
      stands={stands(sum)}
      verdict={verdict(sum)}
    />
  );
}

function stands({ left, height }: RowSum): Stands {
  if (left.compare(ZERO) < 0 || height.compare(ZERO) <= 0) return 'off';
  return isWhole(height) ? 'fine' : 'between';
}

function verdict({ whole, begin, left, height }: RowSum): string {
  if (height.compare(ZERO) <= 0) return 'no space left for rows';
  if (left.compare(ZERO) < 0) return `${spoken(left.neg())} px over the page height`;
  const rows = `${whole} ${whole === 1 ? 'row fits' : 'rows fit'}`;
  const cut = begin > whole ? ', one more is cut off' : '';
  const rest = left.equals(ZERO) ? ', nothing left' : cut || `, ${numeral(left)} px left`;
  return `${rows}${rest}${isWhole(height) ? '' : ', not whole'}`;
}

function HeightBar({ sum: { top, whole, height, gap, bottom, page } }: { sum: RowSum }) {
  const [band, period] = [Math.max(0, height.valueOf()), height.add(gap).valueOf()];
  const total = Math.max(page.valueOf(), 1);
  return (
    <svg className={styles.bar} viewBox={`0 0 ${total} 10`} preserveAspectRatio="none" aria-hidden="true">
      <rect width={total} height="10" data-part="margin" />
      {period > 0 && whole > 0 && (
        <>
          <pattern id="height-bar" patternUnits="userSpaceOnUse" width={period} height="10" x={top.valueOf()}>
            <rect width={period} height="10" fill="var(--paper)" />
            <rect width={band} height="10" fill="var(--amber-tint)" />
          </pattern>
          <rect
            x={top.valueOf()}
            width={Math.max(0, whole * period - gap.valueOf())}
            height="10"
            fill="url(#height-bar)"
          />
        </>
      )}
      {bottom.compare(ZERO) > 0 && (
        <rect x={total - bottom.valueOf()} width={bottom.valueOf()} height="10" data-part="margin" />
      )}
    </svg>
  );
}
