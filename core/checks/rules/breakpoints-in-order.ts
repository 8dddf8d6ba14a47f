import type { Rule } from '../rule';
import { breakpointEdits, orderEdits } from '../../edits/make-edits';
import { byWidth } from '../../spec/ranges';
import { inCell } from '../rule';

/** Breakpoints start at 0, rise, and no two start at one width. */
export const breakpointsInOrder: Rule = {
  id: 'breakpoints-in-order',
  version: 1,
  title: 'Breakpoints start at 0 and go up',
  asks: 'Does the first breakpoint start at 0, and each further one at a greater width than the one before?',
  why: 'Of two breakpoints at the same width only one can ever apply, and below the first nothing is specified.',
  source: 'Arithmetic: a range reaches from its width up to the next one',
  weight: 'must-fix',
  check({ spec, breakpoints }) {
    const first = breakpoints[0]!;
    const gap =
      first.from > 0
        ? [
            inCell(first, {
              cell: 'from',
              widths: [first.from],
              values: { from: String(first.from) },
              facts: { is: 'late', name: first.name },
              mends: [{ facts: { is: 'late' }, edits: breakpointEdits(first, { from: 0 }) }],
            }),
          ]
        : [];
    const clashes = spec.breakpoints.slice(1).flatMap((breakpoint, index) => {
      const before = spec.breakpoints[index]!;
      if (breakpoint.from > before.from) return [];
      const equal = breakpoint.from === before.from;
      return [
        inCell(breakpoint, {
          cell: 'from',
          widths: [breakpoint.from],
          values: { from: String(breakpoint.from), before: String(before.from) },
          facts: { is: equal ? 'equal' : 'below', name: breakpoint.name, other: before.name },
          mends: equal ? [] : [{ facts: { is: 'below' }, edits: orderEdits(spec, byWidth(spec.breakpoints)) }],
        }),
      ];
    });
    return [...gap, ...clashes];
  },
  says: ({ is, name, other, from, before }) => {
    if (is === 'late')
      return `${name} starts at ${from}. The first breakpoint must start at 0, or nothing is specified for 0–${Number(from) - 1}.`;
    return is === 'equal'
      ? `${other} and ${name} both start at ${from} px. Only one of them can apply. Change one of the widths.`
      : `${name} starts at ${from} px, below ${other} at ${before}, which comes before it.`;
  },
  offers: ({ is }) => (is === 'late' ? 'Start it at 0' : 'Sort them'),
};
