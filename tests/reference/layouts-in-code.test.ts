import { expect, test } from 'vitest';
import { DEMO_SPECS } from '../../scripts/demo/specs';
import { compareSite } from '../../core/comparison/compare-site';

/** Blocks on lines; the front page’s opening has `promise` over `harbour` on the phone, each on four columns, the picture five rows tall. */
const passenger = DEMO_SPECS.flatMap(({ drafts }) => drafts.map(({ document }) => document)).find(
  ({ name, layouts }) => name === 'Passenger site' && layouts.length > 0,
)!;
const BASE = '.grid{display:grid;grid-template-columns:repeat(4,1fr);gap:16px;padding-inline:20px}';

const off = (css: string, page: string | null = null): string[] => {
  const { value, problem } = compareSite(
    passenger,
    [`@media (width < 640px) {${BASE} ${css}}`],
    {},
    page === null ? null : { name: 'page.html', text: page },
  );
  expect(problem).toBeUndefined();
  return value!.checks
    .filter(
      ({ breakpoint, quantity, verdict }) =>
        breakpoint === 'Phone' && quantity.startsWith('Front page') && verdict !== 'same',
    )
    .map(({ sentence }) => sentence);
};

test('as the drawing has it: by lines, spans and from the end', () => {
  expect(off('.promise{grid-column:1/5;grid-row:1}.harbour{grid-column:1/-1;grid-row:2}')).toEqual([]);
  expect(off('.promise{grid-area:1/1/2/5}.harbour{grid-column:1/span 4;grid-row:2/span 3}')).toEqual([]);
  expect(off('.front>.promise{grid-area:1/1/2/5}.front>.harbour{grid-column:1/span 4;grid-row:2/span 3}')).toEqual([]);
});

test('known by an id or data-block', () =>
  expect(off('#promise{grid-column:1/5;grid-row:1}[data-block="harbour"]{grid-column:2/5;grid-row:2}')).toEqual([
    'Phone: “harbour” of Front page, Opening is on columns 2–4, row 2 on the page where the specification has columns 1–4, row 2.',
  ]));

test('one row more, or fewer', () =>
  expect(off('.promise{grid-column:1/3;grid-row:1}.harbour{grid-column:3/5;grid-row:1}')).toEqual([
    'Phone: Front page, Opening: 2 rows drawn, 1 built.',
    'Phone: “promise” of Front page, Opening is on columns 1–2 on the page where the specification has columns 1–4.',
    'Phone: “harbour” of Front page, Opening is on columns 3–4 on the page where the specification has columns 1–4.',
  ]));

test('what the browser places, and lines by names, are named as not checked', () =>
  expect(off('.promise{grid-column:1/5;grid-row:1}.harbour{grid-column:wide}')).toEqual([
    'Phone, front page, opening: harbour: not checked at 412 px. “harbour”: the line “wide” is a name.',
  ]));

test('what hangs on a condition that is not known is not checked', () =>
  expect(
    off(
      '.promise{grid-column:1/5;grid-row:1}.harbour{grid-column:1/5;grid-row:2}@media (orientation:portrait){.harbour{grid-column:2/4}}',
    ),
  ).toEqual([expect.stringContaining('not checked at 412 px. “harbour”: @media (orientation:portrait)')]));

test('heights that the page gives', () =>
  expect(
    off('.promise{grid-column:1/5;grid-row:1}.harbour{grid-column:1/5;grid-row:2;height:100px}').filter((each) =>
      each.includes('tall'),
    ),
  ).toEqual([
    expect.stringMatching(
      /^Phone: “harbour” of Front page, Opening is 100 px tall on the page where the specification/,
    ),
  ]));

test('the page itself, where it is there', () => {
  const page = '<main class="grid"><h1 id="promise">Out</h1><img class="harbour" alt=""></main>';
  expect(off('h1{grid-column:1/5;grid-row:1}img{grid-column:1/4;grid-row:2}', page)).toEqual([
    'Phone: “harbour” of Front page, Opening is on columns 1–3, row 2 on the page where the specification has columns 1–4, row 2.',
  ]);
});
