import { spanWidth } from '../../columns/columns-at';
import { exactText, px } from '../../length/px';
import { narrowestViewport } from '../../spec/ranges';
import { perBreakpoint, type Rule } from '../rule';
import { figure } from '../say';

const ID = 'columns-hold-target';

/** A column is wide enough for something to touch, at the narrowest viewport of its range. */
export const columnsHoldTarget: Rule = {
  id: ID,
  version: 1,
  title: 'A column holds a touch target',
  asks: 'Is a column at least 24 px wide at the design width and at the narrowest viewport of its range?',
  why: 'Otherwise anything one column wide is too small to tap.',
  source: 'WCAG 2.2, 2.5.8 Target Size (24 CSS px)',
  weight: 'weigh',
  thresholds: [{ id: 'target', title: 'Touch target', unit: 'px', usual: 24 }],
  check: perBreakpoint((breakpoint, { at, threshold }) => {
    const target = px(threshold(ID, 'target'));
    const width = [breakpoint.reference.width, narrowestViewport(breakpoint)].find((viewport) => {
      const { column } = at(breakpoint, viewport);
      return column.compare(0) > 0 && column.compare(target) < 0;
    });
    if (width === undefined) return [null];
    const solved = at(breakpoint, width);
    const enough = Array.from({ length: solved.count }, (_, index) => index + 1).find(
      (span) => spanWidth(solved, span).compare(target) >= 0,
    );
    return [
      {
        cell: 'column',
        widths: [width],
        values: { column: exactText(solved.column), viewport: String(width) },
        facts: { target: exactText(target), count: solved.count, ...(enough !== undefined && { enough }) },
      },
    ];
  }),
  says: ({ column, viewport, target, count, enough }) => {
    const needed = enough === undefined ? `even ${count} of them don’t fit one` : `a target needs a span of ${enough}`;
    return `Columns are ${figure(column)} px at ${viewport}, under the ${figure(target)} px of a touch target; ${needed}.`;
  },
};
