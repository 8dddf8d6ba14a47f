import type { Holds } from '../spec/schema';
import type { Ground } from './heights';
import type { Placed } from './placements';

/** So many places of one block are kept: it is dragged to and fro. */
const MOST_PLACES = 32;

/**
 * What follows from what a block holds, its ground, its columns, its height and the edges at which it leaves the grid, worked out once: neither lanes nor what stands beside it
 * count. A block that is moved over a page so leaves the others as they were.
 */
export function oncePlaced<Value>(
  work: (placed: Placed, ground: Ground) => Value,
): (placed: Placed, ground: Ground) => Value {
  const known = new WeakMap<Ground, WeakMap<Holds, Map<string, Value>>>();
  return (placed, ground) => {
    const { holds } = placed.block;
    const onGround = known.get(ground) ?? new WeakMap<Holds, Map<string, Value>>();
    known.set(ground, onGround);
    const own = onGround.get(holds) ?? new Map<string, Value>();
    onGround.set(holds, own);
    const key = JSON.stringify([placed.columns, placed.height, placed.leaves]);
    const before = own.get(key);
    if (before !== undefined) return before;
    const value = work(placed, ground);
    if (own.size >= MOST_PLACES) own.clear();
    own.set(key, value);
    return value;
  };
}
