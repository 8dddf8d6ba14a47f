import type { Page } from '@playwright/test';
import type { Spec } from '../../../core/spec/schema';
import { type Column, ROWS } from './sheet-model';

/** The sheet as it stands on the screen, column by column. */
export async function shownSheet(page: Page): Promise<Column[]> {
  // a frame, so that what a key did is drawn
  return page.evaluate(async (rows) => {
    await new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(done)));
    const lines = rows.map((row) =>
      [...document.querySelectorAll<HTMLElement>('[role=gridcell]')]
        .filter((element) => element.ariaLabel?.startsWith(`${row}, `))
        .map((element) => element.querySelector('span')?.textContent ?? ''),
    );
    return lines[0]!.map((_, index) => Object.fromEntries(rows.map((row, line) => [row, lines[line]![index]])));
  }, ROWS) as Promise<Column[]>;
}

/** The same of a stored document. */
export function storedSheet({ breakpoints }: Spec): Column[] {
  const plain = (value: unknown): string => String(value).replace(/px$/, '');
  return breakpoints.map(({ name, from, reference, notes, columns }) => ({
    Name: name,
    'From width': String(from),
    'Design size': `${reference.width} × ${reference.height}`,
    Notes: notes,
    Count: plain(columns.count),
    Container: columns.container === 'fill' ? 'fills' : plain(columns.container),
    Margin: plain(columns.margin),
    Gutter: plain(columns.gutter),
  }));
}
