import { baselineAt } from '../../baseline/baseline-at';
import { columnEdges, columnsAt } from '../../columns/columns-at';
import { decimal } from '../../length/present';
import { type Px, px, roundHalfUp } from '../../length/px';
import { inksOf } from '../../overlay/inks';
import { rowEdges, rowsAt } from '../../rows/rows-at';
import type { Breakpoint, OverlayInk, Spec } from '../../spec/schema';
import { escaped } from '../../text/markup';

type Edges = [Px, Px];

/** A kind of line with its ink, where it stands: columns across, rows and baselines down. */
type Kind = { id: 'columns' | 'rows' | 'baseline'; ink: OverlayInk; edges: Edges[] };

/** What is drawn of a breakpoint at its reference width: columns, rows and baselines, as far as it has them. */
function kindsOf(spec: Spec, breakpoint: Breakpoint, height: number): Kind[] {
  const inks = inksOf(spec);
  const rows = rowsAt(spec, breakpoint, height);
  const baseline = baselineAt(spec, breakpoint, height);
  const lines = baseline
    ? Array.from({ length: baseline.lines }, (_, index) => baseline.offset.add(baseline.step.mul(index)))
    : [];
  const kinds: Kind[] = [
    { id: 'columns', ink: inks.columns, edges: columnEdges(columnsAt(spec, breakpoint)) },
    { id: 'rows', ink: inks.rows, edges: rows ? rowEdges(rows) : [] },
    // a baseline is 1 px thick, and its place is its foot
    { id: 'baseline', ink: inks.baseline, edges: lines.map((line): Edges => [line.sub(px(1)), line]) },
  ];
  return kinds.map((kind) => ({ ...kind, edges: kind.edges.filter(([from, to]) => to.compare(from) > 0) }));
}

/**
 * The grids of a breakpoint as a drawing at its reference size, transparent, to be laid over a page in any drawing program. Groups are named
 * `columns`, `rows`, `baseline`; each is there a second time with its edges on whole px (`columns-snapped`, …), hidden.
 *
 * @param height of the drawing in px, by default that of the screen; rows and baselines go on to the foot
 */
export function overlaySvg(spec: Spec, breakpoint: Breakpoint, height = breakpoint.reference.height): string {
  const { width } = breakpoint.reference;
  const kinds = kindsOf(spec, breakpoint, height);
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
  const layers = kindsOf(spec, breakpoint, height).map((kind) => {
    const edges = kind.edges.map(([from, to]): Edges => {
      const [start, end] = [roundHalfUp(from.mul(density)), roundHalfUp(to.mul(density))];
      // a baseline stays as thick as it is, wherever its foot comes to
      return kind.id === 'baseline' ? [end.sub(density), end] : [start, end];
    });
    return layer({ ...kind, edges }, kind.id, wide, high);
  });
  return drawing(`${spec.name}, ${breakpoint.name}`, wide, high, layers);
}

/** Width and height of a picture in pixels. */
export function pixelSize(
  { reference: { width, height } }: Breakpoint,
  density: number,
): [width: number, height: number] {
  return [Math.round(width * density), Math.round(height * density)];
}

function drawing(title: string, width: number, height: number, layers: readonly string[]): string {
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${width}" height="${height}" viewBox="0 0 ${width} ${height}">
<title>${escaped(title)}</title>
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
      ? edges.map(([from, to]) => `<rect x="${decimal(from)}" width="${decimal(to.sub(from))}" height="${height}"/>`)
      : [
          `<path d="${edges.map(([from, to]) => `M0 ${decimal(from)}h${width}v${decimal(to.sub(from))}H0z`).join('')}"/>`,
        ];
  return `<g id="${name}" fill="${ink.colour}" fill-opacity="${ink.strength / 100}"${isHidden ? ' display="none"' : ''}><title>${title}</title>${shapes.join('')}</g>`;
}

function onWhole(kind: Kind): Kind {
  const snapped = (edges: Edges): Edges => [roundHalfUp(edges[0]), roundHalfUp(edges[1])];
  return { ...kind, edges: kind.edges.map(snapped).filter(([from, to]) => to.compare(from) > 0) };
}
