import type { SumSegment } from '../../../core/columns/columns-at';
import { decimal, numeral } from '../../../core/length/present';
import { isWhole, type Px } from '../../../core/length/px';
import type { HeightSegment } from '../../../core/rows/height-segments';
import { Fractions } from '../../drawing/numeral';
import styles from './preview.module.scss';

type Props = { across: SumSegment | null; down: HeightSegment | null; x: number; most: number };

/** `column 4: 74` and its edges, and the row under it. */
export function Edges({ across, down, x, most }: Props) {
  return (
    <div className={styles.edges} style={{ insetInlineStart: Math.min(Math.max(x, 90), most - 90) }} role="status">
      {across && <Piece name={acrossName(across)} start={across.start} end={across.end} />}
      {across && down && <br />}
      {down && <Piece name={downName(down)} start={down.start} end={down.end} />}
    </div>
  );
}

function Piece({ name, start, end }: { name: string; start: Px; end: Px }) {
  return (
    <>
      <strong>
        <Fractions text={`${name}: ${numeral(end.sub(start))}`} />
      </strong>
      <br />
      <Fractions text={`${numeral(start)} → ${numeral(end)}`} />
      {(!isWhole(start) || !isWhole(end)) && (
        <>
          <br />
          <span>
            {decimal(start)} → {decimal(end)}
          </span>
        </>
      )}
    </>
  );
}

function acrossName({ part, number }: SumSegment): string {
  if (part === 'panel') return number === 1 ? 'start panel' : 'end panel';
  if (part === 'margin') return number === 1 ? 'start margin' : 'end margin';
  return part === 'inset' ? 'half gutter outside' : `${part} ${number}`;
}

function downName({ part, number }: HeightSegment): string {
  if (part === 'above') return 'above the rows';
  if (part === 'below') return 'below the rows';
  return part === 'row' ? `row ${number}` : `gap ${number}`;
}
