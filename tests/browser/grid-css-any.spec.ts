import fc from 'fast-check';
import { columnEdges, columnsAt, roomAcross } from '../../core/columns/columns-at';
import { gridCss } from '../../core/formats/grid-css/grid-css';
import { ZERO } from '../../core/length/px';
import { breakpointAt } from '../../core/spec/ranges';
import { readSpec } from '../../core/document/read';
import { specOfGrid } from '../../core/spec/named-grids';
import type { NamedGrid, Spec } from '../../core/spec/schema';
import { anySpec } from '../any-spec';
import { expect, type Page, test } from '@playwright/test';

/** Documents and widths that are held against each other; `YPSILINE_LONG=1` takes the long form. */
const DOCUMENTS = process.env.YPSILINE_LONG ? 500 : 10;
const WIDTHS = 15;

const ORIGIN = { version: '1.0.0', published: '2026-01-01', sha256: '0'.repeat(64) };
/** Chromium's unit of layout, in px. */
const UNIT = 1 / 64;

test('grid.css and the core agree in Chromium, whatever the columns', async ({ page }) => {
  test.setTimeout(1_200_000);
  const specs = fc.sample(anySpec, { numRuns: DOCUMENTS, seed: 8 });
  const random = fc.sample(fc.integer({ min: 240, max: 2400 }), { numRuns: DOCUMENTS * WIDTHS, seed: 9 });
  let compared = 0;
  for (const [index, spec] of specs.entries()) {
    const widths = random.slice(index * WIDTHS, (index + 1) * WIDTHS);
    compared += await held(page, `document ${index}`, { spec, css: gridCss(spec, ORIGIN), widths, of: 'grid' });
  }
  expect(compared).toBeGreaterThan((DOCUMENTS * WIDTHS) / 2);
});

test('grids beside the main one, each on its own columns', async ({ page }) => {
  const pairs = fc.sample(fc.tuple(anySpec, anySpec), { numRuns: DOCUMENTS, seed: 12 });
  let compared = 0;
  for (const [index, [main, other]] of pairs.entries()) {
    const at = Object.fromEntries(
      main.breakpoints.map(({ id }, place) => [
        id,
        { columns: other.breakpoints[place % other.breakpoints.length]!.columns },
      ]),
    );
    const grid: NamedGrid = { id: 'beside', name: 'Beside', at };
    const spec = { ...main, grids: [grid] };
    if (readSpec(structuredClone(spec)).problem !== undefined) continue;
    const css = gridCss(spec, ORIGIN);
    compared += await held(page, `pair ${index}`, { spec: specOfGrid(spec, grid), css, widths: [360, 777, 1290, 1999], of: 'grid-beside' }); // prettier-ignore
  }
  expect(compared).toBeGreaterThan(DOCUMENTS);
});

test('beside panels, which may grow, and between bars', async ({ page }) => {
  const side = fc.constantFrom('64px', '7%', '6vw', '3.5rem', { between: ['40px', '120px'] as [string, string], over: [500, 1400] as [number, number] }); // prettier-ignore
  const frame = fc.record({ start: side, end: side, top: side }, { requiredKeys: [] });
  const framed = fc.sample(fc.tuple(anySpec, frame), { numRuns: DOCUMENTS, seed: 13 });
  let compared = 0;
  for (const [index, [base, own]] of framed.entries()) {
    const spec = { ...base, breakpoints: base.breakpoints.map((breakpoint) => ({ ...breakpoint, frame: own })) };
    if (readSpec(structuredClone(spec)).problem !== undefined) continue;
    const css = gridCss(spec, ORIGIN);
    compared += await held(page, `frame ${index}`, { spec, css, widths: [420, 801, 1290, 1999], of: 'grid', within: 'grid-frame' }); // prettier-ignore
  }
  expect(compared).toBeGreaterThan(DOCUMENTS);
});

test('in a container, whatever the screen', async ({ page }) => {
  const specs = fc.sample(anySpec, { numRuns: DOCUMENTS, seed: 14 });
  let compared = 0;
  for (const [index, base] of specs.entries()) {
    const spec = JSON.parse(JSON.stringify({ ...base, measure: 'container' }).replace(/(\d)vw"/g, '$1cqi"')) as Spec;
    expect(readSpec(structuredClone(spec)).problem).toBeUndefined();
    const css = gridCss(spec, ORIGIN);
    compared += await held(page, `container ${index}`, { spec, css, widths: [360, 801, 1290, 1999], of: 'grid', within: 'grid-region' }); // prettier-ignore
  }
  expect(compared).toBeGreaterThan(DOCUMENTS);
});

/** `within`: a class that is put around the grid; a region is narrower than the screen, and does not begin at its edge. */
type Held = { spec: Spec; css: string; widths: readonly number[]; of: string; within?: string };

/** Every edge of an element’s columns as Chromium draws it, at each width; how many widths had any. */
async function held(page: Page, says: string, { spec, css, widths, of, within = '' }: Held): Promise<number> {
  let compared = 0;
  await page.setContent(
    `<!doctype html><style>html{font-size:${spec.rootFontSize}px}body{margin:0}${css}</style>` +
      `<div class="${within}"><div class="${of}">${'<i>&nbsp;</i>'.repeat(64)}</div></div>`,
  );
  const isRegion = within === 'grid-region';
  for (const width of widths) {
    const breakpoint = breakpointAt(spec, width);
    const solved = columnsAt(spec, breakpoint, width);
    // columns and gutters that have no room are a finding that holds an edition back
    const { column, gutter, marginStart, marginEnd } = solved;
    if (
      roomAcross(solved).compare(ZERO) <= 0 ||
      column.equals(ZERO) ||
      [column, gutter, marginStart, marginEnd].some((length) => length.compare(ZERO) < 0)
    )
      continue;
    // browsers count columns of less than 1 px as if they had 1 px (CSS Grid Layout 1, 7.2.3.2)
    if (breakpoint.columns.count === 'auto' && column.compare(1) < 0) continue;
    await page.setViewportSize({ width: isRegion ? width + 200 : width, height: 300 });
    if (isRegion) await page.$eval('.grid-region', (region, own) => ((region as HTMLElement).style.cssText = `margin-left:100px;width:${own}px`), width); // prettier-ignore
    const drawn = await page.$$eval(`.${of} > i`, (boxes) => {
      const first = boxes[0]!.getBoundingClientRect().top;
      return boxes
        .map((box) => box.getBoundingClientRect())
        .filter(({ top }) => top === first)
        .map(({ left, right }) => [left, right]);
    });
    if (isRegion) for (const edges of drawn) for (const side of [0, 1]) edges[side]! -= 100;
    // margin, inset and every gutter (and held column) before are each rounded down to the unit
    const lengths = (column: number): number => column + 4 + (breakpoint.columns.column === 'auto' ? 0 : column + 1);
    const isOff = columnEdges(solved).some((edges, column) =>
      edges.some(
        (edge, side) => !(Math.abs((drawn[column]?.[side] ?? NaN) - edge.valueOf()) <= lengths(column) * UNIT),
      ),
    );
    if (isOff || drawn.length !== solved.count) {
      const meant = columnEdges(solved).map((edges) => edges.map((edge) => edge.valueOf()));
      expect(drawn, `${says} at ${width}: ${JSON.stringify(breakpoint.columns)}`).toEqual(meant);
    }
    compared++;
  }
  return compared;
}
