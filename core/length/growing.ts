import type { LengthValue } from './length-value';
import { type Px, px } from './px';

/** A length that grows linearly between two viewport widths and is constant outside them. */
export type GrowingLength = { between: [string, string]; over: [number, number] };

export function isGrowing(value: unknown): value is GrowingLength {
  return typeof value === 'object' && value !== null && 'between' in value;
}

/** A growing length at a viewport width: 16 → 48 over 640 → 1416 is 32 at 1028. */
export function grownLength({ between, over }: GrowingLength, width: Px, length: (value: LengthValue) => Px): Px {
  const [from, to] = between.map(length) as [Px, Px];
  const [start, end] = over.map((bound) => px(bound)) as [Px, Px];
  if (width.compare(start) <= 0) return from;
  if (width.compare(end) >= 0) return to;
  return from.add(to.sub(from).mul(width.sub(start)).div(end.sub(start)));
}
