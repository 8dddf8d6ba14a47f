'use client';

import { useDrag } from '@use-gesture/react';
import { useState } from 'react';
import { columnsAt, sumLine } from '../../core/columns/columns-at';
import { numeral } from '../../core/length/present';
import { breakpointAt, byWidth } from '../../core/spec/ranges';
import type { Spec } from '../../core/spec/schema';
import { Fractions } from '../drawing/numeral';
import { ScreenDrawing, screenScale } from '../drawing/screen-drawing';
import { Range } from '../parts/range';
import styles from './reading.module.scss';

const NARROWEST = 160;

/** The container in which a grid stands, as wide as its side is dragged to: its columns, its sum, the range that applies. */
export function Region({ spec }: { spec: Spec }) {
  const widest = Math.max(...spec.breakpoints.map(({ reference }) => reference.width));
  const [width, setWidth] = useState(byWidth(spec.breakpoints)[0]!.reference.width);
  const breakpoint = breakpointAt(spec, width);
  const to = (px: number): void => setWidth(Math.round(Math.min(widest, Math.max(NARROWEST, px))));
  const bind = useDrag(
    ({ movement: [x], first, memo }) => {
      const from = first || memo === undefined ? width : (memo as number);
      to(from + x / screenScale(widest));
      return from;
    },
    { axis: 'x', pointer: { keys: false } },
  );
  return (
    <section className={styles.section} aria-labelledby="region">
      <div className={styles.sectionHead}>
        <h2 id="region">The container at any width</h2>
        <span className="soft">drag its side, or use the slider</span>
      </div>
      <div className={styles.region}>
        <ScreenDrawing {...{ spec, breakpoint, width, widest }} />
        <span className={styles.side} {...bind()} />
      </div>
      <label className={styles.width}>
        Container width{' '}
        <Range min={NARROWEST} max={widest} value={width} onChange={({ target }) => to(Number(target.value))} />{' '}
        <output className="number">{width} px</output>
      </label>
      <p>
        {breakpoint.name}: <Fractions text={sumLine(columnsAt(spec, breakpoint, width), numeral)} />
      </p>
    </section>
  );
}
