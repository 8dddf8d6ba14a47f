/** A tick of a ruler: where it stands on the page in px, and whether it carries its number. */
export type Tick = { at: number; isNumbered: boolean };

const [LEAST_APART, LEAST_BETWEEN_NUMBERS] = [6, 46];
const STEPS = [1, 2, 5, 10, 20, 50, 100, 200, 500, 1000, 2000, 5000, 10_000];

/**
 * The ticks of a px ruler between two places, so many that neither ticks nor numbers crowd.
 *
 *     rulerTicks(0, 100, 1)   // every 10 px, numbered at 0, 50 and 100
 *
 * @param scale px of the window for each px of the page
 */
export function rulerTicks(from: number, to: number, scale: number): Tick[] {
  const stepFor = (apart: number): number => STEPS.find((step) => step * scale >= apart) ?? STEPS.at(-1)!;
  const [fine, numbered] = [stepFor(LEAST_APART), stepFor(LEAST_BETWEEN_NUMBERS)];
  const first = Math.ceil(from / fine) * fine;
  const count = Math.max(0, Math.floor((to - first) / fine) + 1);
  return Array.from({ length: count }, (_, index) => {
    const at = first + index * fine;
    return { at, isNumbered: at % numbered === 0 };
  });
}
