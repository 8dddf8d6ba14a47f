import type { Numbers } from '../columns/numbers';
import { px } from '../length/px';
import { ratioOf } from '../length/ratio';
import type { Placed } from './placements';

type Sums<T> = Pick<Numbers<T>, 'sub' | 'times'>;

/** What a block’s height is made from: its width, the rows that it stands on, the lines of its text, where it is one. */
export type HeightFrom<T> = {
  width: () => T;
  stack: (rows: number) => T;
  text: { leading: T; trimmed: readonly T[] } | null;
};

/** A height that a document gives in rows, by a ratio, or in lines. */
export type GivenHeight = Exclude<Placed['height'], string>;

/** How tall a block is whose height is given: the law of the sheet and of `layout.css` alike. */
export function givenHeight<T>(height: GivenHeight, { width, stack, text }: HeightFrom<T>, numbers: Sums<T>): T {
  if ('rows' in height) return stack(height.rows);
  if ('ratio' in height) return numbers.times(width(), ratioOf(height.ratio).inverse());
  // lines of something that is no text are counted in rows
  if (!text) return stack(height.lines);
  return text.trimmed.reduce(numbers.sub, numbers.times(text.leading, px(height.lines)));
}
