import { expect, type Page, test } from '@playwright/test';
import fc from 'fast-check';
import { columnsAt } from '../../core/columns/columns-at';
import { layoutCss } from '../../core/formats/layout/layout-css';
import { layoutHtml } from '../../core/formats/layout/layout-html';
import { contentHeight } from '../../core/layouts/height-law';
import { solveLayout } from '../../core/layouts/solve-layout';
import type { PlacedBlock } from '../../core/layouts/place-blocks';
import { anyLayout, anyPage } from '../../core/layouts/testing';
import { type Px, ZERO } from '../../core/length/px';
import { isRelation } from '../../core/columns/relation';
import { breakpointAt } from '../../core/spec/ranges';
import type { Breakpoint, Layout, NamedGrid, Spec } from '../../core/spec/schema';

/** Layouts and widths that are held against each other; `YPSILINE_LONG=1` takes the long form. */
const LAYOUTS = process.env.YPSILINE_LONG ? 600 : 8;
const WIDTHS = 12;
const HEIGHT = 900;

const ORIGIN = { version: '1.0.0', published: '2026-01-01', sha256: '0'.repeat(64) };
/** Chromium's unit of layout, in px. */
const UNIT = 1 / 64;

test('layout.css and the core agree in Chromium, whatever the layout', async ({ page }) => {
  test.setTimeout(1_200_000);
  const pages = fc.sample(fc.tuple(anyPage, anyLayout), { numRuns: LAYOUTS, seed: 10 });
  const widths = fc.sample(fc.integer({ min: 240, max: 2000 }), { numRuns: LAYOUTS * WIDTHS, seed: 11 });
  await held(page, pages, (index) => widths.slice(index * WIDTHS, (index + 1) * WIDTHS));
});

test('beside panels and between bars', async ({ page }) => {
  const side = fc.constantFrom('64px', '5%', '4vw', { between: ['40px', '120px'] as [string, string], over: [500, 1400] as [number, number] }); // prettier-ignore
  const frames = fc.record({ start: side, end: side, top: side, bottom: side }, { requiredKeys: [] });
  const framed = fc.tuple(anyPage, frames).map(([spec, frame]) => ({
    ...spec,
    breakpoints: spec.breakpoints.map((each) => ({ ...each, frame })),
  }));
  const pages = fc.sample(fc.tuple(framed, anyLayout), { numRuns: LAYOUTS / 2, seed: 12 });
  await held(page, pages, () => [320, 777, 1290, 1800]);
});

test('sections on grids of their own, with rows of their own and without', async ({ page }) => {
  const part = fc.record({ count: fc.integer({ min: 2, max: 9 }), margin: fc.constantFrom('12px', '40px', '7%'), gutter: fc.constant('16px'), container: fc.constant('fill' as const), column: fc.constant('auto' as const) }); // prettier-ignore
  const rows = fc.constantFrom(undefined, undefined, {
    rule: 'repeat' as const,
    height: '20px',
    gap: '4px',
    offset: '6px',
  });
  const grids = fc
    .tuple(part, rows)
    .map(([columns, own]): NamedGrid[] => [
      { id: 'beside', name: 'Beside', at: { tablet: { columns }, desktop: { columns, ...(own && { rows: own }) } } },
    ]);
  const sampled = fc.sample(fc.tuple(anyPage, anyLayout, grids, fc.array(fc.boolean(), { minLength: 6, maxLength: 6 })), { numRuns: LAYOUTS, seed: 15 }); // prettier-ignore
  const pages = sampled.map(([spec, layout, own, isOn]): [Spec, Layout] => [
    { ...spec, grids: own },
    {
      ...layout,
      sections: layout.sections.map((section, index) => (isOn[index % 6] ? { ...section, grid: 'beside' } : section)),
    },
  ]);
  await held(page, pages, () => [390, 777, 1290, 1800]);
});

/** Every block of pages as Chromium draws it, at some widths. */
async function held(page: Page, pages: [Spec, Layout][], widthsOf: (index: number) => number[]): Promise<void> {
  let compared = 0;
  for (const [index, [base, layout]] of pages.entries()) {
    const spec = { ...base, layouts: [layout] };
    await page.setContent(layoutHtml(spec, [layout], layoutCss(spec, ORIGIN, [layout])));
    for (const width of widthsOf(index)) {
      const breakpoint = breakpointAt(spec, width);
      // columns that have no room are a finding of their own
      if (columnsAt(spec, breakpoint, width).column.compare(ZERO) <= 0) continue;
      await page.setViewportSize({ width, height: HEIGHT });
      const drawn = await page.$$eval('[data-block]', (boxes) => {
        // with bars and panels around it, a page begins where the screen does
        const { top, left } = (document.querySelector('.grid-frame') ??
          document.querySelector('.layout'))!.getBoundingClientRect();
        // what is hidden has no box
        const shown = boxes.filter((box) => box.getClientRects().length > 0);
        return shown.map((box) => {
          const edges = box.getBoundingClientRect();
          return [
            (box as HTMLElement).dataset.block!,
            edges.left - left,
            edges.top - top,
            edges.width,
            edges.height,
          ] as const;
        });
      });
      const meant = new Map(solveLayout(spec, layout, width, HEIGHT).blocks.map((block) => [block.id, block]));
      expect(drawn.length).toBe(meant.size);
      const order = [...meant.keys()];
      // what stands on rows that are no whole px carries that down to all that follows
      const isBroken = hasBrokenRows(breakpoint) || [...meant.values()].some(({ frame }) => !isWhole(frame.stack(1)));
      const passed = ({ id, placed }: PlacedBlock): number =>
        isBroken ? 4 * (order.indexOf(id) + placed.lanes[1]) + 4 : 0;
      for (const [id, ...edges] of drawn) {
        const block = meant.get(id)!;
        // what stands in a card takes over how its edges were rounded
        const card = block.card === null ? undefined : meant.get(block.card);
        const { x, y, width: wide, height, placed, tracks } = block;
        // neither has a card’s column between gutters that are wider than the card
        if (
          tracks.end(1).compare(tracks.start(1)) < 0 ||
          tracks.end(tracks.count).compare(tracks.start(tracks.count)) < 0
        )
          continue;
        if (growsBeyond(block)) continue;
        const exact = [x, y, wide, height].map((length) => length.valueOf());
        const isOff = edges.some(
          (edge, place) =>
            Math.abs(edge - exact[place]!) >
            toleranceOf(block, breakpoint, place, passed(block)) +
              (card ? toleranceOf(card, breakpoint, place, passed(card)) : 0),
        );
        if (isOff) expect(edges, `layout ${index} at ${width}, ${id}: ${JSON.stringify(placed)}`).toEqual(exact);
        compared++;
      }
    }
  }
  expect(compared).toBeGreaterThan(pages.length * widthsOf(0).length);
}

/** Has it more items or rows than it was given lines, or is it a card that is narrower than its padding? Then it is larger than it is meant to be, and says so. */
function growsBeyond({ placed, width }: PlacedBlock): boolean {
  const { holds } = placed.block;
  // past the screen nothing is left of it but what it holds
  if (width.equals(0)) return true;
  if ('card' in holds) return width.compare(2 * Number.parseFloat(String(holds.card.padding))) < 0;
  const [given, needed] = [placed.height, contentHeight(holds)];
  return typeof given === 'object' && 'lines' in given && needed !== null && 'lines' in needed && given.lines < needed.lines; // prettier-ignore
}

/** Do rows go by columns or gutters, or divide what bars and gaps leave of a screen? */
function hasBrokenRows({ rows, frame }: Breakpoint): boolean {
  if (frame !== undefined) return true;
  return rows !== null && (rows.rule === 'fields' || rows.rule === 'divide' || Object.values(rows).some(isRelation));
}

/** Is it a whole number of units? */
function isWhole(length: Px): boolean {
  return Number.isInteger(length.valueOf() * 64);
}

/**
 * One unit; two for a length between two edges that are each rounded. What is rounded by itself before adds one each: how far a text is moved down onto a line, a margin that carries an edge off its line, the height of a block
 * that is counted back from a foot, columns and a gutter that are no whole 64ths, and rows that are no whole px, as those that go by columns or divide what bars leave, each time they are passed.
 */
function toleranceOf({ tracks, placed }: PlacedBlock, breakpoint: Breakpoint, place: number, passed: number) {
  const { columns: grid } = breakpoint;
  const { gutter } = grid;
  const { columns, leaves, stands } = placed;
  const isOff = (line: number): number => (Number.isInteger(line) && line <= tracks.count ? 0 : 1);
  const across =
    (isWhole(tracks.column) ? 0 : 1) +
    leaves.length +
    isOff(columns[0]) +
    isOff(columns[1]) +
    (String(gutter).includes('vw') ? tracks.count + 1 : 0);
  const down = (stands === 'top' ? 0 : 1) + passed;
  return ((place < 2 ? 1 : 2) + (place % 2 === 0 ? across : down)) * UNIT + 1e-6;
}
