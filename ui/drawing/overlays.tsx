import { memo } from 'react';
import { baselineAt, firstLine } from '../../core/baseline/baseline-at';
import { columnEdges, type SolvedColumns } from '../../core/columns/columns-at';
import { firstHead, rowsAt } from '../../core/rows/rows-at';
import { FrameAreas } from './frame-areas';
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
  /** Do rows and baselines lie on one another, too small to be told apart? */
  isCrowded?: boolean;
  /** The part of the height that is looked at, in px of the screen; lines outside of it are not drawn. */
  seenFrom?: number;
  seenTo?: number;
};

/** The diagonals that fill a row, in px of the window; rows that are lower than the least are too low for them. */
const HATCH = { apart: 6, thick: 1.3, least: 4.5 };

/** Baselines that are nearer to each other than this, in px of the window, run together: they are drawn as one tint. */
const TOO_DENSE = 3;

/** Below this scale, where rows and baselines lie on one another, fewer of them are drawn: all would run together. */
const SMALL = 0.4;
/** So far apart baselines are then, in px of the window. */
const APART = 10;

/** Rows as diagonals: bands and modules for as long as the page goes on, divided rows in the first screen. */
function RowOverlay({
  spec,
  breakpoint,
  width,
  height,
  id,
  ink,
  scale,
  isCrowded,
  seenFrom = 0,
  seenTo = height,
}: Lines) {
  const rows = rowsAt(spec, breakpoint, height);
  if (!rows) return null;
  const [band, gap, offset] = [rows.height.valueOf(), rows.gap.valueOf(), firstHead(rows).valueOf()];
  if (band <= 0) return null;
  const apart = HATCH.apart / scale;
  const isHatched = band * scale >= HATCH.least && !isCrowded;
  const opacity = ink.strength / 100;
  if ((band + gap) * scale < TOO_DENSE)
    return <Tint {...{ width, height, ink, from: offset, share: (opacity * band) / (band + gap) / 2 }} />;
  const bands = bars(width, band, band + gap, offset, rows.count, [seenFrom, seenTo]);
  return (
    <g opacity={opacity}>
      <path d={bands} fill={ink.colour} fillOpacity={isHatched ? 0.12 : isCrowded ? 0.3 : 0.55} />
      {isHatched && (
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
          <path d={bands} fill={`url(#hatch-${id})`} />
        </>
      )}
    </g>
  );
}

/** Baselines as thin lines. */
function BaselineOverlay({
  spec,
  breakpoint,
  width,
  height,
  ink,
  scale,
  isCrowded,
  seenFrom = 0,
  seenTo = height,
}: Lines) {
  const baseline = baselineAt(spec, breakpoint, height);
  if (!baseline) return null;
  const [own, offset] = [baseline.step.valueOf(), firstLine(baseline).valueOf()];
  if (own <= 0) return null;
  const every = isCrowded ? Math.max(1, Math.ceil(APART / (own * scale))) : 1;
  const step = own * every;
  const thick = Math.min(1 / scale, step / 4);
  const opacity = ink.strength / 100;
  if (step * scale < TOO_DENSE)
    return <Tint {...{ width, height, ink, from: offset, share: (opacity * thick) / step }} />;
  return (
    <path
      d={bars(width, thick, step, offset, Math.ceil(baseline.lines / every), [seenFrom, seenTo])}
      fill={ink.colour}
      opacity={opacity}
    >
      {every > 1 && <title>{`Each line is ${every} baselines: all of them would run together at this scale`}</title>}
    </path>
  );
}

/**
 * Bars one under the other, as far as they are seen, as a single path: a pattern would be rounded to whole px of the
 * window and drift.
 */
function bars(
  width: number,
  thick: number,
  period: number,
  from: number,
  count: number,
  [top, bottom]: [number, number],
): string {
  const first = Math.max(0, Math.floor((top - from) / period));
  const last = Math.min(count - 1, Math.ceil((bottom - from) / period));
  return Array.from({ length: Math.max(0, last - first + 1) }, (_, index) => {
    const y = from + (first + index) * period;
    return `M0 ${y}h${width}v${thick}h${-width}z`;
  }).join('');
}

type TintProps = { width: number; height: number; ink: OverlayInk; from: number; share: number };

/** What lines that are too fine to be told apart come to. */
function Tint({ width, height, ink, from, share }: TintProps) {
  return <rect y={from} width={width} height={Math.max(0, height - from)} fill={ink.colour} opacity={share} />;
}

type All = Omit<Lines, 'ink'> & {
  solved: SolvedColumns;
  shown: Record<'columns' | 'rows' | 'baseline', boolean>;
  inks: Record<'columns' | 'rows' | 'baseline', OverlayInk>;
};

/** Every overlay that is on. Moving the page does not draw it anew. */
export const Overlays = memo(function Overlays({ solved, shown, inks, ...others }: All) {
  const lines = { ...others, isCrowded: others.scale < SMALL && shown.rows && shown.baseline };
  return (
    <>
      {shown.columns && <ColumnOverlay solved={solved} height={lines.height} ink={inks.columns} />}
      {shown.rows && <RowOverlay {...lines} ink={inks.rows} />}
      {shown.baseline && <BaselineOverlay {...lines} ink={inks.baseline} />}
      <FrameAreas {...others} />
    </>
  );
});
