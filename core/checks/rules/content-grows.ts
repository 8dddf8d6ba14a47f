import { exactText } from '../../length/px';
import { spoken } from '../../length/present';
import type { Rule } from '../rule';

/** The content is not narrower just after a breakpoint than just before it. */
export const contentGrows: Rule = {
  id: 'content-grows',
  title: 'Content does not shrink as the screen grows',
  asks: 'Is the container just after a breakpoint at least as wide as just before it?',
  why: 'A screen one px wider that shows less makes lines break earlier and pictures shrink as the window grows.',
  source: 'Common practice',
  weight: 'weigh',
  check({ breakpoints, at }) {
    return breakpoints.slice(1).flatMap((breakpoint, index) => {
      const before = breakpoints[index]!;
      if (breakpoint.from <= before.from) return [];
      const [wide, narrow] = [at(before, breakpoint.from - 1).container, at(breakpoint, breakpoint.from).container];
      if (narrow.compare(wide) >= 0) return [];
      return [
        {
          breakpoint: breakpoint.id,
          cell: 'container' as const,
          message: `At ${spoken(at(breakpoint, breakpoint.from).viewport)} px the container falls from ${spoken(wide)} px (${before.name}) to ${spoken(narrow)}, though the screen grows.`,
          values: { at: String(breakpoint.from), before: exactText(wide), after: exactText(narrow) },
          mends: [],
        },
      ];
    });
  },
};
