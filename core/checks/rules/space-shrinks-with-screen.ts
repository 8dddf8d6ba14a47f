import type { SolvedColumns } from '../../columns/columns-at';
import { follows } from '../../columns/let-follow';
import { exactText, type Px } from '../../length/px';
import type { Breakpoint } from '../../spec/schema';
import type { Rule } from '../rule';
import { figure } from '../say';
import { inCell } from '../rule';

type Space = { cell: 'gutter' | 'margin'; given(breakpoint: Breakpoint): boolean; width(solved: SolvedColumns): Px };

/** Given gutters and margins; what follows moves with the container, which another rule looks at. */
const SPACES: Space[] = [
  { cell: 'gutter', given: ({ columns }) => !follows(columns, 'gutter'), width: ({ gutter }) => gutter },
  {
    cell: 'margin',
    given: ({ columns }) => !follows(columns, 'margin') && columns.container === 'fill',
    width: ({ marginStart }) => marginStart,
  },
];

/** Gutters and margins do not grow as the screen shrinks. */
export const spaceShrinksWithScreen: Rule = {
  id: 'space-shrinks-with-screen',
  version: 1,
  title: 'Gutters and margins shrink with the screen',
  asks: 'Is each given gutter and margin at most as wide as on the next wider breakpoint, at their design widths?',
  why: 'White space that grows as the screen shrinks takes space where there’s least of it.',
  source: 'Common practice',
  weight: 'weigh',
  check({ breakpoints, at }) {
    return breakpoints.slice(1).flatMap((wider, index) => {
      const narrower = breakpoints[index]!;
      return SPACES.filter(({ given }) => given(narrower) && given(wider)).flatMap(({ cell, width }) => {
        const [small, large] = [width(at(narrower)), width(at(wider))];
        if (small.compare(large) <= 0) return [];
        return [
          inCell(narrower, {
            cell,
            values: { narrower: exactText(small), wider: exactText(large) },
            facts: { space: cell, name: wider.name },
          }),
        ];
      });
    });
  },
  says: ({ space, narrower, wider, name }) =>
    `The ${space} is ${figure(narrower)} px here and ${figure(wider)} on ${name}: it grows as the screen shrinks.`,
};
