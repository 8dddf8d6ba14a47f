import { useDrag } from '@use-gesture/react';
import { type BoxSide, nudged, type Part, type SurveyedScreen } from '../../core/survey/correct';
import type { Box } from '../../core/survey/screens';
import { directionOf } from '../../core/survey/turned';
import styles from './survey.module.scss';

type Props = {
  screen: SurveyedScreen;
  box: Box;
  scale: number;
  /** While a side is dragged: where the box would be; null when it is let go. */
  onDrawn: (part: Part | null) => void;
  onMove: (side: BoxSide, by: number) => void;
};

// at the corners those across lie over the others: columns are what is looked for
const SIDES: readonly BoxSide[] = ['top', 'foot', 'start', 'end'];
/** How wide a grip is, in px of the window. */
const GRIP = 9;

/** The four sides of the chosen box, to be dragged. Keys move them with Alt, and fields take them in px. */
export function BoxSides(props: Props) {
  return SIDES.map((side) => <Grip key={side} side={side} {...props} />);
}

function Grip({ side, screen, box, scale, onDrawn, onMove }: Props & { side: BoxSide }) {
  const isAcross = side === 'start' || side === 'end';
  const isRtl = directionOf(screen) === 'rtl';
  const bind = useDrag(
    ({ xy, initial, last, tap }) => {
      // from where it was taken hold of: `movement` begins only where a press has become a drag
      const [x, y] = [xy[0] - initial[0], xy[1] - initial[1]];
      const by = Math.round((isAcross ? (isRtl ? -x : x) : y) / scale);
      onDrawn(last ? null : nudged(box, side, by, screen));
      if (last && !tap && by !== 0) onMove(side, by);
    },
    { filterTaps: true, pointer: { keys: false } },
  );
  const { onPointerDown, ...gestures } = bind();
  const thick = (isAcross ? box.width : box.height) * scale;
  // of a box that is hardly larger than its grips they stand outside
  const out = thick >= 3 * GRIP ? 0 : side === 'start' || side === 'top' ? -GRIP / 2 : GRIP / 2;
  const long = Math.max(GRIP, (isAcross ? box.height : box.width) * scale);
  const at =
    { start: box.x, end: box.x + box.width, top: box.y, foot: box.y + box.height }[side] * scale - GRIP / 2 + out;
  return (
    <div
      className={styles.grip}
      data-side={side}
      aria-hidden="true"
      style={
        isAcross
          ? { [isRtl ? 'right' : 'left']: at, top: box.y * scale, width: GRIP, height: long }
          : { [isRtl ? 'right' : 'left']: box.x * scale, top: at, width: long, height: GRIP }
      }
      {...gestures}
      onPointerDown={(event) => {
        // the paper under it would choose what is pressed
        event.stopPropagation();
        onPointerDown?.(event);
      }}
    />
  );
}
