import type { Page } from '@playwright/test';
import { browserEdges } from '../../core/columns/browser-edges';
import { columnEdges, columnsAt } from '../../core/columns/columns-at';
import { gridCss } from '../../core/formats/grid-css/grid-css';
import { breakpointAt } from '../../core/spec/ranges';
import { type Px, ZERO } from '../../core/length/px';
import type { Spec } from '../../core/spec/schema';
import { DEMO_SPECS } from '../../scripts/demo/specs';
import { expect, test } from '@playwright/test';

const ORIGIN = { version: '1.0.0', published: '2026-01-01', sha256: '0'.repeat(64) };

/** Each reference width, and ten widths between the narrowest and the widest of them. */
function widthsOf({ breakpoints }: Spec): number[] {
  const references = breakpoints.map(({ reference }) => reference.width);
  const [least, most] = [Math.min(320, ...references), Math.max(...references) + 97];
  return [
    ...references,
    ...Array.from({ length: 10 }, (_, index) => Math.round(least + ((most - least) * (index + 1)) / 11)),
  ];
}

/** The columns of `grid.css` in Chromium: start and end of one box in each column. */
async function drawnEdges(page: Page, css: string, width: number, count: number): Promise<number[][]> {
  await page.setViewportSize({ width, height: 300 });
  await page.setContent(
    `<!doctype html><style>body{margin:0}${css}</style><div class="grid-region grid-frame"><div class="grid">${'<i>&nbsp;</i>'.repeat(count)}</div></div>`,
  );
  return page.$$eval('.grid > i', (boxes) =>
    boxes.map((box) => [box.getBoundingClientRect().left, box.getBoundingClientRect().right]),
  );
}

/**
 * Does the exact edge fall on a whole 64th that the browser reaches only by adding up fractions of one? It adds in
 * floating point there and may end 1/64 px lower.
 */
function isReachedByFractions(edge: Px, column: Px): boolean {
  const isWhole64th = (length: Px): boolean => length.mul(64).mod(1).equals(ZERO);
  return isWhole64th(edge) && !isWhole64th(column);
}

const documents = DEMO_SPECS.flatMap(({ drafts }) => drafts.map(({ document }) => document));

for (const [index, spec] of documents.entries()) {
  test(`${spec.name} (${index + 1}): every column edge is where the core says`, async ({ page }) => {
    const css = gridCss(spec, ORIGIN);
    for (const width of widthsOf(spec)) {
      const breakpoint = breakpointAt(spec, width);
      const solved = columnsAt(spec, breakpoint, width);
      const drawn = await drawnEdges(page, css, width, solved.count);
      const expected = browserEdges(breakpoint, solved);
      expect(drawn.length).toBe(expected.length);
      for (const [column, edge] of columnEdges(solved).entries()) {
        for (const side of [0, 1] as const) {
          const allowed = [
            expected[column]![side],
            ...(isReachedByFractions(edge[side], solved.column) ? [expected[column]![side] - 1 / 64] : []),
          ];
          expect(allowed, `${breakpoint.name} at ${width}, column ${column + 1}`).toContain(drawn[column]![side]);
        }
      }
    }
  });
}
