import { columnEdges, columnsAt } from '../../core/columns/columns-at';
import { type Family, inksOf } from '../../core/overlay/inks';
import { baselineBars } from '../../core/overlay/baseline-bars';
import { baselineAt } from '../../core/baseline/baseline-at';
import { rowEdges, rowsAt } from '../../core/rows/rows-at';
import { breakpointAt } from '../../core/spec/ranges';
import type { SolvedLayout } from '../../core/layouts/solve-layout';
import type { Spec } from '../../core/spec/schema';
import { type Bar, cardBars } from './card-bars';

const ID = 'ypsiline-overlay';

/**
 * Lays the overlays that are on over a page in a frame, at its width, those of cards too; it is an image, and no part of
 * what is measured.
 */
export function layOverlays(page: Document, spec: Spec, solved: SolvedLayout, shown: Record<Family, boolean>): void {
  const [width, height] = [solved.width.valueOf(), solved.height.valueOf()];
  const inks = inksOf(spec);
  const bars = [...pageBars(spec, width, height, shown), ...cardBars(solved.blocks, shown)].map(
    ({ family, x, y, width: wide, height: high }) =>
      `<rect x="${x}" y="${y}" width="${wide}" height="${high}" fill="${inks[family].colour}" fill-opacity="${inks[family].strength / 100}"/>`,
  );
  const svg = `<svg xmlns="http://www.w3.org/2000/svg" width="${width}" height="${height}">${bars.join('')}</svg>`;
  const over = page.getElementById(ID) ?? page.body.appendChild(page.createElement('div'));
  over.id = ID;
  over.style.cssText = `position:absolute;inset:0 0 auto 0;block-size:${height}px;pointer-events:none;background:url("data:image/svg+xml,${encodeURIComponent(svg)}") no-repeat;`;
}

/** No page has more baselines in sight than this. */
const MOST_LINES = 4000;

/** Columns, rows and baselines of the page itself. */
function pageBars(spec: Spec, width: number, height: number, shown: Record<Family, boolean>): Bar[] {
  const breakpoint = breakpointAt(spec, width);
  const columns = shown.columns ? columnEdges(columnsAt(spec, breakpoint, width)) : [];
  const rows = shown.rows ? rowsAt(spec, breakpoint, height, width) : null;
  const lines = shown.baseline ? baselineAt(spec, breakpoint, height, width) : null;
  return [
    ...columns.map(([from, to]): Bar => {
      const x = from.valueOf();
      return { family: 'columns', x, y: 0, width: Math.max(0, to.valueOf() - x), height };
    }),
    ...(rows ? rowEdges(rows) : []).map(([from, to]): Bar => {
      const y = from.valueOf();
      return { family: 'rows', x: 0, y, width, height: Math.max(0, to.valueOf() - y) };
    }),
    ...(lines ? baselineBars(lines, MOST_LINES) : []).map(([y, foot]): Bar => ({
      family: 'baseline',
      x: 0,
      y,
      width,
      height: foot - y,
    })),
  ];
}
