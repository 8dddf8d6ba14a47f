'use client';

import { useMemo } from 'react';
import { CartesianGrid, Legend, Line, LineChart, ReferenceLine, ResponsiveContainer, XAxis, YAxis } from 'recharts';
import { byWidth } from '../../core/spec/ranges';
import { corners } from '../../core/sweep/corners';
import type { Sweep } from '../../core/sweep/sweep';
import { useDraft } from '../draft/draft-context';
import { PLOT } from './plot';
import styles from './sweep.module.scss';

type Part = 'container' | 'marginStart' | 'column' | 'gutter';
type Props = { title: string; sweep: Sweep; lines: { part: Part; name: string; colour: string; dash?: string }[] };

const TICK = { fill: 'var(--soft)', fontSize: 11, fontFamily: 'var(--bs-font-monospace)' };

/** Lengths over viewport widths. Lines are drawn by their corners alone: a few points, whatever the range. */
export function LengthChart({ title, sweep, lines }: Props) {
  const breakpoints = useDraft((draft) => draft.document.breakpoints);
  const series = useMemo(
    () => lines.map((line) => ({ ...line, points: corners(sweep.from, sweep[line.part]) })),
    [lines, sweep],
  );
  return (
    <figure className={styles.chart}>
      <figcaption>{title}</figcaption>
      <ResponsiveContainer width="100%" height="100%">
        <LineChart margin={{ top: 4, right: PLOT.end, bottom: 0, left: 0 }} accessibilityLayer={false}>
          <CartesianGrid stroke="var(--line)" vertical={false} />
          <XAxis
            type="number"
            dataKey="width"
            domain={[sweep.from, sweep.to]}
            ticks={ticksOf(sweep)}
            tick={TICK}
            stroke="var(--soft)"
            height={20}
            allowDuplicatedCategory={false}
          />
          <YAxis width={PLOT.start} tick={TICK} stroke="var(--soft)" domain={[0, 'auto']} />
          {byWidth(breakpoints)
            .slice(1)
            .map(({ id, from }) => (
              <ReferenceLine key={id} x={from} stroke="var(--ink)" strokeWidth={1} strokeDasharray="1 3" />
            ))}
          {series.map(({ part, name, colour, dash, points }) => (
            <Line
              key={part}
              data={points}
              dataKey="value"
              name={name}
              stroke={colour}
              strokeWidth={1.75}
              strokeDasharray={dash}
              dot={false}
              isAnimationActive={false}
            />
          ))}
          <Legend
            verticalAlign="top"
            align="right"
            height={20}
            iconType="plainline"
            wrapperStyle={{ fontSize: 12, top: -18 }}
          />
        </LineChart>
      </ResponsiveContainer>
    </figure>
  );
}

function ticksOf({ from, to }: Sweep): number[] {
  const step = [20, 50, 100, 200, 400, 500, 1000].find((size) => (to - from) / size <= 12) ?? 2000;
  const first = Math.ceil(from / step) * step;
  return Array.from({ length: Math.floor((to - first) / step) + 1 }, (_, index) => first + index * step);
}
