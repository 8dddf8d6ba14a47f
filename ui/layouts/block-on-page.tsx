'use client';

import { useDrag } from '@use-gesture/react';
import { memo } from 'react';
import { isWorded, kindOf } from '../../core/spec/block-kinds';
import { movedBy, stretchedBy, tallBy } from '../../core/layouts/nearest';
import { isIn, type Point } from '../../core/layouts/move-block';
import type { PlacedBlock } from '../../core/layouts/place-blocks';
import { columnsText } from '../../core/layouts/placement-text';
import type { Direction } from '../../core/length/direction';
import { numeral } from '../../core/length/present';
import type { Handling } from './handling';
import styles from './layouts.module.scss';
import type { PageActs } from './page-acts';

type Props = {
  block: PlacedBlock;
  name: string;
  scale: number;
  direction: Direction;
  /** Its words are typed where they stand. */
  isTyped: boolean;
  isChosen: boolean;
  isHeld: boolean;
  isFlagged: boolean;
  /** Is the page large enough for its blocks to be reached one by one? Beside others they are too small; the sheet has them all. */
  isTarget: boolean;
  /** It is looked at, and not moved. */
  isFixed: boolean;
  /** In a card that is not opened: a press on it is one on the card. */
  isShut: boolean;
  acts: PageActs;
};

const SIDES = ['start', 'end', 'foot'] as const;
type Side = (typeof SIDES)[number];

/** What lies over a block of the page, to choose, move and stretch it. */
export const BlockOnPage = memo(function BlockOnPage(props: Props) {
  const { block, name, scale, direction, isChosen, isHeld, isFlagged, isTarget, isShut, isTyped } = props;
  const { isFixed, acts } = props;
  const { holds } = block.placed.block;
  const bind = useHandles(props);
  const says = `${name}: ${spokenBlock(block)}`;
  return (
    <div
      className={styles.block}
      data-holds={kindOf(holds)}
      data-block={block.id}
      data-name={name}
      data-typed={isTyped || undefined}
      data-held={isHeld || undefined}
      data-flagged={isFlagged || undefined}
      data-shut={isShut || undefined}
      data-leaves={block.placed.leaves.map(({ side }) => side).join(' ') || undefined}
      data-chosen={isChosen || undefined}
      {...(isTarget && {
        role: 'button',
        tabIndex: 0,
        'aria-pressed': isChosen,
        // with the words that one sees (WCAG 2.2, 2.5.3)
        'aria-label': `${says}${isWorded(holds) ? `, “${holds.words}”` : ''}`,
      })}
      title={says}
      style={{
        insetInlineStart: block.x.valueOf() * scale,
        top: block.y.valueOf() * scale,
        width: Math.max(1, block.width.valueOf() * scale),
        height: Math.max(1, block.height.valueOf() * scale),
      }}
      onClick={(event) => acts.choose(block.id, event.shiftKey || event.ctrlKey || event.metaKey)}
      onDoubleClick={({ nativeEvent: { offsetX, offsetY } }) => {
        if (isWorded(holds) && !isFixed) return acts.type(block.id);
        const across = direction === 'ltr' ? offsetX / scale : block.width.valueOf() - offsetX / scale;
        acts.open(block.id, block.x.valueOf() + across, block.y.valueOf() + offsetY / scale);
      }}
      onKeyDown={(event) => acts.press(block.id, event)}
      {...bind('move')}
    >
      {isChosen &&
        !isFixed &&
        SIDES.map((side) => <i key={side} className={styles.handle} data-side={side} {...bind(side)} />)}
    </div>
  );
}, isSame);

/** Does a block stand and look as it did? Each is drawn anew only where it does not. */
function isSame({ block: one, ...before }: Props, { block: other, ...after }: Props): boolean {
  const isPlaced =
    one.placed.block === other.placed.block &&
    columnsText(one.placed.columns) === columnsText(other.placed.columns) &&
    columnsText(one.rows) === columnsText(other.rows) &&
    (['x', 'y', 'width', 'height'] as const).every((side) => one[side].equals(other[side]));
  return isPlaced && (Object.keys(after) as (keyof typeof after)[]).every((key) => before[key] === after[key]);
}

/** What moving the pointer on a block, or on one of its sides, comes to; a press without a drag is a click. */
function useHandles({ block: { id }, scale, direction, isFixed, acts }: Props) {
  return useDrag(
    ({ args, movement, xy: [clientX, clientY], first, last, tap, memo, event, canceled, altKey, shiftKey }) => {
      const [part] = args as [Side | 'move'];
      event.stopPropagation();
      const [right, y] = shiftKey ? alongOne(movement) : movement;
      const x = direction === 'ltr' ? right : -right;
      if (tap) return memo;
      // what it was when it was taken: it is drawn elsewhere meanwhile
      const from = first || memo === undefined ? acts.block(id) : (memo as PlacedBlock);
      // kept to one direction, it stays in its section
      const handling: Handling =
        shiftKey && part === 'move'
          ? { is: 'moved', drop: movedBy(from, x / scale, y / scale) }
          : handlingOf(part, from, x / scale, y / scale, acts.point(clientX, clientY), acts);
      if (canceled) acts.handle(id, null);
      else if (!last) acts.handle(id, handling);
      else if (altKey && (part === 'start' || part === 'end')) letLeave(part, from, x / scale, acts);
      else acts.letGo(id, handling);
      return from;
    },
    { filterTaps: true, pointer: { keys: false }, enabled: !isFixed },
  );
}

/** A movement kept to the direction that is the longer one. */
function alongOne([x, y]: [number, number]): [number, number] {
  return Math.abs(x) >= Math.abs(y) ? [x, 0] : [0, y];
}

function handlingOf(
  part: Side | 'move',
  block: PlacedBlock,
  x: number,
  y: number,
  point: Point,
  acts: PageActs,
): Handling {
  if (part === 'move') {
    const into = acts.into(block.id, point);
    // over another section or card it goes in there, and out of its own
    if (into && !isIn(block, into)) return { is: 'into', into, point, start: Math.round(block.x.valueOf() + x) };
    return { is: 'moved', drop: movedBy(block, x, y) };
  }
  if (part === 'foot') return { is: 'tall', rows: tallBy(block, y) };
  return { is: 'stretched', columns: stretchedBy(block, part, x) };
}

/** Off the line: the last line that it passes, and how far it goes beyond it. */
function letLeave(side: 'start' | 'end', block: PlacedBlock, x: number, acts: PageActs): void {
  const { id, tracks, placed } = block;
  const edge = (side === 'start' ? block.x.valueOf() : block.x.valueOf() + block.width.valueOf()) + x;
  let [first, last] = stretchedBy(block, side, x);
  if (side === 'end' && tracks.end(last).valueOf() > edge) last = Math.max(Math.ceil(placed.columns[0]), last - 1);
  if (side === 'start' && tracks.start(first).valueOf() < edge)
    first = Math.min(Math.floor(placed.columns[1]), first + 1);
  const beyond = side === 'end' ? edge - tracks.end(last).valueOf() : tracks.start(first).valueOf() - edge;
  acts.handle(id, null);
  acts.leave(id, side, [first, last], Math.max(0, Math.round(beyond)));
}

/** `columns 2–6, rows 4–9, 526 × 295.875 px`. */
export function spokenBlock({ placed, rows, width, height }: PlacedBlock): string {
  return `columns ${columnsText(placed.columns)}, rows ${columnsText(rows)}, ${numeral(width)} × ${numeral(height)} px`;
}
