import type { SolvedColumns } from '../../columns/columns-at';
import { exactText, type Px } from '../../length/px';
import type { Rule } from '../rule';
import { lengthInWords } from '../say';
import { inCell } from '../rule';

/** The content is not narrower just after a breakpoint than just before it. */
export const contentGrows: Rule = {
  id: 'content-grows',
  version: 1,
  title: 'Content does not shrink as the screen grows',
  asks: 'Is the container just after a breakpoint at least as wide as just before it?',
  why: 'If a screen 1 px wider shows less, lines break earlier and pictures shrink as the window grows.',
  source: 'Common practice',
  weight: 'weigh',
  check({ breakpoints, at }) {
    return breakpoints.slice(1).flatMap((breakpoint, index) => {
      const before = breakpoints[index]!;
      if (breakpoint.from <= before.from) return [];
      const [last, first] = [at(before, breakpoint.from - 1), at(breakpoint, breakpoint.from)];
      const [wide, narrow] = [last.container, first.container];
      if (narrow.compare(wide) >= 0) return [];
      const margins = (solved: SolvedColumns): Px => solved.marginStart.add(solved.marginEnd);
      const intoMargins = wide.sub(narrow).compare(margins(first).sub(margins(last))) <= 0;
      return [
        inCell(breakpoint, {
          // wider margins that begin at a breakpoint are meant
          ...(intoMargins ? { weight: 'note' as const } : {}),
          cell: 'container',
          widths: [breakpoint.from],
          values: { at: String(breakpoint.from), before: exactText(wide), after: exactText(narrow) },
          facts: { name: before.name },
        }),
      ];
    });
  },
  says: ({ at, before, after, name }) =>
    `At ${lengthInWords(at)} px the container drops from ${lengthInWords(before)} px (${name}) to ${lengthInWords(after)} while the screen gets wider.`,
};
