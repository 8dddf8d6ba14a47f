import { containerEdges, screenEdges, type SolvedColumns } from '../../core/columns/columns-at';
import type { Direction } from '../../core/length/direction';
import type { Px } from '../../core/length/px';
import { numeral } from '../../core/length/present';
import { DrawnFractions } from './numeral';

type Props = { solved: SolvedColumns; scale: number; y: number; direction?: Direction };

/** Dimension lines over a screen: margin, container, margin. Drawn in px of the picture. */
export function Dimensions({ solved, scale, y, direction = 'ltr' }: Props) {
  const { marginStart, marginEnd, container, viewport } = solved;
  const width = viewport.valueOf() * scale;
  /** From the left edge of the picture to what is so far from the screen's start. */
  const from = (edge: Px): number => (direction === 'ltr' ? edge.valueOf() * scale : width - edge.valueOf() * scale);
  const [[first, last], [start, end]] = [screenEdges(solved).map(from), containerEdges(solved).map(from)] as [
    [number, number],
    [number, number],
  ];
  const isSmall = width < SMALL;
  return (
    <g className="number" style={{ fontSize: isSmall ? 8 : 11 }}>
      <Dimension from={first} to={start} y={y} label={numeral(marginStart)} isBare={isSmall} />
      <Dimension from={start} to={end} y={y} label={isSmall ? numeral(container) : `container ${numeral(container)}`} />
      <Dimension from={end} to={last} y={y} label={numeral(marginEnd)} isBare={isSmall} />
    </g>
  );
}

const LETTER = 6.7;
/** On a page so narrow, in px of the window, margins go without their numbers: the sheet and the sum say them. */
const SMALL = 150;

type DimensionProps = { from: number; to: number; y: number; label: string; isBare?: boolean };

function Dimension({ from: one, to: other, y, label, isBare = false }: DimensionProps) {
  const [from, to] = one < other ? [one, other] : [other, one];
  const room = to - from;
  if (room < 1) return null;
  const text = label.length * LETTER + 8;
  const middle = (from + to) / 2;
  const fits = room > text + 8;
  const short = label.replace('container ', '');
  return (
    <g stroke="var(--soft)" fill="var(--ink)">
      <path d={`M${from} ${y - 4}V${y + 4}M${to} ${y - 4}V${y + 4}`} fill="none" />
      {fits ? (
        <>
          <path d={`M${from} ${y}H${middle - text / 2}M${middle + text / 2} ${y}H${to}`} fill="none" />
          <text x={middle} y={y + 4} textAnchor="middle" stroke="none">
            <DrawnFractions text={label} />
          </text>
        </>
      ) : (
        <>
          <path d={`M${from} ${y}H${to}`} fill="none" />
          {!isBare && (
            <text x={middle} y={y - 6} textAnchor="middle" stroke="none">
              <DrawnFractions text={short} />
            </text>
          )}
        </>
      )}
    </g>
  );
}
