import { counted, numeral } from '../../core/length/present';
import type { SolvedLayout } from '../../core/layouts/solve-layout';
import styles from './layouts.module.scss';

type Props = { solved: SolvedLayout; section: string | null; scale: number; isStrong: boolean };

/** Shorter than this, in px of the window, a band has no room for its count. */
const LEAST = 11;
/** On a narrower page there is room for the number alone. */
const ROOM = 130;

/** The white space of a section, each with its count of rows. */
export function GapBands({ solved, section, scale, isStrong }: Props) {
  const width = solved.width.valueOf();
  return (
    <g className={styles.gaps} data-strong={isStrong || undefined}>
      {solved.space
        .filter((gap) => gap.section === section && gap.px.valueOf() > 0)
        .map(({ gap, rows, unit, top, px }) => (
          <g key={gap}>
            <rect y={top.valueOf()} width={width} height={px.valueOf()} />
            {px.valueOf() * scale >= LEAST && (
              <text x={width / 2} y={top.valueOf() + px.valueOf() / 2} fontSize={10 / scale} dy="0.35em">
                {width * scale >= ROOM ? `${counted(rows, unit)} · ${numeral(px)} px` : rows}
              </text>
            )}
          </g>
        ))}
    </g>
  );
}
