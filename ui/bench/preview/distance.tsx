import type { SolvedColumns } from '../../../core/columns/columns-at';
import { numeral, spoken } from '../../../core/length/present';
import { px, type Px } from '../../../core/length/px';
import { type Distance, distanceAcross, distanceDown } from '../../../core/rows/distance';
import type { InRows } from '../../../core/rows/row-sum';
import { edgeAcross, edgeDown, gridsDown, type NamedEdge } from '../../../core/rows/snap';
import type { Breakpoint, Spec } from '../../../core/spec/schema';
import { Fractions } from '../../drawing/numeral';
import styles from './preview.module.scss';

export type Point = { x: Px; y: Px };

/** A distance that is being measured, in px of the page. */
export type Measured = { from: Point; to: Point };

/** The two points, and the ways across and down between them. Drawn in px of the picture. */
export function DistanceDrawing({ from, to, place }: Measured & { place: (point: Point) => { x: number; y: number } }) {
  const [a, b] = [place(from), place(to)];
  return (
    <g stroke="var(--plum)" strokeWidth={1.5} fill="none">
      <rect
        x={Math.min(a.x, b.x)}
        y={Math.min(a.y, b.y)}
        width={Math.abs(a.x - b.x)}
        height={Math.abs(a.y - b.y)}
        strokeDasharray="3 3"
      />
      <path d={`M${a.x} ${a.y}H${b.x}V${b.y}`} />
      {[a, b].map(({ x, y }, index) => (
        <path key={index} d={`M${x - 5} ${y}h10M${x} ${y - 5}v10`} strokeWidth={2} />
      ))}
    </g>
  );
}

type Props = Measured & { spec: Spec; breakpoint: Breakpoint; solved: SolvedColumns; page: number };

/** What the distance comes to: px, base units, rows and gaps, baselines. */
export function DistanceReadout({ spec, breakpoint, solved, page, from, to }: Props) {
  const across = distanceAcross(spec, to.x.sub(from.x).abs());
  const down = distanceDown(spec, breakpoint, to.y.sub(from.y).abs());
  const grids = gridsDown(spec, breakpoint, page, solved.viewport);
  const acrossEnds = [from.x, to.x].map((x) => endText(x, edgeAcross(x, solved, grids.guides)));
  const downEnds = [from.y, to.y].map((y) => endText(y, edgeDown(y, grids)));
  return (
    <div className={styles.distance} role="status" aria-label="Distance">
      <Way name="across" distance={across} ends={acrossEnds} />
      <Way name="down" distance={down} ends={downEnds} />
    </div>
  );
}

type WayProps = { name: string; distance: Distance; ends: string[] };

function Way({ name, ends, distance: { px: length, baseUnits, rows, baselines } }: WayProps) {
  const parts = [
    `${spoken(length)} px`,
    ...(baseUnits ? [`${numeral(baseUnits)} base`] : []),
    ...(rows ? [inRowsText(rows)] : []),
    ...(baselines ? [`${numeral(baselines)} ${baselines.equals(px(1)) ? 'baseline' : 'baselines'}`] : []),
  ];
  return (
    <p>
      <span>{name}</span> <Fractions text={parts.join(' · ')} />
      {!length.equals(px(0)) && (
        <small>
          <Fractions text={ends.join(', to ')} />
        </small>
      )}
    </p>
  );
}

/** `the start of column 3`, or `3 px off the end of column 4`. */
function endText(at: Px, { at: edge, name }: NamedEdge): string {
  return edge.equals(at) ? name : `${numeral(at.sub(edge).abs())} px off ${name}`;
}

/** `2 rows + 1 gap + 3 px` */
function inRowsText({ rows, gaps, rest }: InRows): string {
  const parts = [
    `${rows} ${rows === 1 ? 'row' : 'rows'}`,
    `${gaps} ${gaps === 1 ? 'gap' : 'gaps'}`,
    ...(rest.equals(px(0)) ? [] : [`${numeral(rest)} px`]),
  ];
  return parts.join(' + ');
}
