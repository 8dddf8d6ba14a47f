import { columnEdges, columnsAt } from '../../core/columns/columns-at';
import { inksOf } from '../../core/overlay/inks';
import type { Family } from '../../core/overlay/inks';
import { baselineAt } from '../../core/baseline/baseline-at';
import { rowEdges, rowsAt } from '../../core/rows/rows-at';
import { breakpointAt } from '../../core/spec/ranges';
import type { Spec } from '../../core/spec/schema';

const ID = 'ypsiline-overlay';

/** Lays the overlays that are on over a page in a frame, at its width; it is an image, and no part of what is measured. */
export function gridCssOverlay(
  page: Document,
  spec: Spec,
  width: number,
  height: number,
  shown: Record<Family, boolean>,
): void {
  const breakpoint = breakpointAt(spec, width);
  const inks = inksOf(spec);
  const bar = (family: Family, x: number, y: number, wide: number, high: number): string =>
    `<rect x="${x}" y="${y}" width="${Math.max(0, wide)}" height="${Math.max(0, high)}" fill="${inks[family].colour}" fill-opacity="${inks[family].strength / 100}"/>`;
  const rows = shown.rows ? rowsAt(spec, breakpoint, height, width) : null;
  const lines = shown.baseline ? baselineAt(spec, breakpoint, height, width) : null;
  const bars = [
    ...(shown.columns
      ? columnEdges(columnsAt(spec, breakpoint, width)).map(([from, to]) =>
          bar('columns', from.valueOf(), 0, to.valueOf() - from.valueOf(), height),
        )
      : []),
    ...(rows
      ? rowEdges(rows).map(([from, to]) => bar('rows', 0, from.valueOf(), width, to.valueOf() - from.valueOf()))
      : []),
    ...(lines && lines.step.valueOf() > 0
      ? Array.from({ length: Math.min(4000, lines.lines) }, (_, line) =>
          bar('baseline', 0, lines.offset.valueOf() + line * lines.step.valueOf(), width, 1),
        )
      : []),
  ];
  const svg = `<svg xmlns="http://www.w3.org/2000/svg" width="${width}" height="${height}">${bars.join('')}</svg>`;
  const over = page.getElementById(ID) ?? page.body.appendChild(page.createElement('div'));
  over.id = ID;
  over.style.cssText = `position:absolute;inset:0 0 auto 0;block-size:${height}px;pointer-events:none;background:url("data:image/svg+xml,${encodeURIComponent(svg)}") no-repeat;`;
}
