import type { Page } from '@playwright/test';
import { ANY } from '../../core/site/roles';
import type { GridSystem } from '../../core/site/grid-systems';
import type { SiteGrids } from '../../core/site/systems';

/** Columns of a page as Chromium draws them, in px. */
export type Measured = { count: number; column: number; gutter: number; start: number; end: number };

/**
 * The columns of a system in Chromium: a page with its elements in each other and an element for each column, whose content boxes are measured; null where the
 * style sheets have no class of a single column.
 */
export async function measuredColumns(
  page: Page,
  css: string,
  { grids, system, width, count }: { grids: SiteGrids; system: GridSystem; width: number; count: number },
): Promise<Measured | null> {
  const item = system.kind === 'tracks' ? '' : grids.itemAt(system, width, 1 / count);
  if (item === null) return null;
  const items = `<div class="${item}">x</div>`.repeat(count);
  const html = system.around.reduceRight(
    (inner, each) => `<div class="${each === ANY ? '' : each}">${inner}</div>`,
    items,
  );
  await page.setViewportSize({ width, height: 800 });
  await page.setContent(
    `<!doctype html><style>${css}</style><style>body { margin: 0 !important; overflow-y: hidden !important }</style>${html}`,
  );
  return page.evaluate((deep) => {
    let row: Element = document.body;
    for (let level = 0; level < deep; level++) row = row.firstElementChild!;
    const boxes = [...row.children].map((child) => {
      const { left, right, top } = child.getBoundingClientRect();
      const style = getComputedStyle(child);
      return { top, left: left + parseFloat(style.paddingLeft), right: right - parseFloat(style.paddingRight) };
    });
    const inRow = boxes.filter(({ top }) => top === boxes[0]!.top);
    const [first, second] = inRow;
    return {
      count: inRow.length,
      column: first!.right - first!.left,
      gutter: second ? second.left - first!.right : 0,
      start: first!.left,
      end: inRow.at(-1)!.right,
    };
  }, system.around.length);
}
