import { memo } from 'react';
import type { Part } from '../../core/survey/correct';
import type { Box } from '../../core/survey/screens';
import { directionOf } from '../../core/survey/turned';
import type { Held } from './held-against';
import type { Shows } from './screen-tools';
import styles from './survey.module.scss';

type Props = {
  held: Held;
  shows: Shows;
  scale: number;
  /** The boxes that do not lie in a part that is left out. */
  counting: ReadonlySet<Box>;
  chosen: readonly Box[];
  /** The part that is being drawn. */
  drawn: Part | null;
};

/** What lies over a screen: columns of the grid, boxes, edges that are off, parts that are left out. Drawn in px of the screen. */
export function ScreenOverlay({ held, shows, scale, counting, chosen, drawn }: Props) {
  const { screen, lines, off } = held;
  const thin = 1 / scale;
  return (
    <svg
      className={styles.overlay}
      width={screen.width * scale}
      height={screen.height * scale}
      viewBox={`0 0 ${screen.width} ${screen.height}`}
      aria-hidden="true"
      data-direction={directionOf(screen)}
    >
      {shows.grid && lines && (
        <g className={styles.columns}>
          {lines.starts.map((start, index) => (
            <rect key={index} x={start} width={Math.max(0, lines.ends[index]! - start)} height={screen.height} />
          ))}
        </g>
      )}
      {shows.boxes && <Outlines boxes={screen.boxes} counting={counting} thin={thin} />}
      <g className={styles.leftOut} strokeWidth={thin}>
        {[...screen.leftOut, ...(drawn ? [drawn] : [])].map((part, index) => (
          <rect key={index} {...partOf(part)} />
        ))}
      </g>
      {shows.off && off && (
        <g className={styles.off}>
          {off.slips.map((edge, index) => (
            <g key={index}>
              <path d={`M${edge.at} ${edge.top}v${edge.height}`} strokeWidth={Math.max(3 * thin, 1.5)} />
              <path d={`M${edge.nearest} ${edge.top + edge.height / 2}H${edge.at}`} strokeWidth={thin} />
            </g>
          ))}
        </g>
      )}
      {chosen.map((box, index) => (
        <rect key={index} className={styles.chosen} {...partOf(box)} strokeWidth={2.5 * thin} />
      ))}
    </svg>
  );
}

type Outlined = { boxes: readonly Box[]; counting: ReadonlySet<Box>; thin: number };

/** All boxes, lightly; there may be thousands, which stay as they are while one is chosen. */
const Outlines = memo(function Outlines({ boxes, counting, thin }: Outlined) {
  return (
    <g className={styles.boxes} strokeWidth={thin}>
      {boxes.map((box, index) => (
        <rect
          key={index}
          {...partOf(box)}
          data-out={!counting.has(box) || undefined}
          strokeDasharray={counting.has(box) ? undefined : `${3 * thin} ${3 * thin}`}
        />
      ))}
    </g>
  );
});

function partOf({ x, y, width, height }: Part): Part {
  return { x, y, width, height };
}
