import { baselineAt } from '../../baseline/baseline-at';
import { columnEdges, columnsAt } from '../../columns/columns-at';
import { type Bar, bars } from '../../overlay/bars';
import { baselineBars } from '../../overlay/baseline-bars';
import { inksOf, isOutlined } from '../../overlay/inks';
import { firstHead, rowsAt } from '../../rows/rows-at';
import type { Breakpoint, OverlayInk, Spec } from '../../spec/schema';
import { escaped } from '../../text/markup';
import { besideGrids, written } from './beside-grids';
import type { Direction } from '../../length/direction';

/** A kind of line with its ink, where it stands: columns across, rows and baselines down; drawn filled or as outlines. */
type Kind = { id: 'columns' | 'rows' | 'baseline'; ink: OverlayInk; edges: Bar[]; isOutlined: boolean };

/** Bars from the start of a page, as they stand from its left edge. */
function mirrored(edges: Bar[], width: number, direction: Direction): Bar[] {
  return direction === 'ltr' ? edges : edges.map(([from, to]): Bar => [width - to, width - from]).reverse();
}

/** What is drawn of a breakpoint at its reference width: columns, rows and baselines, as far as it has them. */
function kindsOf(spec: Spec, breakpoint: Breakpoint, height: number, direction: Direction = 'ltr'): Kind[] {
  const inks = inksOf(spec);
  const rows = rowsAt(spec, breakpoint, height);
  const baseline = baselineAt(spec, breakpoint, height);
  const outlined = isOutlined(spec);
  const kinds: Omit<Kind, 'isOutlined'>[] = [
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
      edges: rows ? bars({ ...rows, first: firstHead(rows), step: rows.height.add(rows.gap) }) : [],
    },
    { id: 'baseline', ink: inks.baseline, edges: baseline ? baselineBars(baseline) : [] },
  ];
  return kinds.map((kind) => ({
    ...kind,
    // a baseline is a line as it is
    isOutlined: outlined && kind.id !== 'baseline',
    edges: kind.edges.filter(([from, to]) => to > from),
  }));
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
    ...besideGrids(spec, breakpoint, { width, height, direction, density: 1 }),
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
  const layers = [
    ...kindsOf(spec, breakpoint, height).map((kind) => layer(onWhole(kind, density), kind.id, wide, high)),
    ...besideGrids(spec, breakpoint, { width: breakpoint.reference.width, height, direction: 'ltr', density }),
  ];
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

function layer(
  { id, ink, edges, isOutlined }: Kind,
  name: string,
  width: number,
  height: number,
  isHidden = false,
): string {
  if (edges.length === 0) return '';
  const title = name.replace('-', ', ');
  // columns are a shape each, so that they can be picked one by one; of rows there may be thousands, and they are one
  const boxes = isOutlined ? edges.map(([from, to]): Bar => [from + 0.5, to - 0.5]) : edges;
  const [across, down] = isOutlined ? [width - 1, height - 1] : [width, height];
  const first = isOutlined ? 0.5 : 0;
  const shapes =
    id === 'columns'
      ? boxes.map(
          ([from, to]) =>
            `<rect x="${written(from)}"${isOutlined ? ' y="0.5"' : ''} width="${written(Math.max(0, to - from))}" height="${down}"/>`,
        )
      : [
          `<path d="${boxes.map(([from, to]) => `M${first} ${written(from)}h${across}v${written(Math.max(0, to - from))}H${first}z`).join('')}"/>`,
        ];
  const paint = isOutlined
    ? `fill="none" stroke="${ink.colour}" stroke-opacity="${ink.strength / 100}"`
    : `fill="${ink.colour}" fill-opacity="${ink.strength / 100}"`;
  return `<g id="${name}" ${paint}${isHidden ? ' display="none"' : ''}><title>${title}</title>${shapes.join('')}</g>`;
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
