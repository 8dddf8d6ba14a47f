import { expect, test } from '@playwright/test';
import { specOfScreens } from '../../core/sheet/from-screens';
import type { Spec } from '../../core/spec/schema';
import { DEMO_SPECS } from '../../scripts/demo/specs';
import { findFirefox } from '../../scripts/setup/firefox.mjs';
import { builtPage, type MeasureAnswer, measured, withSite } from './built-site';
import { PACKAGES } from './framework-pages';

const CHROMIUM = process.env.YPSILINE_CHROMIUM!;
const FIREFOX = findFirefox()!;
const demo = (name: string): Spec =>
  DEMO_SPECS.map(({ drafts }) => drafts.at(-1)!.document).find((each) => each.name === name)!;
const passenger = demo('Passenger site');

const html = (text: string) => (_: string, __: unknown, response: import('node:http').ServerResponse) => {
  response.setHeader('Content-Type', 'text/html; charset=utf-8');
  response.end(text);
};

for (const [engine, browser] of [
  ['Chromium', CHROMIUM],
  ['Firefox', FIREFOX],
] as const) {
  test(`the layouts of an edition, as they are handed over, are as specified in ${engine}`, async () => {
    const pages = new Map(passenger.layouts.map((layout) => [`/${layout.id}`, builtPage(passenger, layout)]));
    await withSite(
      (path, _, response) => html(pages.get(path) ?? '')(path, _, response),
      async (site) => {
        const urls = [...pages.keys()].flatMap((path) => ['--url', `${site}${path}`]);
        const said = await measured(browser, passenger, urls);
        expect(said.says).toMatch(/(\d+) checks: \1 as specified, 0 off\.\s*$/);
        expect(said.status).toBe(0);
      },
    );
  });
}

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

test('what cannot be measured is said in a sentence each', async () => {
  const [front] = passenger.layouts;
  const page = builtPage(passenger, front!);
  const moving = page.replace(
    '</body>',
    '<div id="on" style="position: absolute; inset: 0 auto auto 0; inline-size: 9px; block-size: 9px; background: red"></div><script>let x = 0; setInterval(() => { document.getElementById("on").style.left = `${x++ % 300}px` }, 20)</script></body>',
  );
  await withSite(
    (path, request, response) => {
      if (path === '/silent') return;
      if (path === '/round') return response.writeHead(302, { Location: '/round' }).end();
      if (path === '/broken') return response.writeHead(500).end('no');
      if (
        path === '/closed' &&
        request.headers.authorization !== 'Bearer let-me-in' &&
        request.headers.cookie !== 'session=let-me-in'
      )
        return response.writeHead(401).end();
      if (path === '/private') return response.writeHead(302, { Location: '/enter' }).end();
      if (path === '/enter') return html('<input type="password">')(path, request, response);
      if (path === '/asks')
        return html(page.replace('</body>', '<script>alert("Subscribe?")</script></body>'))(path, request, response);
      if (path === '/moves') return html(moving)(path, request, response);
      if (path === '/huge') return html(`<!doctype html>${'<i></i>'.repeat(60_000)}`)(path, request, response);
      html(page)(path, request, response);
    },
    async (site) => {
      const said = async (path: string, ...args: string[]) => {
        return measured(CHROMIUM, passenger, ['--widths', '412', '--url', `${site}${path}`, ...args]);
      };
      for (const [path, args, sentence] of [
        ['/silent', ['--timeout', '1'], 'hasn’t come after 1 s'],
        ['/round', [], 'redirects for ever'],
        ['/broken', [], 'answers 500'],
        ['/closed', [], 'answers 401. Give what signs in with --header or --cookie'],
        ['/private', [], 'where one signs in'],
        ['/', ['--wait', '.never', '--timeout', '1'], 'has no .never after 1 s'],
        ['/', ['--header', 'no colon'], '--header can’t be read'],
        ['/', ['--widths', '12'], '--widths is “12”'],
      ] as const) {
        const { status, says } = await said(path, ...args);
        expect(says, path).toContain(sentence);
        expect(status, path).toBe(2);
      }
      for (const secret of [
        ['--header', 'Authorization: Bearer let-me-in'],
        ['--cookie', 'session=let-me-in'],
      ]) {
        const { status, says } = await said('/closed', ...secret, '--json');
        expect(status).toBe(0);
        expect(says).not.toContain('let-me-in');
      }
      expect((await said('/asks')).says).toContain('A dialog was closed: “Subscribe?”');
      const moves = await said('/moves');
      expect(moves.says).toContain('The page moves all the time: #on');
      expect(moves.status).toBe(1);
      expect((await said('/moves', '--ignore', '#on')).status).toBe(0);
      const huge = await said('/huge');
      expect(huge.says).toContain('has 60,000 elements; at most 50,000 can be measured');
      expect(huge.status).toBe(1);
    },
  );
  const gone = await measured(CHROMIUM, passenger, ['--url', 'http://127.0.0.1:9/']);
  expect(gone.says).toMatch(/port that browsers don’t open|isn’t answered/);
  const none = await measured('/no/such/browser', passenger, ['--url', 'http://127.0.0.1:9/']);
  expect(none).toMatchObject({ status: 2, says: expect.stringContaining('--browser: there is no /no/such/browser') });
});

for (const { name, css, rows, around, row, cell, truth } of PACKAGES) {
  test(`a page with the grid of ${name} is as a specification with its published numbers says, and off where they differ`, async () => {
    const widths = [1100, 1600];
    const content = '<div style="block-size: 90px; margin-block-end: 30px; background: #789"></div>';
    const inside = around(
      rows(1600)
        .map((spans) => row(spans.map((span) => cell(span, content)).join('')))
        .join(''),
    );
    const page = `<!doctype html><meta name="viewport" content="width=device-width"><style>${css} body { margin: 0 }</style>${inside}`;
    const published = widths.map(truth);
    const spec = (more: number): Spec =>
      specOfScreens('Published', {
        screens: widths.map((width) => `${width}×800`).join(', '),
        base: '1',
        counts: published.map(({ count }) => count).join(', '),
        gutters: published.map(({ gutter }) => gutter + more).join(', '),
        margins: published.map(({ start }) => start).join(', '),
        containers: '',
      }).value!;
    await withSite(html(page), async (site) => {
      const args = ['--widths', widths.join(), '--url', site];
      const same = await measured(CHROMIUM, spec(0), args);
      expect(same.says).toMatch(/(\d+) checks: \1 as specified, 0 off\./);
      expect(same.status).toBe(0);
      const other = await measured(CHROMIUM, spec(4), args);
      expect(other.says).toMatch(/Columns: .*\d+ boxes (start|end) [\d.]+ px (late|early)/);
      expect(other.status).toBe(1);
    });
  });
}
