import { greatestCommonDivisor } from '../../length/common-multiple';
import type { Rule } from '../rule';
import { inCell } from '../rule';

/** Column counts of neighbouring breakpoints share a divisor. */
export const countsShareDivisor: Rule = {
  id: 'counts-share-divisor',
  version: 1,
  title: 'Column counts share a divisor',
  asks: 'Do the column counts of neighbouring breakpoints have a common divisor above 1?',
  why: 'Half of 12 stays half of 8 and of 4. With 12 and 5, no part of one layout carries over to the other.',
  source: 'Common practice (12 · 8 · 4)',
  weight: 'weigh',
  check({ breakpoints, at }) {
    return breakpoints.slice(1).flatMap((breakpoint, index) => {
      const before = breakpoints[index]!;
      const [narrow, wide] = [at(before).count, at(breakpoint).count];
      if (narrow === 1 || wide === 1 || greatestCommonDivisor(BigInt(narrow), BigInt(wide)) > 1n) return [];
      return [
        inCell(breakpoint, {
          cell: 'count',
          values: { count: String(wide), before: String(narrow) },
          facts: { name: before.name },
        }),
      ];
    });
  },
  says: ({ count, before, name }) =>
    `${count} columns here and ${before} on ${name} share no divisor: no half, third or quarter carries over.`,
};
