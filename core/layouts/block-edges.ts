import { columnStarts, type SolvedColumns } from '../columns/columns-at';
import { ratioOf } from '../length/ratio';
import { lengthOf } from '../length/length-value';
import { greatest, px, type Px } from '../length/px';
import { toPx } from '../length/resolve';
import type { Screen } from '../length/units';
import type { Leaving } from '../spec/schema';
import { memoized } from './memoized';
import type { Placed } from './placements';

/** Columns that blocks stand on: those of the page, or those in a card. */
export type Tracks = {
  count: number;
  /** Where column i begins and ends, from the start of the screen; i may lie past the last. */
  start: (column: number) => Px;
  end: (column: number) => Px;
  column: Px;
};

/** The page’s columns at a viewport width. */
export function pageTracks(columns: SolvedColumns): Tracks {
  const { count, column } = columns;
  const start = memoized(columnStarts(columns));
  return { count, column, start, end: memoized((index) => start(index).add(column)) };
}

/** Where a number of columns ends: `6` at the end of column 6, `6.5` in the middle of column 7. */
function endOf({ start, end, column }: Tracks, at: number): Px {
  const whole = Math.floor(at);
  return at === whole ? end(whole) : start(whole + 1).add(column.mul(px(String(at)).sub(whole)));
}

/** Where a block that begins with a column begins: `6.5` in the middle of column 6. */
function startOf({ start, column }: Tracks, at: number): Px {
  const whole = Math.floor(at);
  return start(whole).add(column.mul(px(String(at)).sub(whole)));
}

/** `room` is from the end of one panel to the start of the other: the whole screen where there are none. */
type Page = { tracks: Tracks; room: [Px, Px]; container: [Px, Px]; screen: Screen };

/** The edges of a block across the page, those that leave the grid where they are meant to be. */
export function edgesOf({ columns: [first, last], leaves }: Placed, page: Page): [Px, Px] {
  const to = (side: Leaving['side']): Px | null => {
    const leaving = leaves.find((each) => each.side === side);
    return leaving
      ? leftTo(leaving, page, side === 'start' ? startOf(page.tracks, first) : endOf(page.tracks, last))
      : null;
  };
  const start = to('start') ?? startOf(page.tracks, first);
  // past the screen nothing is left of a block that ends with it
  return [start, greatest(start, to('end') ?? endOf(page.tracks, last))];
}

function leftTo({ side, to }: Leaving, { tracks, room, container, screen }: Page, line: Px): Px {
  if (to === 'screen') return side === 'start' ? room[0] : room[1];
  if (to === 'margin') return side === 'start' ? container[0] : container[1];
  const beyond =
    typeof to === 'object' && 'ofColumn' in to ? tracks.column.mul(ratioOf(to.ofColumn)) : toPx(lengthOf(to), screen);
  return side === 'start' ? line.sub(beyond) : line.add(beyond);
}
