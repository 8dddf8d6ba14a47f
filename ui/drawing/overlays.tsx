import { memo } from 'react';
import { baselineAt } from '../../core/baseline/baseline-at';
import { columnEdges, type SolvedColumns } from '../../core/columns/columns-at';
import { rowsAt } from '../../core/rows/rows-at';
import type { Breakpoint, OverlayInk, Spec } from '../../core/spec/schema';

/** Columns as flat tints, over the whole height of a screen. Drawn in px of that screen. */
function ColumnOverlay({ solved, height, ink }: { solved: SolvedColumns; height: number; ink: OverlayInk }) {
  return (
    <g fill={ink.colour} fillOpacity={ink.strength / 100}>
      {columnEdges(solved).map(([start, end], index) => (
        <rect key={index} x={start.valueOf()} width={Math.max(0, end.sub(start).valueOf())} height={height} />
      ))}
    </g>
  );
}

type Lines = {
  spec: Spec;
  breakpoint: Breakpoint;
  width: number;
  height: number;
  id: string;
  ink: OverlayInk;
  /** px of the window for each px of the screen: diagonals and lines are as thin at every zoom. */
  scale: number;
};

/** The diagonals that fill a row, in px of the window; rows that are lower than the least are too low for them. */
const HATCH = { apart: 6, thick: 1.3, least: 4.5 };

/** Rows as diagonals: bands and modules for as long as the page goes on, divided rows in the first screen. */
function RowOverlay({ spec, breakpoint, width, height, id, ink, scale }: Lines) {
  const rows = rowsAt(spec, breakpoint);
  if (!rows) return null;
  const [band, gap, offset] = [rows.height.valueOf(), rows.gap.valueOf(), rows.offset.valueOf()];
  if (band <= 0 || band + gap <= 0) return null;
  const apart = HATCH.apart / scale;
  const isHatched = band * scale >= HATCH.least;
  const until = rows.rule === 'divide' ? offset + rows.count * (band + gap) - gap : height;
  return (
    <>
      <pattern
        id={`hatch-${id}`}
        patternUnits="userSpaceOnUse"
        width={apart}
        height={apart}
        patternTransform="rotate(-45)"
      >
        <path d={`M0 ${apart / 2}H${apart}`} stroke={ink.colour} strokeWidth={HATCH.thick / scale} />
      </pattern>
      <pattern id={`rows-${id}`} patternUnits="userSpaceOnUse" width={width} height={band + gap} y={offset}>
        {isHatched && <rect width={width} height={band} fill={`url(#hatch-${id})`} />}
        <rect width={width} height={band} fill={ink.colour} fillOpacity={isHatched ? 0.12 : 0.55} />
      </pattern>
      <rect
        y={offset}
        width={width}
        height={Math.max(0, Math.min(until, height) - offset)}
        fill={`url(#rows-${id})`}
        opacity={ink.strength / 100}
      />
    </>
  );
}

/** Baselines as thin lines. */
function BaselineOverlay({ spec, breakpoint, width, height, id, ink, scale }: Lines) {
  const baseline = baselineAt(spec, breakpoint);
  if (!baseline) return null;
  const [step, offset] = [baseline.step.valueOf(), baseline.offset.valueOf()];
  if (step <= 0) return null;
  return (
    <>
      <pattern id={`baseline-${id}`} patternUnits="userSpaceOnUse" width={width} height={step} y={offset}>
        <rect width={width} height={Math.min(1 / scale, step / 4)} fill={ink.colour} />
      </pattern>
      <rect
        y={offset}
        width={width}
        height={Math.max(0, height - offset)}
        fill={`url(#baseline-${id})`}
        opacity={ink.strength / 100}
      />
    </>
  );
}

type All = Omit<Lines, 'ink'> & {
  solved: SolvedColumns;
  shown: Record<'columns' | 'rows' | 'baseline', boolean>;
  inks: Record<'columns' | 'rows' | 'baseline', OverlayInk>;
};

/** Every overlay that is on. Moving the page does not draw it anew. */
export const Overlays = memo(function Overlays({ solved, shown, inks, ...lines }: All) {
  return (
    <>
      {shown.columns && <ColumnOverlay solved={solved} height={lines.height} ink={inks.columns} />}
      {shown.rows && <RowOverlay {...lines} ink={inks.rows} />}
      {shown.baseline && <BaselineOverlay {...lines} ink={inks.baseline} />}
    </>
  );
});
