import { guttersInside } from '../../columns/solve';
import { exactText, ZERO } from '../../length/px';
import { counted } from '../../length/present';
import { narrowestViewport } from '../../spec/ranges';
import { perBreakpoint, type Rule } from '../rule';
import { lengthInWords } from '../say';
import { px } from '../../length/px';

/** The gutters alone leave room for columns, and a container leaves room for its gutters, at every width of the range. */
export const guttersFit: Rule = {
  id: 'gutters-fit',
  version: 1,
  title: 'The gutters leave room for columns',
  asks: 'Are the gutters together narrower than the container, at the design width and at the narrowest?',
  why: 'Gutters wider than the container leave negative columns.',
  source: 'Arithmetic: column = (container − gutters) / count',
  weight: 'must-fix',
  check: perBreakpoint((breakpoint, { at }) => {
    for (const width of [breakpoint.reference.width, narrowestViewport(breakpoint)]) {
      const { count, gutter, column, container } = at(breakpoint, width);
      const values = {
        column: exactText(column),
        gutter: exactText(gutter),
        container: exactText(container),
        viewport: String(width),
      };
      if (column.compare(ZERO) <= 0) {
        const gutters = guttersInside(count, breakpoint.columns.outer);
        const is = gutters > 0 && gutter.compare(ZERO) > 0 ? 'gutters' : 'container';
        return [{ cell: 'gutter', widths: [width], values, facts: { is, gutters, count } }];
      }
      if (gutter.compare(ZERO) < 0) {
        return [{ cell: 'column', widths: [width], values, facts: { is: 'columns', count } }];
      }
    }
    return [null];
  }),
  says: ({ is, count, gutters, column, gutter, container, viewport }) => {
    const columns = counted(Number(count), 'column');
    if (is === 'columns')
      return `${columns} of ${lengthInWords(column)} px need ${lengthInWords(exactText(px(column!).mul(Number(count))))} px; the container has ${lengthInWords(container)}, so the gutter would be ${lengthInWords(gutter)}.`;
    if (is === 'container')
      return `The container is ${lengthInWords(container)} px at ${lengthInWords(viewport)}, which leaves nothing for ${columns}.`;
    const needed = exactText(px(gutter!).mul(Number(gutters)));
    return `${counted(Number(gutters), 'gutter')} of ${lengthInWords(gutter)} px need ${lengthInWords(needed)} px; the container has ${lengthInWords(container)} at ${lengthInWords(viewport)}, which leaves nothing for ${columns}.`;
  },
};
