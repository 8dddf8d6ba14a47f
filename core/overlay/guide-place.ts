import type { Numbers } from '../columns/numbers';
import { HALF, ZERO } from '../length/px';
import type { Guide } from '../spec/schema';

/**
 * Where a guide lies, from the screen's start or the page's top: counted from there, backwards from the end, or from the centre to the end; with a minus the other way.
 * Fractions and CSS terms from one text.
 *
 *     guidePlace({ at: '-10px', from: 'centre', … }, px(1000), (text) => px(text), exactNumbers)   // 490
 *
 * @param whole the width or the height of the screen
 * @param length reads a length without a sign
 */
export function guidePlace<T>(
  { at, from }: Pick<Guide, 'at' | 'from'>,
  whole: T,
  length: (text: string) => T,
  { exact, add, sub, times }: Pick<Numbers<T>, 'exact' | 'add' | 'sub' | 'times'>,
): T {
  const own = length(at.replace(/^-/, ''));
  const isBack = at.startsWith('-');
  const begins = { start: exact(ZERO), end: whole, centre: times(whole, HALF) }[from];
  // from the end a length goes backwards, unless its sign turns it round
  return (from === 'end') === isBack ? add(begins, own) : sub(begins, own);
}
