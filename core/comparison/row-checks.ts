import { decimal } from '../length/present';
import { type Px, px } from '../length/px';
import { rowsAt } from '../rows/rows-at';
import { byWidth, shownWidth } from '../spec/ranges';
import type { Spec } from '../spec/schema';
import { isSamePx } from '../site/fit-columns';
import type { SiteReading } from '../site/read-site';
import type { GridSystem } from '../site/grid-systems';
import { type Check, checkOf, countCalled, lengthCalled } from './check';

/** Rows of each breakpoint at its drawn size, where the page says any: tracks of the grid itself, or the custom properties of `grid.css`. */
export function rowChecks(spec: Spec, { grids }: SiteReading, system: GridSystem): Check[] {
  return byWidth(spec.breakpoints).flatMap((breakpoint): Check[] => {
    const own = rowsAt(spec, breakpoint);
    const width = shownWidth(spec, breakpoint);
    const page = grids.rowsAt(
      system,
      width,
      { initial: px(16), otherwise: px(spec.rootFontSize) },
      breakpoint.reference.height,
    );
    if (!own || !page) return [];
    const length = (quantity: string, specification: Px, found: Px | null): Check[] =>
      found === null
        ? []
        : [
            checkOf(breakpoint.name, lengthCalled(quantity), [
              {
                width,
                specification: decimal(specification),
                page: decimal(found),
                isSame: isSamePx(specification, found),
              },
            ]),
          ];
    const counted =
      own.rule === 'divide' && page.count !== null
        ? [
            checkOf(breakpoint.name, countCalled('Rows', 'row'), [
              { width, specification: String(own.count), page: String(page.count), isSame: own.count === page.count },
            ]),
          ]
        : [];
    return [...counted, ...length('Row height', own.height, page.height), ...length('Row gap', own.gap, page.gap)];
  });
}
