import type { Rule } from '../rule';

/** Breakpoints start at 0, rise, and no two start at one width. */
export const breakpointsInOrder: Rule = {
  id: 'breakpoints-in-order',
  title: 'Breakpoints rise from 0',
  asks: 'Does the first breakpoint start at 0, and each further one at a greater width than the one before?',
  why: 'Of two breakpoints at one width only one can ever apply, and below the first one nothing is specified.',
  source: 'Arithmetic: a range reaches from its width up to the next one',
  weight: 'must-fix',
  check({ spec, breakpoints }) {
    const first = breakpoints[0]!;
    const gap =
      first.from > 0
        ? [
            {
              breakpoint: first.id,
              cell: 'from' as const,
              message: `${first.name} starts at ${first.from}; the first breakpoint starts at 0, or nothing is specified for 0–${first.from - 1}.`,
              values: { from: String(first.from) },
              mends: [{ label: 'Start it at 0', changes: [{ breakpoint: first.id, from: 0 }] }],
            },
          ]
        : [];
    const clashes = spec.breakpoints.slice(1).flatMap((breakpoint, index) => {
      const before = spec.breakpoints[index]!;
      if (breakpoint.from > before.from) return [];
      const equal = breakpoint.from === before.from;
      return [
        {
          breakpoint: breakpoint.id,
          cell: 'from' as const,
          message: equal
            ? `${before.name} and ${breakpoint.name} both start at ${breakpoint.from} px; only one of them can apply. Give one another width.`
            : `${breakpoint.name} starts at ${breakpoint.from} px, below ${before.name} at ${before.from}, which stands before it.`,
          values: { from: String(breakpoint.from), before: String(before.from) },
          mends: equal ? [] : [{ label: 'Put them in order', changes: [{ order: 'by width' as const }] }],
        },
      ];
    });
    return [...gap, ...clashes];
  },
};
