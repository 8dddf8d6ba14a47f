import { mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, test } from '@playwright/test';
import { PNG } from 'pngjs';
import { findFirefox } from '../../scripts/setup/firefox.mjs';
import { builtPage, demoSpec, html, type MeasureAnswer, measured, withSite } from './built-site';

const CHROMIUM = process.env.YPSILINE_CHROMIUM!;
const FIREFOX = findFirefox()!;
const passenger = demoSpec('Passenger site');

for (const [engine, browser] of [
  ['Chromium', CHROMIUM],
  ['Firefox', FIREFOX],
] as const) {
  test(`the layouts of an edition, as they are handed over, are as specified in ${engine}`, async () => {
    // the second engine takes one page at the drawn widths, and all at every one with `YPSILINE_LONG=1`
    const isShort = engine === 'Firefox' && !process.env.YPSILINE_LONG;
    const layouts = isShort ? passenger.layouts.slice(0, 1) : passenger.layouts;
    const pages = new Map(layouts.map((layout) => [`/${layout.id}`, builtPage(passenger, layout)]));
    await withSite(
      (path, _, response) => html(pages.get(path) ?? '')(path, _, response),
      async (site) => {
        const urls = [...pages.keys()].flatMap((path) => ['--url', `${site}${path}`]);
        const some = isShort ? ['--widths', 'drawn'] : [];
        const said = await measured(browser, passenger, [...urls, ...some]);
        expect(said.says).toMatch(/(\d+) checks: \1 as specified, 0 off\.\s*$/);
        expect(said.status).toBe(0);
        // a section as tall as the screen, where that is below the least and above the greatest that its rows divide
        for (const height of isShort ? ['1400'] : ['500', '1400']) {
          const front = ['--widths', '1512', '--height', height, '--url', `${site}/front`];
          expect((await measured(browser, passenger, front)).says, height).toContain(
            '4 checks: 4 as specified, 0 off.',
          );
        }
      },
    );
  });
}

test('what is off is drawn over a picture of the page, and written as JUnit XML', async () => {
  const folder = mkdtempSync(join(tmpdir(), 'ypsiline-pictures-'));
  const fault = "#front [data-block='ness'] { margin-inline-start: 8px !important }";
  try {
    await withSite(html(builtPage(passenger, passenger.layouts[0]!, fault)), async (site) => {
      const files = ['--pictures', folder, '--junit', join(folder, 'pages.xml')];
      const said = await measured(CHROMIUM, passenger, ['--widths', '1512', '--url', `${site}/front`, ...files]);
      expect(said.status).toBe(1);
    });
    expect(readFileSync(join(folder, 'pages.xml'), 'utf8')).toContain('<failure message="The Ness starts 8 px late"/>');
    const [name] = readdirSync(folder).filter((each) => each.endsWith('-front-1512.png'));
    const { width, data } = PNG.sync.read(readFileSync(join(folder, name!)));
    expect(width).toBe(1512);
    // the line around The Ness, from 996 on and at its height: #b3261e
    const marked = (x: number, y: number): boolean => data.readUIntBE((y * width + x) * 4, 3) === 0xb3261e;
    expect([995, 700].map((x) => marked(x, 1400))).toEqual([true, false]);
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
});

test('a table of data is one thing, whose columns are no columns of the page; one that lays out a page is its cells', async () => {
  const cells = ['Departs', 'From', 'To', 'Crossing time in minutes'];
  const row = (tag: string): string =>
    `<tr>${cells.map((each) => `<${tag} style="background: #eee">${each}</${tag}>`).join('')}</tr>`;
  const page = (more: string, head: string): string =>
    `<!doctype html><style>body { margin: 0 } table { margin: 8px 20px; inline-size: 372px; border-spacing: 3px }</style><table ${more}>${head}${row('td').repeat(6)}</table>`;
  for (const [table, status] of [
    [page('', `<thead>${row('th')}</thead>`), 0],
    [page('role="presentation"', row('td')), 1],
  ] as const) {
    const bare = { ...passenger, type: [], layouts: [] };
    await withSite(html(table), async (site) => {
      const said = await measured(CHROMIUM, bare, ['--widths', '412', '--url', site, '--json']);
      const { checks } = (JSON.parse(said.says) as MeasureAnswer).pages[0]!.screens[0]!;
      const columns = checks.find(({ check }) => check === 'columns')!;
      expect(columns.findings.length > 0 || columns.why !== null, said.says).toBe(status === 1);
      expect(columns.held, said.says).toBe(status === 1 ? 56 : 2);
    });
  }
});

/** A fault of a page: what is done to it, at which width it shows, and how it is told: the check, what it is said of, by how many px. */
type Fault = { css?: string; more?: string; at: number; check: string; of: RegExp; by: number | null };

const WIDTHS = [412, 820, 1512];
/** Declarations that hold at one width, whatever else is said. */
const only = (width: number, css: string): string =>
  `@media (width: ${width}px) { ${css.replace(/:\s*([^;{}]+?)\s*(?=[;}])/g, ': $1 !important')} }`;
const FAULTS: Fault[] = [
  // a side, a little and more, late and early, at one width or the other
  ...['promise', 'where-to', 'skerry', 'farholm', 'ness'].flatMap((block, index): Fault[] => {
    const at = WIDTHS[index % 3]!;
    const by = [1, 2, 3, 5, 8][index]!;
    const own = `[data-block='${block}']`;
    return [
      {
        at,
        css: only(at, `${own} { margin-inline-end: ${by}px }`),
        check: 'layout',
        of: /ends/,
        by: -by,
      },
      { at, css: only(at, `${own} { margin-inline-start: ${by}px }`), check: 'layout', of: /starts/, by },
    ];
  }),
  // the white space above
  ...['promise', 'where-to', 'skerry-line', 'farholm-line', 'ness-name'].flatMap((block, index): Fault[] =>
    [4, -6].map((by, turn): Fault => {
      const at = WIDTHS[(index + turn) % 3]!;
      return {
        at,
        css: only(at, `[data-block='${block}'] { position: relative; inset-block-start: ${by}px }`),
        check: 'layout',
        of: /stands/,
        by,
      };
    }),
  ),
  // heights
  ...[16, -16, 3].map((by, index): Fault => {
    const at = [412, 820, 412][index]!;
    return {
      at,
      css: only(
        at,
        `[data-block='harbour'] { block-size: calc(${at === 412 ? 279 : 632}px + ${by}px); aspect-ratio: auto }`,
      ),
      check: 'layout',
      of: /tall/,
      by,
    };
  }),
  // baselines alone: the box stays where it is, its words go down
  ...['skerry-line', 'farholm-line', 'ness-line'].map((block, index): Fault => {
    const at = index === 2 ? 820 : 412;
    return {
      at,
      css: only(
        at,
        `[data-block='${block}'] { padding-block-start: 2px; margin-block-end: -2px; box-sizing: border-box }`,
      ),
      check: 'baseline',
      of: /[\d.]+ px (below|above) a baseline/,
      by: null,
    };
  }),
  // sizes, leadings, families
  { at: 412, css: only(412, `.type-headline { font-size: 33px }`), check: 'type', of: /33\//, by: null },
  { at: 1512, css: only(1512, `[data-block='promise'] { font-size: 55px }`), check: 'type', of: /55\//, by: null },
  { at: 820, css: only(820, `[data-block='ness-line'] { font-size: 15px }`), check: 'type', of: /15\//, by: null },
  { at: 412, css: only(412, `[data-block='ness-line'] { line-height: 23px }`), check: 'type', of: /\/23/, by: null },
  {
    at: 1512,
    css: only(1512, `[data-block='skerry-line'] { font-family: serif }`),
    check: 'type',
    of: /serif/,
    by: null,
  },
  { at: 820, css: only(820, `[data-block='farholm-line'] { line-height: 30px }`), check: 'type', of: /\/30/, by: null },
  // beyond the screen, at one width alone
  ...[1, 7, 40, 200].map((by, index): Fault => {
    const at = WIDTHS[index % 3]!;
    const css = `.wide { display: none; position: absolute; inset: 0 auto auto 0; block-size: 1px; inline-size: ${at + by}px }`;
    return {
      at,
      css: `${css} ${only(at, '.wide { display: block }')}`,
      more: '<i class="wide"></i>',
      check: 'scroll',
      of: /\.wide/,
      by,
    };
  }),
  // a block that is not there
  ...['harbour', 'ness', 'promise', 'where-to'].map((block, index): Fault => {
    const at = WIDTHS[index % 3]!;
    return {
      at,
      css: only(at, `[data-block='${block}'] { display: none }`),
      check: 'layout',
      of: /isn’t on the page/,
      by: null,
    };
  }),
];

test('forty faults that were planted, an edge, a row, a baseline, a size, sideways scrolling: each is found where it is, and nothing else', async () => {
  expect(FAULTS.length).toBeGreaterThanOrEqual(40);
  const [front] = passenger.layouts;
  const pages = FAULTS.map(({ css = '', more = '' }) => builtPage(passenger, front!, css, more));
  await withSite(
    (path, _, response) => html(pages[Number(path.slice(1))] ?? '')(path, _, response),
    async (site) => {
      const urls = FAULTS.flatMap((_, index) => ['--url', `${site}/${index}`]);
      const said = await measured(CHROMIUM, passenger, ['--widths', WIDTHS.join(), '--json', ...urls]);
      const { pages: found } = JSON.parse(said.says) as MeasureAnswer;
      for (const [index, { screens }] of found.entries()) {
        const fault = FAULTS[index]!;
        const told = JSON.stringify(
          {
            fault,
            screens: screens.map(({ widthPx, checks }) => [
              widthPx,
              checks.flatMap(({ check, findings }) => findings.map(({ says }) => `${check}: ${says}`)),
            ]),
          },
          null,
          1,
        );
        for (const { widthPx, checks } of screens) {
          const findings = checks.flatMap(({ check, findings: own }) => own.map((finding) => ({ check, ...finding })));
          if (widthPx !== fault.at) expect.soft(findings, told).toEqual([]);
          else {
            const [own] = findings.filter(({ check, says }) => check === fault.check && fault.of.test(says));
            expect.soft(own, told).toBeDefined();
            if (fault.by !== null) expect.soft(own?.byPx, told).toBeCloseTo(fault.by, 1);
            // what else is said is of the same block
            const block = /data-block='([a-z-]+?)(-(line|name|picture))?'/.exec(fault.css ?? '')?.[1];
            for (const { elements } of findings.filter((each) => each !== own))
              expect(
                elements.every((name) => block !== undefined && name.includes(block)) || fault.css?.includes('.type-'),
                told,
              ).toBe(true);
          }
        }
      }
    },
  );
});
