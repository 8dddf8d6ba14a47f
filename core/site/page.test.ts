import { describe, expect, test } from 'vitest';
import { readPage } from './page-elements';
import { noGridIn, readSite } from './read-site';

const at = (css: string, html: string, width: number, choice = {}) => {
  const { value, problem } = readSite([{ name: 'site.css', text: css }], choice, { name: 'page.html', text: html });
  if (!value?.system) return problem ?? 'no grid';
  const grid = value.grids.at(value.system, width);
  if ('why' in grid) return grid.why;
  return [grid.count, ...[grid.gutter, grid.start, grid.end].map((length) => length.valueOf())];
};

// as Tailwind 3 and 4 write them: a class for each property, ranges before a colon
const UTILITIES = `
.mx-auto { margin-left: auto; margin-right: auto } .max-w-6xl { max-width: 72rem } .px-4 { padding-left: 1rem; padding-right: 1rem }
.grid { display: grid } .grid-cols-4 { grid-template-columns: repeat(4, minmax(0, 1fr)) } .gap-4 { gap: 1rem } .box-border { box-sizing: border-box }
@media (min-width: 48rem) { .md\\:grid-cols-12 { grid-template-columns: repeat(12, minmax(0, 1fr)) } .md\\:gap-6 { gap: calc(var(--spacing, .25rem) * 6) } }
@media (min-width: 1536px) { .\\32xl\\:gap-8 { gap: 2rem } }`;
const PAGE = `<!doctype html><html><head><title>x</title></head><body class="m-0">
<main class="mx-auto max-w-6xl px-4 box-border"><div class="grid grid-cols-4 gap-4 md:grid-cols-12 md:gap-6 2xl:gap-8"><p>a</p><p>b</p></div></main></body></html>`;

describe('a page’s own elements decide', () => {
  test('utility classes, with ranges in their names', () => {
    expect(at(UTILITIES, PAGE, 400)).toEqual([4, 16, 16, 384]);
    expect(at(UTILITIES, PAGE, 1000)).toEqual([12, 24, 16, 984]);
    expect(at(UTILITIES, PAGE, 1600)).toEqual([12, 32, 240, 1360]);
  });

  test('without the page they are refused with the way to them', () =>
    expect(noGridIn([UTILITIES])).toBe(
      'No grid of columns was found in this style sheet: column counts stand in utility classes: give the page with --page, or as an HTML file beside them.',
    ));

  test('rows of shares: every span in rows that are alike', () => {
    const css = `.wrap { max-width: 1200px; margin: 0 auto; padding: 0 20px; box-sizing: border-box } .r { display: flex; flex-wrap: wrap; margin: 0 -10px } .r > * { box-sizing: border-box; padding: 0 10px } ${[3, 4, 6, 8, 9].map((k) => `.w-${k} { width: ${(k / 12) * 100}% }`).join(' ')}`;
    const row = (...spans: number[]) =>
      `<div class="r">${spans.map((k) => `<div class="w-${k}">x</div>`).join('')}</div>`;
    const html = `<body><div class="wrap">${row(3, 9)}${row(4, 8)}${row(6, 6)}</div></body>`;
    expect(at(css, html, 1000)).toEqual([12, 20, 20, 980]);
  });

  test('ids, attributes and elements without classes', () => {
    const css = '#page[data-kind="wide"] > section { display: grid; grid-template-columns: repeat(6, 1fr); gap: 10px }';
    const html = '<div id="page" data-kind="wide"><section><b>1</b><b>2</b></section></div>';
    expect(at(css, html, 600)).toEqual([6, 10, 0, 600]);
  });

  test('styles in the page are read, those that it names are named', () => {
    const html = `<head><link rel="stylesheet" href="other.css"><style>.g { display: grid; grid-template-columns: repeat(8, 1fr); gap: 8px }</style></head><body><div class="g"><i></i><i></i></div></body>`;
    const { value } = readSite([], {}, { name: 'page.html', text: html });
    expect(value!.system!.name).toBe('.g');
    expect(value!.unread).toEqual([{ what: 'other.css', why: 'Nothing is downloaded. Add that style sheet too.' }]);
  });
});

test.each([
  ['', 'page.html has no elements. Save the page with its content.'],
  ['<i>'.repeat(500), 'page.html has more than 20,000 elements, or 400 within each other. Save a part of the page.'],
  [
    '<i></i>'.repeat(20_001),
    'page.html has more than 20,000 elements, or 400 within each other. Save a part of the page.',
  ],
])('%#: a page that cannot be read is refused in a sentence', (text, problem) =>
  expect(readPage({ name: 'page.html', text }).problem).toBe(problem),
);
