import type { Numbers } from '../columns/numbers';
import type { LengthValue } from '../length/length-value';
import { px } from '../length/px';
import { ratioOf } from '../length/ratio';
import type { BlockHeight, Holds } from '../spec/schema';

type Sums<T> = Pick<Numbers<T>, 'add' | 'sub' | 'times'>;

/** A line of a style, and what is trimmed off a text above its first and below its last. */
export type Lines<T> = { leading: T; trimmed: readonly T[] };

/** What a block’s height is made from: its width, the rows that it stands on, the lines of its text, where it is one. */
export type HeightFrom<T> = {
  width: () => T;
  stack: (rows: number) => T;
  /** A baseline step where it stands, else a base unit; and a base unit. */
  line: T;
  base: T;
  length: (value: LengthValue) => T;
  text: Lines<T> | null;
  /** Lines of another style than its own. */
  linesOf: (style: string) => Lines<T> | null;
};

/** A height that comes from what a document gives. */
export type GivenHeight = Exclude<BlockHeight, string>;

/**
 * How tall a block is whose height is given: the law of the sheet and of `layout.css` alike.
 *
 *     givenHeight({ lines: 1 }, { button: 'body', pad: ['12px', '24px'], … }, …)   // 48 with a leading of 24
 */
export function givenHeight<T>(height: GivenHeight, holds: Holds, from: HeightFrom<T>, numbers: Sums<T>): T {
  if ('rows' in height) return from.stack(height.rows);
  if ('baselines' in height) return numbers.times(from.line, px(height.baselines));
  if ('units' in height) return numbers.times(from.base, px(height.units));
  if ('px' in height) return from.length(height.px);
  if ('ratio' in height) return numbers.times(from.width(), ratioOf(height.ratio).inverse());
  // lines of something that is no text are counted in rows
  if (!from.text) return from.stack(height.lines);
  return aroundLines(holds, from, numbers).reduce(numbers.add, tallAs(from.text, height.lines, numbers));
}

/** So many lines, less what is trimmed off them. */
function tallAs<T>({ leading, trimmed }: Lines<T>, count: number, numbers: Sums<T>): T {
  return trimmed.reduce(numbers.sub, numbers.times(leading, px(count)));
}

/** What there is over, under and between the lines of something: its pads, its label, the gaps of a list, who is quoted. */
function aroundLines<T>(holds: Holds, from: HeightFrom<T>, numbers: Sums<T>): T[] {
  const { stack, line, length, text, linesOf } = from;
  if ('button' in holds) return [numbers.times(length(holds.pad[0]), px(2))];
  if ('field' in holds) return [text!.leading, line, numbers.times(length(holds.pad[0]), px(2))];
  if ('list' in holds) return holds.gap === 0 ? [] : [numbers.times(stack(holds.gap), px(holds.items.length - 1))];
  if ('table' in holds) return [numbers.times(length(holds.pad), px(2 * holds.rows))];
  const by = 'quote' in holds ? linesOf(holds.by) : null;
  return by ? [tallAs(by, 1, numbers)] : [];
}

/** How tall a block is that says nothing of it, or that it is as its content: null for what is worked out from what stands in it. */
export function contentHeight(holds: Holds): GivenHeight | null {
  if ('picture' in holds) return { ratio: holds.picture };
  if ('list' in holds) return { lines: holds.items.length };
  if ('table' in holds) return { lines: holds.rows };
  if ('logo' in holds) return { px: holds.high };
  if ('area' in holds) return { rows: 1 };
  return 'card' in holds ? null : { lines: 1 };
}
