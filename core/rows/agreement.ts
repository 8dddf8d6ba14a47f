import { isMultipleOf, type Px, ZERO } from '../length/px';
import type { SolvedRows } from './rows-at';
import type { SolvedBaseline } from '../baseline/baseline-at';

/** What keeps rows and baselines apart; empty where every row begins on a baseline. */
export type Disagreement = { part: 'row and gap' | 'first row'; length: Px };

/**
 * Baselines and rows fit when height + gap, and the way from the first baseline to the first row, are whole multiples
 * of the step.
 *
 *     disagreements({ height: px(8), gap: px(8), offset: px(2) }, { step: px(4), offset: px(0) })
 *     // [{ part: 'first row', length: 2 }]
 */
export function disagreements(
  { height, gap, offset }: Pick<SolvedRows, 'height' | 'gap' | 'offset'>,
  { step, offset: first }: Pick<SolvedBaseline, 'step' | 'offset'>,
): Disagreement[] {
  if (step.compare(ZERO) <= 0) return [];
  const parts: Disagreement[] = [
    { part: 'row and gap', length: height.add(gap) },
    { part: 'first row', length: offset.sub(first) },
  ];
  return parts.filter(({ length }) => !isMultipleOf(length, step));
}
