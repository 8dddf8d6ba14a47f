import { columnsAt } from '../columns/columns-at';
import { exactNumbers } from '../columns/numbers';
import { type Space, spaceOf } from '../columns/relation';
import { type LengthValue, lengthOf } from '../length/length-value';
import { ratioOf } from '../length/ratio';
import { leastCommonMultiple } from '../length/common-multiple';
import { exactText, greatest, least, type Px, ZERO } from '../length/px';
import { toPx } from '../length/resolve';
import { screenOf } from '../spec/ranges';
import type { Breakpoint, Rows, Spec } from '../spec/schema';

/** A breakpoint's rows in one screen: how many begin in it, and the edges of each. Lengths in px, exact. */
export type SolvedRows = {
  rule: Rows['rule'];
  count: number;
  height: Px;
  gap: Px;
  offset: Px;
  /** Margin under the last of divided rows. */
  bottom: Px;
  /** The height that divided rows share out: the screen's, held between the least and the greatest. */
  screen: Px;
  /** The bar at the top of the page, under which rows begin to be counted, and the height that both bars leave. */
  top: Px;
  room: Px;
};

/**
 * The rows of a breakpoint at a height and a viewport width, by default its reference size; null where it has none.
 *
 * - `repeat`: bands from the top without end; ⌈(H − offset) / (height + gap)⌉ of them begin within H
 * With bars at the top or the bottom, H is what they leave.
 *
 * - `divide`: height = (H − marginTop − marginBottom − (count − 1) · gap) / count, H held between the least and the greatest height
 * - `fields`: as `repeat`, as high as columns are wide: height = column / ratio; none where they and their gaps have no height
 * - `modules`: fields of `lines` baselines with `between` baselines from one to the next
 *
 *     rowsAt(spec, phone)!.count   // 53 bands of 8 with gaps of 8 begin in 844
 */
export function rowsAt(
  spec: Spec,
  breakpoint: Breakpoint,
  height: Px | number = breakpoint.reference.height,
  width: Px | number = breakpoint.reference.width,
): SolvedRows | null {
  const { rows, baseline } = breakpoint;
  if (rows === null) return null;
  const screen = screenOf(spec, breakpoint, width, height);
  const room = (screen.room ?? screen).height;
  const page = { top: screen.frame?.top ?? ZERO, room };
  const length = (value: LengthValue): Px => toPx(lengthOf(value), screen, 'height');
  const across = () => columnsAt(spec, breakpoint, width);
  const space = (value: Space): Px => spaceOf(value, length, across, exactNumbers.times);
  switch (rows.rule) {
    case 'repeat':
      return repeated(rows.rule, length(rows.height), space(rows.gap), space(rows.offset), page);
    case 'fields': {
      const [height, gap] = [across().column.div(ratioOf(rows.ratio)), space(rows.gap)];
      if (height.add(gap).compare(0) <= 0) return null;
      return repeated(rows.rule, height, gap, space(rows.offset), page);
    }
    case 'modules': {
      if (baseline === null) return null;
      const step = length(baseline.step);
      return repeated(rows.rule, step.mul(rows.lines), step.mul(rows.between), length(baseline.offset), page);
    }
    case 'divide': {
      const [gap, top, bottom] = [space(rows.gap), space(rows.marginTop), space(rows.marginBottom)];
      const most = rows.maxHeight === undefined ? room : least(room, length(rows.maxHeight));
      const held = rows.minHeight === undefined ? most : greatest(most, length(rows.minHeight));
      const row = held
        .sub(top)
        .sub(bottom)
        .sub(gap.mul(rows.count - 1))
        .div(rows.count);
      return { rule: rows.rule, count: rows.count, height: row, gap, offset: top, bottom, screen: held, ...page };
    }
  }
}

function repeated(
  rule: Rows['rule'],
  height: Px,
  gap: Px,
  offset: Px,
  page: Pick<SolvedRows, 'top' | 'room'>,
): SolvedRows {
  const step = height.add(gap);
  const begin = step.equals(0) ? 0 : page.room.sub(offset).div(step).ceil().valueOf();
  return { rule, count: Math.max(0, begin), height, gap, offset, bottom: ZERO, screen: page.room, ...page };
}

/**
 * Top and bottom of every row as exact text, worked out in integers over one denominator: a page may have thousands.
 *
 *     rowEdgeTexts(bands)[1]   // ["16", "24"]
 */
export function rowEdgeTexts(rows: SolvedRows): [string, string][] {
  const { count, height, gap } = rows;
  const head = firstHead(rows);
  const divisor = [height, gap, head].reduce((common, { d }) => leastCommonMultiple(common, d), 1n);
  const counted = ({ s, n, d }: Px): number => Number((s * n * divisor) / d);
  const [first, tall, step] = [counted(head), counted(height), counted(height.add(gap))];
  const last = first + step * count + tall;
  if (divisor > 1_000_000_000n || !Number.isSafeInteger(last))
    return rowEdges(rows).map(([top, bottom]) => [exactText(top), exactText(bottom)]);
  const text = (amount: number): string => overDivisor(amount, Number(divisor));
  return Array.from({ length: count }, (_, index) => {
    const top = first + step * index;
    return [text(top), text(top + tall)];
  });
}

/** A fraction in lowest terms, as exact text. */
function overDivisor(amount: number, divisor: number): string {
  if (amount % divisor === 0) return String(amount / divisor);
  let [a, b] = [Math.abs(amount), divisor];
  while (b > 0) [a, b] = [b, a % b];
  return `${amount / a}/${divisor / a}`;
}

/** Where the first row begins, from the top of the page. */
export function firstHead({ top, offset }: Pick<SolvedRows, 'top' | 'offset'>): Px {
  return top.add(offset);
}

/** Top and bottom of every row, from the top of the page. */
export function rowEdges(rows: SolvedRows): [Px, Px][] {
  const { count, height, gap } = rows;
  const head = firstHead(rows);
  return Array.from({ length: count }, (_, index) => {
    const top = head.add(height.add(gap).mul(index));
    return [top, top.add(height)];
  });
}
