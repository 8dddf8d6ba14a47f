import { editsBetween } from '../../../edits/edits-between';
import { gapKinds, gapsAt, withGaps } from '../../../layouts/gap-kinds';
import { counted, inSeries } from '../../../length/present';
import { shownWidth } from '../../../spec/ranges';
import type { Rule } from '../../rule';

/** Gaps of one kind have one count of rows at a breakpoint, in all layouts. */
export const gapsAlike: Rule = {
  id: 'gaps-alike',
  version: 1,
  title: 'Similar gaps are equal',
  asks: 'Does white space between the same two kinds of block have the same number of rows in all layouts at a breakpoint?',
  why: 'Readers take different gaps for different meanings. Consistent white space is the same everywhere.',
  source: 'Common practice',
  weight: 'weigh',
  check: ({ spec, breakpoints }) =>
    breakpoints.flatMap((breakpoint) =>
      [...gapKinds(gapsAt(spec, breakpoint))].flatMap(([kind, counts]) => {
        if (counts.length < 2) return [];
        const all = counts.flatMap(({ gaps }) => gaps);
        const others = counts.slice(1).flatMap(({ gaps }) => gaps);
        return [
          {
            breakpoint: breakpoint.id,
            subject: others.map(({ layout, section }) => [
              'layouts',
              layout,
              'sections',
              section,
              'space',
              breakpoint.id,
            ]),
            widths: [shownWidth(spec, breakpoint)],
            values: { kind, counts: counts.map(({ rows, gaps }) => `${gaps.length} of ${rows}`).join(', ') },
            facts: { kind, most: counts[0]!.rows },
            mends: counts.map(({ rows }) => ({
              facts: { rows },
              edits: editsBetween(spec, withGaps(spec, breakpoint, all, rows)),
            })),
          },
        ];
      }),
    ),
  says: ({ kind, counts }) => {
    const each = String(counts)
      .split(', ')
      .map((text) => text.split(' of ') as [string, string])
      .map(([gaps, rows]) => `${gaps === '1' ? 'one has' : `${gaps} have`} ${counted(Number(rows), 'row')}`);
    return `White space from ${kind}: ${inSeries(each)}.`;
  },
  offers: ({ rows }) => `Set all to ${counted(Number(rows), 'row')}`,
};
