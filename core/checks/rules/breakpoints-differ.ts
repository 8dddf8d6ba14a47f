import type { SolvedColumns } from '../../columns/columns-at';
import { isGrowing } from '../../length/growing';
import { type Px, px } from '../../length/px';
import type { Breakpoint } from '../../spec/schema';
import type { CheckedSpec, Rule } from '../rule';
import { inCell } from '../rule';

/** Grids whose parts differ by no more than this are taken for one grid that was typed twice. */
const NEAR = px(2);

/** Neighbouring breakpoints have grids of their own. */
export const breakpointsDiffer: Rule = {
  id: 'breakpoints-differ',
  version: 1,
  title: 'Each breakpoint has its own grid',
  asks: 'Does each breakpoint’s grid differ from its narrower neighbour’s in more than the name?',
  why: 'Two breakpoints with the same grid have to be changed twice. Two that differ by a px or two were probably meant to be one.',
  source: 'Common practice',
  weight: 'note',
  check(checked) {
    const { breakpoints } = checked;
    return breakpoints.slice(1).flatMap((breakpoint, index) => {
      const before = breakpoints[index]!;
      const same = JSON.stringify(before.columns) === JSON.stringify(breakpoint.columns);
      if (!same && !isNear(checked, before, breakpoint)) return [];
      return [
        inCell(breakpoint, {
          cell: 'name',
          values: { neighbour: before.id, kind: same ? 'same' : 'near' },
          facts: { name: before.name },
        }),
      ];
    });
  },
  says: ({ name, kind }) =>
    kind === 'same'
      ? `${name} has the same columns. One breakpoint is enough for both.`
      : `${name} has nearly the same columns: no part differs by more than ${NEAR.valueOf()} px. One breakpoint may be enough for both.`,
};

/** Do the two, each solved where the wider one begins, differ by no more than a px or two in every part? */
function isNear({ at }: CheckedSpec, before: Breakpoint, breakpoint: Breakpoint): boolean {
  if (Object.values(before.columns).some(isGrowing) || before.columns.container !== breakpoint.columns.container)
    return false;
  const [a, b] = [at(before, breakpoint.from), at(breakpoint, breakpoint.from)];
  const parts = ({ gutter, marginStart, marginEnd, column }: SolvedColumns): Px[] => [
    gutter,
    marginStart,
    marginEnd,
    column,
  ];
  return a.count === b.count && parts(a).every((part, index) => part.sub(parts(b)[index]!).abs().compare(NEAR) <= 0);
}
