import type { Box } from './screens';

/** Cells of one row stand at one height, to so many px; those of one column share a side or a middle, to so many. */
const [SAME_HEIGHT, SAME_SIDE] = [4, 1.6];
/** A table has at least so many columns and rows, and its rows follow each other within so many px. */
const LEAST = { columns: 3, rows: 4 };
const MOST_PITCH = 120;
/** So many of a row’s cells stand under those of the row before. */
const SHARED = 0.6;
/** Columns of a table are as wide as what they hold: where all are as far apart, to so many px, they are cards. */
const EVEN = 2.1;
/** Cells may lie so far beyond what is around them, in px. */
const SLACK = 1;

type Row = { middle: number; cells: Box[] };

/**
 * Boxes with each table of data as one thing, or as nothing where only its words are there: its columns are as wide as what they hold, and are no grid of
 * the page. A table is four rows or more, one as far from the next as the others, whose three cells or more stand under each other at uneven distances.
 *
 *     withoutTables(boxes)   // the same boxes, in place of 40 cells one box
 */
export function withoutTables(boxes: readonly Box[]): Box[] {
  const leaves = boxes.filter((box) => box.width > 0 && box.height > 0 && box.height <= MOST_PITCH);
  const rows = rowsOf(leaves);
  const tables = tablesOf(rows);
  if (tables.length === 0) return [...boxes];
  let left: Box[] = [...boxes];
  for (const table of tables) left = asOneThing(left, table);
  return left;
}

/** Three boxes or more at one height, none over another. */
function rowsOf(leaves: readonly Box[]): Row[] {
  const sorted = [...leaves].sort((a, b) => middleOf(a) - middleOf(b));
  const rows: Row[] = [];
  for (let from = 0; from < sorted.length;) {
    const middle = middleOf(sorted[from]!);
    let to = from + 1;
    while (to < sorted.length && middleOf(sorted[to]!) - middle <= SAME_HEIGHT) to++;
    const cells = withinNone(sorted.slice(from, to));
    if (cells.length >= LEAST.columns) rows.push({ middle, cells });
    from = to;
  }
  return rows;
}

const middleOf = ({ y, height }: Box): number => y + height / 2;

/** From left to right; of boxes one within the other, those that hold nothing. */
function withinNone(boxes: readonly Box[]): Box[] {
  const narrow = [...boxes].sort((a, b) => a.width - b.width);
  const kept: Box[] = [];
  for (const box of narrow) {
    const isOver = kept.some((each) => box.x < each.x + each.width - SLACK && each.x < box.x + box.width - SLACK);
    if (!isOver) kept.push(box);
  }
  return kept.sort((a, b) => a.x - b.x);
}

/** Rows that follow each other, with the cells of each that stand under others. */
function tablesOf(rows: readonly Row[]): Box[][] {
  const tables: Box[][] = [];
  for (let first = 0; first < rows.length;) {
    const run = [rows[first]!];
    let next = first + 1;
    for (; next < rows.length; next++) {
      const [before, row] = [run.at(-1)!, rows[next]!];
      const pitch = row.middle - before.middle;
      const usual = run.length > 1 ? (before.middle - run[0]!.middle) / (run.length - 1) : pitch;
      if (pitch > MOST_PITCH || Math.abs(pitch - usual) > 0.4 * usual || !isUnder(row, before)) break;
      run.push(row);
    }
    if (run.length >= LEAST.rows && !isEven(run)) tables.push(run.flatMap(({ cells }) => cells));
    first = Math.max(first + 1, next - (run.length < LEAST.rows ? run.length - 1 : 0));
  }
  return tables;
}

function isUnder(row: Row, above: Row): boolean {
  const shared = row.cells.filter((cell) => above.cells.some((each) => isAligned(cell, each))).length;
  return shared >= LEAST.columns && shared >= SHARED * Math.max(row.cells.length, above.cells.length);
}

function isAligned(one: Box, other: Box): boolean {
  const apart = [one.x - other.x, one.x + one.width - other.x - other.width];
  return [...apart, (apart[0]! + apart[1]!) / 2].some((by) => Math.abs(by) <= SAME_SIDE);
}

/** Are its columns as far apart, one as the other, as cards are? */
function isEven(run: readonly Row[]): boolean {
  const [row] = [...run].sort((a, b) => b.cells.length - a.cells.length);
  const steps = row!.cells.slice(1).map((cell, index) => cell.x - row!.cells[index]!.x);
  return steps.every((step) => Math.abs(step - steps[0]!) <= EVEN);
}

/** Cells, and what is around some of them alone, as one box; what is around all of them stays. */
function asOneThing(boxes: readonly Box[], cells: readonly Box[]): Box[] {
  const own = new Set(cells);
  const around = boundsOf(cells);
  const isPart = (box: Box): boolean =>
    own.has(box) ||
    (isWithin(box, grown(around)) && !isWithin(around, box) && cells.some((cell) => isWithin(cell, box)));
  const parts = boxes.filter((box) => isPart(box) || isWithin(box, around));
  const kept = boxes.filter((box) => !parts.includes(box) || isWithin(around, box));
  // words alone have no sides: what is drawn around rows has
  const rows = parts.filter((box) => !own.has(box) && box.width > around.width - SLACK);
  const isRuled = rows.length > 0 || areTouching(cells);
  const isThere = kept.some((box) => isWithin(around, box) && box.width <= around.width + 80);
  return isRuled && !isThere ? [...kept, { ...boundsOf([...cells, ...rows]), name: 'table' }] : kept;
}

/** What stands around the rows of a table is so much larger than their cells. */
const GROWN = 40;
const grown = ({ x, y, width, height }: Box): Box => ({
  x: x - GROWN,
  y: y - GROWN,
  width: width + 2 * GROWN,
  height: height + 2 * GROWN,
  name: '',
});

function isWithin(box: Box, outer: Box): boolean {
  return (
    box.x >= outer.x - SLACK &&
    box.x + box.width <= outer.x + outer.width + SLACK &&
    box.y >= outer.y - SLACK &&
    box.y + box.height <= outer.y + outer.height + SLACK
  );
}

function boundsOf(boxes: readonly Box[]): Box {
  const [x, y] = [Math.min(...boxes.map((box) => box.x)), Math.min(...boxes.map((box) => box.y))];
  const [end, foot] = [Math.max(...boxes.map((b) => b.x + b.width)), Math.max(...boxes.map((b) => b.y + b.height))];
  return { x, y, width: end - x, height: foot - y, name: '' };
}

/** Does each cell begin where the one before it ends? */
function areTouching(cells: readonly Box[]): boolean {
  const [first, second] = cells;
  return Math.abs(first!.x + first!.width - second!.x) <= SLACK;
}
