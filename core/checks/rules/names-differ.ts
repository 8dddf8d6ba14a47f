import type { Rule } from '../rule';
import { inCell } from '../rule';

/** No two breakpoints have one name. */
export const namesDiffer: Rule = {
  id: 'names-differ',
  version: 1,
  title: 'Each breakpoint has its own name',
  asks: 'Is each breakpoint’s name unique?',
  why: 'People refer to breakpoints by name. Two with the same name can’t be told apart in a review, a table or a comment.',
  source: 'Common practice, no source',
  weight: 'weigh',
  check({ breakpoints }) {
    const seen = new Map<string, string>();
    return breakpoints.flatMap((breakpoint) => {
      const name = breakpoint.name.trim().toLowerCase();
      const other = seen.get(name);
      if (other === undefined) seen.set(name, breakpoint.id);
      return other === undefined
        ? []
        : [inCell(breakpoint, { cell: 'name', values: { other }, facts: { name: breakpoint.name } })];
    });
  },
  says: ({ name }) => `Two breakpoints are named ${name}. Rename one of them.`,
};
