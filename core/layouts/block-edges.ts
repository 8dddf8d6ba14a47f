import { columnStarts, type SolvedColumns } from '../columns/columns-at';
import { exactNumbers, type Numbers } from '../columns/numbers';
import { ratioOf } from '../length/ratio';
import type { LengthValue } from '../length/length-value';
import { px, type Px } from '../length/px';
import type { CardGrid, Leaving } from '../spec/schema';
import { memoized } from './memoized';
import { columnsUnder, type Placed } from './placements';

type Sums<T> = Pick<Numbers<T>, 'add' | 'sub' | 'times'>;

/** Columns that blocks stand on: those of the page, or those in a card. Places are from one edge, whichever it is. */
export type Tracks<T = Px> = {
  count: number;
  /** Where column i begins and ends; i may lie past the last. */
  start: (column: number) => T;
  end: (column: number) => T;
  column: T;
};

/** The page’s columns at a viewport width, from the start of the screen. */
export function pageTracks(columns: SolvedColumns): Tracks {
  const { count, column } = columns;
  const start = memoized(columnStarts(columns));
  return { count, column, start, end: memoized((index) => start(index).add(column)) };
}

/** What a block’s edges are found from; `room` is from the end of one panel to the start of the other: the whole screen where there are none. */
export type Page<T = Px> = { tracks: Tracks<T>; room: [T, T]; container: [T, T]; length: (value: LengthValue) => T };

/**
 * The edges of a block across the page, those that leave the grid where they are meant to be: exact for the sheet, sums for `layout.css`.
 * A block that begins past where it is meant to end has its end before its start.
 *
 *     blockEdges(columns 6.5 to 12, …)   // from the middle of column 6 to the end of column 12
 */
export function blockEdges<T>({ columns: [first, last], leaves }: Placed, page: Page<T>, numbers: Sums<T>): [T, T] {
  const { tracks } = page;
  const { add, sub, times } = numbers;
  const into = (column: number, at: number, whole: number): T =>
    at === whole ? tracks.start(column) : add(tracks.start(column), times(tracks.column, px(String(at)).sub(whole)));
  const whole = Math.floor(last);
  const edge = (side: Leaving['side'], line: T): T => {
    const leaving = leaves.find((each) => each.side === side);
    if (!leaving) return line;
    const { to } = leaving;
    const index = side === 'start' ? 0 : 1;
    if (to === 'screen') return page.room[index];
    if (to === 'margin') return page.container[index];
    const beyond =
      typeof to === 'object' && 'ofColumn' in to ? times(tracks.column, ratioOf(to.ofColumn)) : page.length(to);
    return side === 'start' ? sub(line, beyond) : add(line, beyond);
  };
  return [
    edge('start', into(Math.floor(first), first, Math.floor(first))),
    // up to and with column 6: its end; 6.5: the middle of column 7
    edge('end', last === whole ? tracks.end(whole) : into(whole + 1, last, whole)),
  ];
}

/**
 * The columns in a card, between its paddings: the page’s that it covers, the first and the last less the padding; or its own.
 *
 * @param inside where its paddings end
 */
export function cardTracks<T>(
  { columns }: Pick<CardGrid, 'columns'>,
  { columns: [first, last] }: Pick<Placed, 'columns'>,
  [start, end]: [T, T],
  { tracks, length }: Pick<Page<T>, 'tracks' | 'length'>,
  { add, sub, times }: Sums<T>,
): Tracks<T> {
  if (columns === 'page') {
    const count = columnsUnder([first, last]);
    const before = Math.ceil(first) - 1;
    return {
      count,
      column: tracks.column,
      start: (index) => (index === 1 ? start : tracks.start(index + before)),
      end: (index) => (index === count ? end : tracks.end(index + before)),
    };
  }
  const { count } = columns;
  const gutter = length(columns.gutter);
  const column = times(sub(sub(end, start), times(gutter, px(count - 1))), px(count).inverse());
  const startOf = (index: number): T => add(start, times(add(column, gutter), px(index - 1)));
  return { count, column, start: startOf, end: (index) => add(startOf(index), column) };
}

/** The same in px; past the screen nothing is left of a block that ends with it. */
export function edgesOf(placed: Placed, page: Page): [Px, Px] {
  const [start, end] = blockEdges(placed, page, exactNumbers);
  return [start, exactNumbers.greatest(start, end)];
}
