import { lengthOf, parseLengthValue } from '../length/length-value';
import { decimal } from '../length/present';
import { greatest, least, type Px, px, roundHalfUp } from '../length/px';
import { toPx } from '../length/resolve';
import { readCount } from '../quantities/breakpoint/read-columns';
import type { CellQuantity } from '../quantities/quantity';
import { QUANTITIES, type QuantityId } from '../quantities/registry';
import { baseUnit } from '../spacing/scale';
import { byWidth, screenOf } from '../spec/ranges';
import type { Breakpoint, Spec } from '../spec/schema';
import type { Parsed } from '../parsed';
import { writePlaces } from './write-places';

/** What is asked of all breakpoints at once. */
export type Asked = { how: 'same'; text: string } | { how: 'scaled'; first: string; last: string };

/** What every breakpoint gets, and the document with it. */
export type Everywhere = { spec: Spec; rows: { breakpoint: Breakpoint; before: string; after: string }[] };

/** The quantities that can be asked of all breakpoints: their own names and starts cannot. */
export const COMMON_QUANTITIES: readonly CellQuantity<QuantityId>[] = (
  QUANTITIES as readonly CellQuantity<QuantityId>[]
).filter(({ isOwn, kind, group }) => !isOwn && kind !== 'words' && group !== 'screen');

/** Lengths and counts can be scaled with the screen. */
export function isScalable({ kind }: Pick<CellQuantity, 'kind'>): boolean {
  return kind === 'length' || kind === 'count';
}

/**
 * One quantity of all breakpoints: the same everywhere, or from one value at the narrowest to another at the widest, by their design widths. Between these,
 * lengths are rounded to the base unit and counts to whole ones.
 *
 *     allBreakpoints(practice, 'gutter', { how: 'scaled', first: '16', last: '32' })
 *     // 390, 744 and 1440 px wide on a base of 8: 16, 24, 32
 */
export function allBreakpoints(spec: Spec, id: QuantityId, asked: Asked): Parsed<Everywhere> {
  const quantity = COMMON_QUANTITIES.find((each) => each.id === id);
  if (!quantity) return { problem: 'Each breakpoint has its own name and start. Enter them one by one.' };
  const breakpoints = byWidth(spec.breakpoints);
  const { value: texts, problem } = asked.how === 'same' ? { value: breakpoints.map(() => asked.text) } : scaled(spec, quantity, asked); // prettier-ignore
  if (!texts) return { problem: problem! };
  const places = breakpoints.map((breakpoint) => ({ breakpoint: breakpoint.id, quantity: id }));
  const after = new Map(breakpoints.map((breakpoint, index) => [breakpoint.id, texts[index]!]));
  const written = writePlaces(spec, places, ({ breakpoint }) => after.get(breakpoint)!);
  if (!written.value) return { problem: written.problem! };
  return {
    value: {
      spec: written.value,
      rows: breakpoints.map((breakpoint) => ({
        breakpoint,
        before: quantity.read(spec, breakpoint).shown,
        after: quantity.read(
          written.value,
          written.value.breakpoints.find((each) => each.id === breakpoint.id)!,
        ).shown,
      })),
    },
  };
}

/** A text for each breakpoint. Both ends stay as they were typed. */
function scaled(
  spec: Spec,
  quantity: CellQuantity<QuantityId>,
  { first, last }: { first: string; last: string },
): Parsed<string[]> {
  const breakpoints = byWidth(spec.breakpoints);
  if (!isScalable(quantity)) return { problem: 'Only lengths and counts can grow with the screen.' };
  const [narrowest, widest] = [breakpoints[0]!, breakpoints.at(-1)!];
  const [from, to] = [px(narrowest.reference.width), px(widest.reference.width)];
  if (from.compare(to) >= 0)
    return { problem: 'Scaling needs two design widths. Enter the value in its cell instead.' };
  const ends = [valueOf(spec, narrowest, quantity, first), valueOf(spec, widest, quantity, last)] as const;
  for (const { problem } of ends) if (problem !== undefined) return { problem };
  const [low, high] = ends.map(({ value }) => value!) as [Px, Px];
  const unit = quantity.kind === 'count' ? px(1) : baseUnit(spec);
  const grain = unit.equals(0) ? px(1) : unit;
  const bounds: [Px, Px] = [least(low, high), greatest(low, high)];
  const texts = breakpoints.map((breakpoint) => {
    const share = px(breakpoint.reference.width).sub(from).div(to.sub(from));
    const rounded = roundHalfUp(low.add(high.sub(low).mul(share)).div(grain)).mul(grain);
    return decimal(least(bounds[1], greatest(bounds[0], rounded)));
  });
  return { value: [first, ...texts.slice(1, -1), last] };
}

function valueOf(spec: Spec, breakpoint: Breakpoint, quantity: CellQuantity<QuantityId>, text: string): Parsed<Px> {
  if (quantity.kind === 'count') {
    const { value, problem } = readCount(text.trim());
    return value === undefined ? { problem: problem! } : { value: px(value) };
  }
  const { value, problem } = parseLengthValue(text);
  return value === undefined ? { problem: problem! } : { value: toPx(lengthOf(value), screenOf(spec, breakpoint)) };
}
