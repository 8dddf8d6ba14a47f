import { leastCommonMultiple } from '../length/common-multiple';
import { type Px, ZERO } from '../length/px';

/** Top and bottom of what is drawn across a page, in px. */
export type Bar = [from: number, to: number];

type Evenly = { first: Px; step: Px; height: Px | null; count: number };

/**
 * Bars at first + k · step: exact until they are written, in integers over one common denominator, since there may be tens of thousands of them.
 *
 *     bars({ first: px(8), step: px(16), height: px(8), count: 2 })   // [[8, 16], [24, 32]]
 */
export function bars({ first, step, height, count }: Evenly): Bar[] {
  const tall = height ?? ZERO;
  const over = [step.d, tall.d].reduce(leastCommonMultiple, first.d);
  const [from, by, high] = [first, step, tall].map((each) => each.s * each.n * (over / each.d)) as [
    bigint,
    bigint,
    bigint,
  ];
  const isSmall = (from + by * BigInt(Math.max(0, count)) + high) * 4n < BigInt(Number.MAX_SAFE_INTEGER);
  return Array.from({ length: count }, (_, index): Bar => {
    if (!isSmall) {
      const top = first.add(step.mul(index));
      return [top.valueOf(), top.add(tall).valueOf()];
    }
    const top = Number(from) + index * Number(by);
    return [top / Number(over), (top + Number(high)) / Number(over)];
  });
}

/**
 * Rows as a background image in CSS, from the custom properties in which `grid.css` has their height and gap.
 *
 * @param isOutlined a line of 1 px at the head and at the foot of each, in place of a tint
 */
export function rowImage(colour: string, isOutlined = false): string {
  const [height, gap] = ['var(--grid-row-height, 0px)', 'var(--grid-row-gap, 0px)'];
  if (isOutlined)
    return `repeating-linear-gradient(${colour} 0 1px, transparent 1px calc(${height} - 1px), ${colour} calc(${height} - 1px) ${height}, transparent ${height} calc(${height} + ${gap}))`;
  return `repeating-linear-gradient(${colour} 0 ${height}, transparent ${height} calc(${height} + ${gap}))`;
}
