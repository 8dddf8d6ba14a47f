import { baselineAt } from '../baseline/baseline-at';
import { columnEdges, columnsAt } from '../columns/columns-at';
import { decimal } from '../length/present';
import { type Px, px, roundHalfUp } from '../length/px';
import { inksOf } from '../overlay/inks';
import { rowEdges, rowsAt } from '../rows/rows-at';
import type { Breakpoint, OverlayInk, Spec } from '../spec/schema';

/**
 * The grids of a breakpoint as a drawing at its reference size, transparent, to be laid over a page in any drawing program. Groups are named
 * `columns`, `rows`, `baseline`; each is there a second time with its edges on whole px (`columns-snapped`, …), hidden.
 *
 * @param height of the drawing in px, by default that of the screen; rows and baselines go on to the foot
 */
export function overlaySvg(spec: Spec, breakpoint: Breakpoint, height = breakpoint.reference.height): string {
  const { width } = breakpoint.reference;
  const inks = inksOf(spec);
  const solved = columnsAt(spec, breakpoint);
  const rows = rowsAt(spec, breakpoint, height);
  const baseline = baselineAt(spec, breakpoint, height);
  const bars = columnEdges(solved);
  const bands = rows ? rowEdges(rows) : [];
  const lines = baseline
    ? Array.from({ length: baseline.lines }, (_, index) => baseline.offset.add(baseline.step.mul(index)))
    : [];
  const layers = [
    layer('columns', inks.columns, vertical(bars, height)),
    layer('rows', inks.rows, horizontal(bands, width)),
    layer('baseline', inks.baseline, hairlines(lines, width)),
    layer('columns-snapped', inks.columns, vertical(bars.map(snapped), height), true),
    layer('rows-snapped', inks.rows, horizontal(bands.map(snapped), width), true),
    layer('baseline-snapped', inks.baseline, hairlines(lines.map(roundHalfUp), width), true),
  ].filter((part) => part !== '');
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${width}" height="${height}" viewBox="0 0 ${width} ${height}">
<title>${escaped(`${spec.name}, ${breakpoint.name}`)}</title>
${layers.join('\n')}
</svg>
`;
}

type Edges = [Px, Px];

function layer(id: string, { colour, strength }: OverlayInk, path: string, isHidden = false): string {
  if (path === '') return '';
  const title = id.replace('-', ', ');
  return `<g id="${id}" fill="${colour}" fill-opacity="${strength / 100}"${isHidden ? ' display="none"' : ''}><title>${title}</title>${path}</g>`;
}

/** Columns are a shape each, so that they can be picked one by one. */
function vertical(bars: readonly Edges[], height: number): string {
  return bars
    .filter(([start, end]) => end.compare(start) > 0)
    .map(([start, end]) => `<rect x="${decimal(start)}" width="${decimal(end.sub(start))}" height="${height}"/>`)
    .join('');
}

/** There may be thousands of rows: they are one shape. */
function horizontal(bands: readonly Edges[], width: number): string {
  const parts = bands
    .filter(([top, foot]) => foot.compare(top) > 0)
    .map(([top, foot]) => `M0 ${decimal(top)}h${width}v${decimal(foot.sub(top))}H0z`);
  return parts.length === 0 ? '' : `<path d="${parts.join('')}"/>`;
}

/** A baseline is 1 px thick, and its place is its foot. */
function hairlines(lines: readonly Px[], width: number): string {
  if (lines.length === 0) return '';
  const parts = lines.map((line) => `M0 ${decimal(line.sub(px(1)))}h${width}v1H0z`);
  return `<path d="${parts.join('')}"/>`;
}

function snapped([from, to]: Edges): Edges {
  return [roundHalfUp(from), roundHalfUp(to)];
}

function escaped(text: string): string {
  return text.replace(/[&<>"]/g, (letter) => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' })[letter]!);
}
