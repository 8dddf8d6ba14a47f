import { baselineAt } from '../../baseline/baseline-at';
import { columnEdges, columnsAt } from '../../columns/columns-at';
import { type Bar, bars } from '../../overlay/bars';
import { baselineBars } from '../../overlay/baseline-bars';
import { inksOf } from '../../overlay/inks';
import { rowsAt } from '../../rows/rows-at';
import type { Breakpoint, OverlayInk, Spec } from '../../spec/schema';
import { escaped } from '../../text/markup';

/** A kind of line with its ink, where it stands: columns across, rows and baselines down. */
type Kind = { id: 'columns' | 'rows' | 'baseline'; ink: OverlayInk; edges: Bar[] };

/** In which direction a page is read: its start is at the left, or at the right. */
export type Direction = 'ltr' | 'rtl';

/** Bars from the start of a page, as they stand from its left edge. */
function mirrored(edges: Bar[], width: number, direction: Direction): Bar[] {
  return direction === 'ltr' ? edges : edges.map(([from, to]): Bar => [width - to, width - from]).reverse();
}

/** What is drawn of a breakpoint at its reference width: columns, rows and baselines, as far as it has them. */
function kindsOf(spec: Spec, breakpoint: Breakpoint, height: number, direction: Direction = 'ltr'): Kind[] {
  const inks = inksOf(spec);
  const rows = rowsAt(spec, breakpoint, height);
  const baseline = baselineAt(spec, breakpoint, height);
  const kinds: Kind[] = [
    {
      id: 'columns',
      ink: inks.columns,
      edges: mirrored(
        columnEdges(columnsAt(spec, breakpoint)).map(([from, to]): Bar => [from.valueOf(), to.valueOf()]),
        breakpoint.reference.width,
        direction,
      ),
    },
    {
      id: 'rows',
      ink: inks.rows,
      edges: rows ? bars({ ...rows, first: rows.offset, step: rows.height.add(rows.gap) }) : [],
    },
    { id: 'baseline', ink: inks.baseline, edges: baseline ? baselineBars(baseline) : [] },
  ];
  return kinds.map((kind) => ({ ...kind, edges: kind.edges.filter(([from, to]) => to > from) }));
}

/**
 * The grids of a breakpoint as a drawing at its reference size, transparent, to be laid over a page in any drawing program. Groups are named
 * `columns`, `rows`, `baseline`; each is there a second time with its edges on whole px (`columns-snapped`, …), hidden.
 *
 * @param height of the drawing in px, by default that of the screen; rows and baselines go on to the foot
 * @param direction right to left: columns are counted from the right edge
 */
export function overlaySvg(
  spec: Spec,
  breakpoint: Breakpoint,
  {
    height = breakpoint.reference.height,
    direction = 'ltr',
  }: { height?: number | undefined; direction?: Direction } = {},
): string {
  const { width } = breakpoint.reference;
  const kinds = kindsOf(spec, breakpoint, height, direction);
  const layers = [
    ...kinds.map((kind) => layer(kind, kind.id, width, height)),
    ...kinds.map((kind) => layer(onWhole(kind), `${kind.id}-snapped`, width, height, true)),
  ];
  return drawing(`${spec.name}, ${breakpoint.name}`, width, height, layers);
}

/**
 * The same for a picture with so many pixels to a px: every edge on a whole pixel, so that none is blurred.
 *
 *     overlayPixels(spec, phone, 2)   // 824 × 1830, columns from pixel 40
 */
export function overlayPixels(spec: Spec, breakpoint: Breakpoint, density: number): string {
  const { height } = breakpoint.reference;
  const [wide, high] = pixelSize(breakpoint, density);
  const layers = kindsOf(spec, breakpoint, height).map((kind) => layer(onWhole(kind, density), kind.id, wide, high));
  // a picture shows no title: grids that are alike are one picture, whatever they are called
  return drawing(null, wide, high, layers);
}

/** Width and height of a picture in pixels. */
export function pixelSize(
  { reference: { width, height } }: Breakpoint,
  density: number,
): [width: number, height: number] {
  return [Math.round(width * density), Math.round(height * density)];
}

function drawing(title: string | null, width: number, height: number, layers: readonly string[]): string {
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${width}" height="${height}" viewBox="0 0 ${width} ${height}">${title === null ? '' : `\n<title>${escaped(title)}</title>`}
${layers.filter((part) => part !== '').join('\n')}
</svg>
`;
}

function layer({ id, ink, edges }: Kind, name: string, width: number, height: number, isHidden = false): string {
  if (edges.length === 0) return '';
  const title = name.replace('-', ', ');
  // columns are a shape each, so that they can be picked one by one; of rows there may be thousands, and they are one
  const shapes =
    id === 'columns'
      ? edges.map(([from, to]) => `<rect x="${written(from)}" width="${written(to - from)}" height="${height}"/>`)
      : [`<path d="${edges.map(([from, to]) => `M0 ${written(from)}h${width}v${written(to - from)}H0z`).join('')}"/>`];
  return `<g id="${name}" fill="${ink.colour}" fill-opacity="${ink.strength / 100}"${isHidden ? ' display="none"' : ''}><title>${title}</title>${shapes.join('')}</g>`;
}

/** Edges on whole pixels, half up, of which a px has so many. A baseline stays as thick as it is, wherever its place comes to. */
function onWhole(kind: Kind, density = 1): Kind {
  const whole = (edge: number): number => Math.floor(edge * density + 0.5);
  const snapped = ([from, to]: Bar): Bar => [
    whole(from),
    kind.id === 'baseline' ? whole(from) + whole(to - from) : whole(to),
  ];
  return { ...kind, edges: kind.edges.map(snapped).filter(([from, to]) => to > from) };
}

/** At most four places, no trailing zeros. */
function written(length: number): string {
  return String(Number(length.toFixed(4)));
}
