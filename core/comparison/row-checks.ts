import { decimal } from '../length/present';
import type { Px } from '../length/px';
import { rowsAt } from '../rows/rows-at';
import { byWidth, shownWidth } from '../spec/ranges';
import type { Breakpoint, Spec } from '../spec/schema';
import { isSamePx } from '../site/fit-columns';
import type { SiteReading } from '../site/read-site';
import type { GridSystem } from '../site/grid-systems';
import { rootsFor } from '../site/walk';
import { type Check, checkOf, countCalled, lengthCalled } from './check';

/** Rows of each breakpoint at its drawn size, where the page says any: tracks of the grid itself, or the custom properties of `grid.css`. */
export function rowChecks(spec: Spec, { grids }: SiteReading, system: GridSystem): Check[] {
  return byWidth(spec.breakpoints).flatMap((breakpoint): Check[] => {
    const own = rowsAt(spec, breakpoint);
    const width = shownWidth(spec, breakpoint);
    const roots = rootsFor(spec.rootFontSize);
    const onPage = (height: number) => grids.rowsAt(system, width, roots, height);
    const page = onPage(breakpoint.reference.height);
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
    // rows that share the screen are as low and as high as they may be on screens beyond both ends
    const bounds = boundsOf(breakpoint).flatMap(([quantity, height]) =>
      length(quantity, rowsAt(spec, breakpoint, height)!.height, onPage(height)?.height ?? null),
    );
    return [
      ...counted,
      ...length('Row height', own.height, page.height),
      ...length('Row gap', own.gap, page.gap),
      ...bounds,
    ];
  });
}

/** Heights of screens at which divided rows are as low or as high as they may be. */
function boundsOf({ rows }: Breakpoint): [quantity: string, height: number][] {
  if (rows?.rule !== 'divide') return [];
  return [
    ...(rows.minHeight === undefined ? [] : [['Least row height', LOWEST_SCREEN] as [string, number]]),
    ...(rows.maxHeight === undefined ? [] : [['Greatest row height', HIGHEST_SCREEN] as [string, number]]),
  ];
}

const [LOWEST_SCREEN, HIGHEST_SCREEN] = [1, 1_000_000];
