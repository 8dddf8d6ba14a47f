import { execFileSync } from 'node:child_process';
import { existsSync, mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import fc from 'fast-check';
import { PNG } from 'pngjs';
import { beforeAll, describe, expect, test } from 'vitest';
import { baselineAt } from '../../core/baseline/baseline-at';
import { columnEdges, columnsAt } from '../../core/columns/columns-at';
import { allTables } from '../../core/edition/all-tables';
import { editionFiles, type FormatFile } from '../../core/formats/registry';
import { inksOf } from '../../core/overlay/inks';
import { rowEdges, rowsAt } from '../../core/rows/rows-at';
import type { Breakpoint, Spec } from '../../core/spec/schema';
import { DEMO_SPECS } from '../../scripts/demo/specs';
import { ensureDebianPackage } from '../../scripts/setup/packages.mjs';
import { rendered } from '../../server/rendering/rendered';
import { anySpec } from '../any-spec';

/** Pictures, the page and the PDF of an edition say what the core says. */

const ORIGIN = { version: '1.0.0', published: '2026-01-01', sha256: '0'.repeat(64) };
const demo = DEMO_SPECS.flatMap(({ drafts }) => drafts.map(({ document }) => document));
const specs: Spec[] = [...demo, ...fc.sample(anySpec, { numRuns: 8, seed: 21 })];

/** So many PDFs and pictures are held; `YPSILINE_LONG=1` takes more. */
const SHOWN = process.env['YPSILINE_LONG'] ? 8 : 2;

const fileOf = (spec: Spec, name: string): FormatFile => editionFiles(spec).find((file) => file.name === name)!;
const bytesOf = async (files: readonly FormatFile[]): Promise<Buffer[]> =>
  (await rendered(files.map(({ format, write }) => ({ becomes: format.becomes!, text: write(ORIGIN) })))).map(
    ({ bytes, problem }) => {
      if (!bytes) throw new Error(problem);
      return bytes;
    },
  );

/** Everything that a table says, as words without spaces; fractions written out. */
const words = (text: string): string =>
  text
    .replaceAll('≈', '~')
    .replace(/(\d)(?=[¼-¾⅐-⅞⁰¹²³⁴-⁹])/g, '$1 ')
    .replace(/[¼-¾⅐-⅞⁰¹²³⁴-⁹₀-₉⁄]/g, (sign) => sign.normalize('NFKD').replace('⁄', '/'))
    .replace(/\s+/g, '');

const saidBy = (spec: Spec): string[] =>
  allTables(spec).flatMap(({ table }) =>
    table.rows.flatMap(({ values }) =>
      values.flatMap((value) => (value ? [value.shown, ...(value.note ? [value.note] : [])] : [])),
    ),
  );

describe.each(specs.map((spec, index) => [index, spec] as const))('document %i', (_, spec) => {
  test('page.html has every value of every table, and nothing that runs or is fetched', () => {
    const html = fileOf(spec, 'page.html').write(ORIGIN);
    const text = words(
      html
        .replace(/<style>.*?<\/style>/s, '')
        .replace(/<[^>]+>/g, '\n')
        .replace(
          /&(amp|lt|gt|quot);/g,
          (entity) => ({ '&amp;': '&', '&lt;': '<', '&gt;': '>', '&quot;': '"' })[entity]!,
        ),
    );
    for (const value of saidBy(spec)) expect(text).toContain(words(value));
    expect(html).not.toMatch(/<script|<link|src=|url\(|@import/);
  });
});

describe('page.pdf', () => {
  beforeAll(() => ensureDebianPackage('poppler-utils', () => ['/usr/bin/pdftotext'].find(existsSync) ?? null));

  test.each(demo.slice(0, SHOWN).map((spec, index) => [index, spec] as const))(
    'document %i: its text has every value, its fonts are embedded',
    async (_, spec) => {
      const [bytes] = await bytesOf([fileOf(spec, 'page.pdf')]);
      const path = join(mkdtempSync(join(tmpdir(), 'ypsiline-pdf-')), 'page.pdf');
      writeFileSync(path, bytes!);
      const text = words(execFileSync('pdftotext', ['-layout', path, '-'], { encoding: 'utf8' }));
      for (const value of saidBy(spec)) expect(text).toContain(words(value));
      const fonts = execFileSync('pdffonts', [path], { encoding: 'utf8' }).trim().split('\n').slice(2);
      expect(fonts.length).toBeGreaterThan(0);
      // emb, sub, uni
      for (const font of fonts) expect(font).toMatch(/ yes yes yes /);
    },
    300_000,
  );
});

/** Half up, in pixels of a picture. */
const pixel = (length: { valueOf(): number }, density: number): number =>
  Math.floor(length.valueOf() * density + 0.5 + 1e-9);

/** What lies over each pixel across, or down. */
function strength(
  edges: readonly (readonly [{ valueOf(): number }, { valueOf(): number }])[],
  size: number,
  density: number,
  thick?: number,
) {
  const over = new Uint8Array(size);
  for (const [from, to] of edges) {
    const start = pixel(from, density);
    const end = thick === undefined ? pixel(to, density) : start + thick;
    over.fill(1, Math.max(0, start), Math.max(0, Math.min(size, end)));
  }
  return over;
}

/** Opacity of inks that lie on each other (Porter and Duff: source over), in 255ths. */
const over = (strengths: readonly number[]): number =>
  Math.round(255 * (1 - strengths.reduce((rest, each) => rest * (1 - each), 1)));

describe('overlays as pictures, pixel by pixel', () => {
  const cases = demo.flatMap((spec) => spec.breakpoints.map((breakpoint) => [spec, breakpoint] as const));

  test.each(
    cases.slice(0, SHOWN).map(([spec, breakpoint]) => [`${spec.name}, ${breakpoint.name}`, spec, breakpoint] as const),
  )(
    '%s',
    async (_, spec, breakpoint) => {
      for (const density of [1, 2]) await held(spec, breakpoint, density);
    },
    300_000,
  );

  async function held(spec: Spec, breakpoint: Breakpoint, density: number): Promise<void> {
    const name = `overlay-${breakpoint.id}${density === 1 ? '' : `@${density}x`}.png`;
    const file = editionFiles(spec).find((each) => each.name === name);
    // larger pictures are left out
    if (!file)
      return expect(breakpoint.reference.width * breakpoint.reference.height * density ** 2).toBeGreaterThan(
        12_000_000,
      );
    const [bytes] = await bytesOf([file]);
    const { width, height, data } = PNG.sync.read(bytes!);
    expect([width, height]).toEqual([breakpoint.reference.width * density, breakpoint.reference.height * density]);
    const rows = rowsAt(spec, breakpoint);
    const baseline = baselineAt(spec, breakpoint);
    const lines = baseline
      ? Array.from({ length: baseline.lines }, (_, index) => {
          const place = baseline.offset.add(baseline.step.mul(index));
          return [place, place.add(1)] as const;
        })
      : [];
    const across = strength(columnEdges(columnsAt(spec, breakpoint)), width, density);
    const inRows = strength(rows ? rowEdges(rows) : [], height, density);
    const inLines = strength(lines, height, density, density);
    const inks = inksOf(spec);
    let wrong = 0;
    for (let y = 0; y < height; y++) {
      for (let x = 0; x < width; x++) {
        const expected = over([
          ...(across[x] ? [inks.columns.strength / 100] : []),
          ...(inRows[y] ? [inks.rows.strength / 100] : []),
          ...(inLines[y] ? [inks.baseline.strength / 100] : []),
        ]);
        // each ink on another may round by one
        if (Math.abs(data[(y * width + x) * 4 + 3]! - expected) > 2) wrong++;
      }
    }
    expect(wrong).toBe(0);
  }
});
