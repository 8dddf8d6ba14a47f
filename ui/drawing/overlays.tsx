import { memo } from 'react';
import { baselineAt, firstLine } from '../../core/baseline/baseline-at';
import { columnEdges, type SolvedColumns } from '../../core/columns/columns-at';
import { firstHead, rowsAt } from '../../core/rows/rows-at';
import { FrameAreas } from './frame-areas';
import { GuideOverlay, MeshOverlay } from './beside-grids';
import { inksOf, isOutlined, type OverlayId } from '../../core/overlay/inks';
import type { Breakpoint, OverlayInk, Spec } from '../../core/spec/schema';

type Columns = { solved: SolvedColumns; height: number; ink: OverlayInk; scale: number; isOutlined: boolean };

/** Columns as flat tints or as outlines, over the whole height of a screen. Drawn in px of that screen. */
export function ColumnOverlay({ solved, height, ink, scale, isOutlined }: Columns) {
  const opacity = ink.strength / 100;
  const line = isOutlined ? 1 / scale : 0;
  const paint = isOutlined
    ? { fill: 'none', stroke: ink.colour, strokeOpacity: outlineStrength(opacity), strokeWidth: line }
    : { fill: ink.colour, fillOpacity: opacity };
  return (
    <g {...paint}>
      {columnEdges(solved).map(([start, end], index) => (
        <rect
          key={index}
          x={start.valueOf() + line / 2}
          y={line / 2}
          width={Math.max(0, end.sub(start).valueOf() - line)}
          height={Math.max(0, height - line)}
        />
      ))}
    </g>
  );
}

/** A line is thinner than a tint, and stronger for it. */
function outlineStrength(opacity: number): number {
  return Math.min(1, opacity * 2);
}

type Lines = {
  spec: Spec;
  breakpoint: Breakpoint;
  width: number;
  height: number;
  id: string;
  ink: OverlayInk;
  isOutlined: boolean;
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
  isOutlined,
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
  if (isOutlined)
    return (
      <path
        d={bands}
        fill="none"
        stroke={ink.colour}
        strokeOpacity={outlineStrength(opacity)}
        strokeWidth={1 / scale}
      />
    );
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

type All = Omit<Lines, 'ink' | 'isOutlined'> & {
  solved: SolvedColumns;
  shown: Partial<Record<OverlayId, boolean>>;
};

/** Every overlay that is on, in the specification’s inks. Moving the page does not draw it anew. */
export const Overlays = memo(function Overlays({ solved, shown, ...others }: All) {
  const { spec, breakpoint, width, height, scale, id } = others;
  const inks = inksOf(spec);
  const lines = {
    ...others,
    isOutlined: isOutlined(spec),
    isCrowded: scale < SMALL && Boolean(shown.rows && shown.baseline),
  };
  const page = { spec, breakpoint, width, height, scale };
  return (
    <>
      {shown.mesh && <MeshOverlay {...page} solved={solved} id={id} ink={inks.mesh} />}
      {shown.columns && <ColumnOverlay {...lines} solved={solved} ink={inks.columns} />}
      {shown.rows && <RowOverlay {...lines} ink={inks.rows} />}
      {shown.baseline && <BaselineOverlay {...lines} ink={inks.baseline} />}
      {shown.guides && <GuideOverlay {...page} ink={inks.guides} />}
      <FrameAreas {...page} />
    </>
  );
});
