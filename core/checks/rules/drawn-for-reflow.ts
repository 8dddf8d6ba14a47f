import type { Rule } from '../rule';

/** WCAG 2.2, 1.4.10 Reflow: a page at 1280 px and 400 % zoom is 320 CSS px wide. */
const REFLOW = 320;
const PHONES_END = 600;

/** One breakpoint is drawn for screens about 320 px wide. */
export const drawnForReflow: Rule = {
  id: 'drawn-for-reflow',
  title: 'Something is drawn for 320 px',
  asks: 'Is the breakpoint that applies at 320 px drawn at a width below 600?',
  why: 'A desktop page at 400 % zoom is 320 px wide; a grid that was only ever drawn wider is not known to hold there.',
  source: 'WCAG 2.2, 1.4.10 Reflow (320 CSS px)',
  weight: 'note',
  check({ breakpoints }) {
    const applies = breakpoints.findLast(({ from }) => from <= REFLOW) ?? breakpoints[0]!;
    if (applies.reference.width < PHONES_END) return [];
    return [
      {
        breakpoint: applies.id,
        cell: 'reference',
        message: `At ${REFLOW} px ${applies.name} applies, which is drawn at ${applies.reference.width}; nothing is drawn for a page zoomed to 400 %.`,
        values: { reference: String(applies.reference.width) },
        mends: [],
      },
    ];
  },
};
