'use client';

import { memo } from 'react';
import { CartesianGrid, Legend, Line, LineChart, ReferenceLine, ResponsiveContainer, XAxis, YAxis } from 'recharts';
import { CHART_TICK } from '../drawing/chart-tick';
import { byWidth } from '../../core/spec/ranges';
import type { Corner } from '../../core/sweep/corners';
import type { Sweep } from '../../core/sweep/sweep';
import { useDraft } from '../draft/draft-context';
import { PLOT } from './plot';
import styles from './sweep.module.scss';

/** A line of a chart, by its points. */
export type ChartLine = { name: string; points: Corner[]; colour: string; dash?: string };

type Props = {
  title: string;
  range: Pick<Sweep, 'from' | 'to'>;
  lines: ChartLine[];
  /** Values between which the lines should stay. */
  bounds?: number[];
};

const NONE: number[] = [];

/** Lengths, or counts, over viewport widths. Lines are drawn by a few points, whatever the range. */
export const LengthChart = memo(function LengthChart({ title, range, lines, bounds = NONE }: Props) {
  const breakpoints = useDraft((draft) => draft.document.breakpoints);
  return (
    <figure className={styles.chart}>
      <figcaption>{title}</figcaption>
      <ResponsiveContainer width="100%" height="100%">
        <LineChart margin={{ top: 4, right: PLOT.end, bottom: 0, left: 0 }} accessibilityLayer={false}>
          <CartesianGrid stroke="var(--line)" vertical={false} />
          <XAxis
            type="number"
            dataKey="width"
            domain={[range.from, range.to]}
            ticks={ticksOf(range)}
            tick={CHART_TICK}
            stroke="var(--soft)"
            height={20}
            allowDuplicatedCategory={false}
          />
          <YAxis width={PLOT.start} tick={CHART_TICK} stroke="var(--soft)" domain={[0, 'auto']} />
          {byWidth(breakpoints)
            .slice(1)
            .map(({ id, from }) => (
              <ReferenceLine key={id} x={from} stroke="var(--ink)" strokeWidth={1} strokeDasharray="1 3" />
            ))}
          {bounds.map((bound) => (
            <ReferenceLine key={bound} y={bound} stroke="var(--amber-tint)" strokeDasharray="4 3" />
          ))}
          {lines.map(({ name, colour, dash, points }) => (
            <Line
              key={name}
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
});

function ticksOf({ from, to }: Props['range']): number[] {
  const step = [20, 50, 100, 200, 400, 500, 1000].find((size) => (to - from) / size <= 12) ?? 2000;
  const first = Math.ceil(from / step) * step;
  return Array.from({ length: Math.floor((to - first) / step) + 1 }, (_, index) => first + index * step);
}
