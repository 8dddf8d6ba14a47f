import { guttersInside } from '../../columns/solve';
import { exactText, ZERO } from '../../length/px';
import { counted, spoken } from '../../length/present';
import { narrowestViewport } from '../../spec/ranges';
import { perBreakpoint, type Rule } from '../rule';

/** The gutters alone leave room for columns, and a container leaves room for its gutters, at every width of the range. */
export const guttersFit: Rule = {
  id: 'gutters-fit',
  title: 'The gutters leave room for columns',
  asks: 'Are the gutters together narrower than the container, at the reference width and at the narrowest?',
  why: 'Gutters that are wider than the container leave columns of less than nothing.',
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
        const needed = gutter.mul(gutters);
        const message =
          gutters > 0 && needed.compare(ZERO) > 0
            ? `${counted(gutters, 'gutter')} of ${spoken(gutter)} px need ${spoken(needed)} px; the container has ${spoken(container)} at ${spoken(at(breakpoint, width).viewport)}, so nothing is left for ${counted(count, 'column')}.`
            : `The container is ${spoken(container)} px at ${spoken(at(breakpoint, width).viewport)}; nothing is left for ${counted(count, 'column')}.`;
        return [{ cell: 'gutter', message, values, mends: [] }];
      }
      if (gutter.compare(ZERO) < 0) {
        const message = `${counted(count, 'column')} of ${spoken(column)} px need ${spoken(column.mul(count))} px; the container has ${spoken(container)}, so the gutter would be ${spoken(gutter)}.`;
        return [{ cell: 'column', message, values, mends: [] }];
      }
    }
    return [null];
  }),
};
