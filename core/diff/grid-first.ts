import type { Difference } from './differences';

/** The same differences, those of breakpoints first: a grid is what most readers come for. */
export function gridFirst(differences: readonly Difference[]): Difference[] {
  const isOfGrid = ({ at }: Difference): boolean => at[0] === 'breakpoints';
  return [...differences.filter(isOfGrid), ...differences.filter((each) => !isOfGrid(each))];
}
