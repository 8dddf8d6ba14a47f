import type { Rule } from '../rule';
import { inCell } from '../rule';

/** WCAG 2.2, 1.4.10 Reflow: a page at 1280 px and 400 % zoom is 320 CSS px wide. */
const REFLOW = 320;
const PHONES_END = 600;

/** One breakpoint is drawn for screens about 320 px wide. */
export const drawnForReflow: Rule = {
  id: 'drawn-for-reflow',
  version: 1,
  title: 'Something is designed for 320 px',
  asks: 'Does the breakpoint that applies at 320 px have a design width below 600?',
  why: 'A desktop page at 400 % zoom is 320 px wide. A grid designed only for wider screens may fail there.',
  source: 'WCAG 2.2, 1.4.10 Reflow (320 CSS px)',
  weight: 'note',
  check({ breakpoints }) {
    const applies = breakpoints.findLast(({ from }) => from <= REFLOW) ?? breakpoints[0]!;
    if (applies.reference.width < PHONES_END) return [];
    return [
      inCell(applies, {
        cell: 'reference',
        widths: [REFLOW],
        values: { reference: String(applies.reference.width) },
        facts: { name: applies.name },
      }),
    ];
  },
  says: ({ reference, name }) =>
    `At ${REFLOW} px ${name} applies, with a design width of ${reference}. Nothing is designed for a page zoomed to 400 %.`,
};
