import { rangeEnd, rangeText } from '../../spec/ranges';
import { perBreakpoint, type Rule } from '../rule';
import { breakpointEdits } from '../../edits/make-edits';

/** The width a breakpoint is drawn at lies within its own range. */
export const referenceInRange: Rule = {
  id: 'reference-in-range',
  version: 1,
  title: 'The design width is in its range',
  asks: 'Does the breakpoint apply at its own design width?',
  why: 'A design outside its range shows a grid that no screen of that width will ever get.',
  source: 'Arithmetic: from ≤ reference width < next from',
  weight: 'must-fix',
  check: perBreakpoint((breakpoint, { spec }) => {
    const { from, reference } = breakpoint;
    const end = rangeEnd(spec, breakpoint);
    if (reference.width >= from && (end === null || reference.width < end)) return [null];
    const nearest = reference.width < from ? from : end! - 1;
    return [
      {
        cell: 'reference',
        values: { reference: String(reference.width), from: String(from), end: String(end ?? 'none') },
        facts: { range: rangeText(spec, breakpoint) },
        mends:
          nearest > 0
            ? [
                {
                  facts: { width: nearest },
                  edits: breakpointEdits(breakpoint, { reference: { ...reference, width: nearest } }),
                },
              ]
            : [],
      },
    ];
  }),
  says: ({ reference, range }) => `Designed at ${reference} px, outside the range of ${range}.`,
  offers: ({ width }) => `Set the design width to ${width}`,
};
