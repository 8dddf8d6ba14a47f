/** Numbers that look random and are the same for the same seed (mulberry32, from memory). */
export function randomOf(seed: number) {
  let state = seed >>> 0;
  const next = (): number => {
    state = (state + 0x6d2b79f5) >>> 0;
    let mixed = Math.imul(state ^ (state >>> 15), state | 1);
    mixed ^= mixed + Math.imul(mixed ^ (mixed >>> 7), mixed | 61);
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 2 ** 32;
  };
  const whole = (least: number, most: number): number => least + Math.floor(next() * (most - least + 1));
  return { whole, oneOf: <T>(items: readonly T[]): T => items[whole(0, items.length - 1)]! };
}

export type Random = ReturnType<typeof randomOf>;
