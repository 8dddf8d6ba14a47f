import { columnEdges, type SolvedColumns } from '../../core/columns/columns-at';
import { lengthOf } from '../../core/length/length-value';
import { toPx } from '../../core/length/resolve';
import { screenOf } from '../../core/spec/ranges';
import type { Breakpoint, Spec } from '../../core/spec/schema';

/** Columns as flat tints, over the whole height of a screen. Drawn in px of that screen. */
export function ColumnOverlay({ solved, height }: { solved: SolvedColumns; height: number }) {
  return (
    <g fill="var(--plum-tint)" fillOpacity={0.62}>
      {columnEdges(solved).map(([start, end], index) => (
        <rect key={index} x={start.valueOf()} width={Math.max(0, end.sub(start).valueOf())} height={height} />
      ))}
    </g>
  );
}

type Lines = { spec: Spec; breakpoint: Breakpoint; width: number; height: number; id: string };

/** Bands from the top as amber diagonals. */
export function RowOverlay({ spec, breakpoint, width, height, id }: Lines) {
  const { rows } = breakpoint;
  if (rows?.rule !== 'repeat') return null;
  const [band, gap, offset] = [rows.height, rows.gap, rows.offset].map((length) =>
    toPx(lengthOf(length), screenOf(spec, breakpoint), 'height').valueOf(),
  ) as [number, number, number];
  if (band + gap <= 0) return null;
  const step = band / 2;
  return (
    <>
      <pattern id={`rows-${id}`} patternUnits="userSpaceOnUse" width={band} height={band + gap} y={offset}>
        <path
          d={`M0 ${band} ${band} 0M${-step / 2} ${step} ${step} ${-step / 2}M${step} ${band + step / 2} ${band + step / 2} ${step}`}
          stroke="var(--amber-tint)"
          strokeWidth={Math.max(0.8, band / 8)}
        />
      </pattern>
      <rect y={offset} width={width} height={Math.max(0, height - offset)} fill={`url(#rows-${id})`} opacity={0.6} />
    </>
  );
}

/** Baselines as thin teal lines. */
export function BaselineOverlay({ spec, breakpoint, width, height, id }: Lines) {
  const { baseline } = breakpoint;
  if (!baseline) return null;
  const [step, offset] = [baseline.step, baseline.offset].map((length) =>
    toPx(lengthOf(length), screenOf(spec, breakpoint), 'height').valueOf(),
  ) as [number, number];
  if (step <= 0) return null;
  return (
    <>
      <pattern id={`baseline-${id}`} patternUnits="userSpaceOnUse" width={100} height={step} y={offset}>
        <path d="M0 0H100" stroke="var(--teal-tint)" strokeWidth={1} />
      </pattern>
      <rect width={width} height={height} fill={`url(#baseline-${id})`} opacity={0.7} />
    </>
  );
}
