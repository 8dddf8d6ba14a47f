import type { SolvedColumns } from '../../core/columns/columns-at';
import { numeral } from '../../core/length/present';
import { DrawnFractions } from './numeral';

type Props = { solved: SolvedColumns; scale: number; y: number };

/** Dimension lines over a screen: margin, container, margin. Drawn in px of the picture. */
export function Dimensions({ solved, scale, y }: Props) {
  const { marginStart, marginEnd, container, viewport } = solved;
  const [start, end, width] = [
    marginStart.valueOf() * scale,
    viewport.sub(marginEnd).valueOf() * scale,
    viewport.valueOf() * scale,
  ] as const;
  return (
    <g className="number" style={{ fontSize: 11 }}>
      <Dimension from={0} to={start} y={y} label={numeral(marginStart)} />
      <Dimension from={start} to={end} y={y} label={`container ${numeral(container)}`} />
      <Dimension from={end} to={width} y={y} label={numeral(marginEnd)} />
    </g>
  );
}

const LETTER = 6.7;

function Dimension({ from, to, y, label }: { from: number; to: number; y: number; label: string }) {
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
          <text x={middle} y={y - 6} textAnchor="middle" stroke="none">
            <DrawnFractions text={short} />
          </text>
        </>
      )}
    </g>
  );
}
