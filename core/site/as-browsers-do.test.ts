import { describe, expect, test } from 'vitest';
import { readSite } from './read-site';

/** Count, gutter, start and end of the likeliest grid at a width; or why it could not be worked out. */
function at(css: string, width: number): (number | string)[] | string {
  const { value, problem } = readSite([css]);
  if (!value?.system) return problem ?? 'no grid';
  const grid = value.grids.at(value.system, width);
  if ('why' in grid) return grid.why;
  return [grid.count, ...[grid.gutter, grid.start, grid.end].map((length) => length.valueOf())];
}

const doubt = (css: string, width: number) => {
  const { value } = readSite([css]);
  return value!.grids.doubtAt(value!.system!, width)?.text ?? null;
};

const TWELVE = 'display: grid; grid-template-columns: repeat(12, 1fr);';

// what a browser does with each, by the specification that is named
describe('style sheets are read as browsers read them', () => {
  test.each<[string, string, number, (number | string)[] | string]>([
    ['a comment in a selector', `.g /* , .h */ { ${TWELVE} gap: 24px }`, 1000, [12, 24, 0, 1000]],
    [
      'CSS Values 4, 6.1.1: rem is of the page',
      `html { font-size: 62.5% } .g { ${TWELVE} gap: 2.4rem }`,
      1000,
      [12, 24, 0, 1000],
    ],
    ['em of an element is its own', `.g { ${TWELVE} font-size: 20px; gap: 1.2em }`, 1000, [12, 24, 0, 1000]],
    [
      'em of a media query is of the initial font size',
      `html { font-size: 62.5% } .g { ${TWELVE} gap: 8px } @media (min-width: 40em) { .g { gap: 24px } }`,
      640,
      [12, 24, 0, 640],
    ],
    [
      'a font size that grows',
      `html { font-size: clamp(16px, 1vw, 20px) } .g { ${TWELVE} gap: 1rem }`,
      1800,
      [12, 18, 0, 1800],
    ],
    [
      'Selectors 4, 4.4: :where and a host that is not there',
      `:where(:root, :host) { --gap: 24px } .g { ${TWELVE} gap: var(--gap) }`,
      1000,
      [12, 24, 0, 1000],
    ],
    [':host in a list', `:root, :host { --gap: 24px } .g { ${TWELVE} gap: var(--gap) }`, 1000, [12, 24, 0, 1000]],
    [
      'Custom Properties 1, 3: unset where nothing is held',
      `.g { ${TWELVE} gap: 24px; gap: var(--unset) }`,
      1000,
      [12, 0, 0, 1000],
    ],
    [
      'a fallback in place of what is held in a circle',
      `:root { --a: var(--b); --b: var(--a) } .g { ${TWELVE} gap: var(--a, 24px) }`,
      1000,
      [12, 24, 0, 1000],
    ],
    ['CSS Syntax 3, 9: what is no value is dropped', `.g { ${TWELVE} gap: 24px; gap: wide }`, 1000, [12, 24, 0, 1000]],
    [
      'a value of one older browser is dropped',
      `.g { ${TWELVE} gap: 24px; display: -ms-grid }`,
      1000,
      [12, 24, 0, 1000],
    ],
    [
      'Conditional Rules 3, 6: @supports that is not',
      `.g { ${TWELVE} gap: 24px } @supports (display: nonsense) { .g { gap: 8px } }`,
      1000,
      [12, 24, 0, 1000],
    ],
    [
      '@supports not',
      `.g { ${TWELVE} gap: 24px } @supports not (display: grid) { .g { gap: 8px } }`,
      1000,
      [12, 24, 0, 1000],
    ],
    [
      '@supports and, or',
      `.g { ${TWELVE} gap: 24px } @supports (display: grid) and ((gap: 1px) or (foo: bar)) { .g { gap: 8px } }`,
      1000,
      [12, 8, 0, 1000],
    ],
    [
      'the display stands in another rule',
      `.w > .g { display: grid } .g { grid-template-columns: repeat(12, 1fr); gap: 24px }`,
      1000,
      [12, 24, 0, 1000],
    ],
    [
      'CSS Syntax 3: keywords and properties in any case',
      `.g { DISPLAY: GRID; Grid-Template-Columns: Repeat(12, 1FR); GAP: 24PX }`,
      1000,
      [12, 24, 0, 1000],
    ],
    [
      'a count that is a sum',
      `.g { display: grid; grid-template-columns: repeat(calc(6 * 2), 1fr); gap: 24px }`,
      1000,
      [12, 24, 0, 1000],
    ],
    ['Multi-column Layout 1: columns of text are no grid', `.t { column-count: 6; column-gap: 24px }`, 1000, 'no grid'],
    [
      'Cascading 5, 6.4: layers',
      `@layer a, b; @layer b { .g { gap: 24px } } @layer a { .g { ${TWELVE} gap: 8px } }`,
      1000,
      [12, 24, 0, 1000],
    ],
    [
      '!important turns layers round',
      `@layer a, b; @layer b { .g { gap: 8px !important } } @layer a { .g { ${TWELVE} gap: 24px !important } }`,
      1000,
      [12, 24, 0, 1000],
    ],
    ['specificity before order', `.p .g { gap: 24px } .p .g { ${TWELVE} } .g { gap: 8px }`, 1000, [12, 24, 0, 1000]],
    [
      'Cascading 5, 7.3: taken back',
      `.g { ${TWELVE} gap: 24px } @media (min-width: 900px) { .g { gap: initial } }`,
      1000,
      [12, 0, 0, 1000],
    ],
    ['Nesting 1', `.g { ${TWELVE} gap: 8px; @media (width >= 900px) { gap: 24px } }`, 1000, [12, 24, 0, 1000]],
    [
      'Conditional Rules 5: a container of a known size',
      `.page { container-type: inline-size; padding: 0 50px } .page .g { ${TWELVE} gap: 8px } @container (min-width: 900px) { .page .g { gap: 24px } }`,
      1000,
      [12, 24, 50, 950],
    ],
    [
      'a container that is too narrow',
      `.page { container: page / inline-size; padding: 0 51px } .page .g { ${TWELVE} gap: 8px } @container page (inline-size >= 900px) { .page .g { gap: 24px } }`,
      1000,
      [12, 8, 51, 949],
    ],
    [
      'a container asked the other way',
      `.page { container-type: inline-size; padding: 0 51px } .page .g { ${TWELVE} gap: 8px } @container not (min-width: 900px) { .page .g { gap: 24px } }`,
      1000,
      [12, 24, 51, 949],
    ],
    [
      'Grid 2, 12.6: tracks with a most give way, and outer tracks are margins',
      `.g { display: grid; grid-template-columns: minmax(16px, 1fr) repeat(12, minmax(0, 60px)) minmax(16px, 1fr); gap: 20px }`,
      1040,
      [12, 20, 50, 990],
    ],
    [
      'CSS Syntax 3, 3.3: NUL is a replacement sign',
      `.g { ${TWELVE} gap: 24px } .x\u0000y { width: 1px }`,
      1000,
      [12, 24, 0, 1000],
    ],
  ])('%s', (_, css, width, expected) => expect(at(css, width)).toEqual(expected));

  test('classes that a range redefines are of that range: twelfths, and quarters below 600 px', () => {
    const family = (count: number) =>
      Array.from({ length: 12 }, (_, k) => `.col-${k + 1} { width: ${(Math.min(k + 1, count) / count) * 100}% }`).join(
        ' ',
      );
    const css = `.row { display: flex; flex-wrap: wrap; margin: 0 -12px } [class*="col-"] { padding: 0 12px } .row > * { padding: 0 12px } ${family(12)} @media (max-width: 599px) { ${family(4)} }`;
    expect(at(css, 1000)).toEqual([12, 24, 0, 1000]);
    expect(at(css, 500)).toEqual([4, 24, 0, 500]);
  });
});

describe('what a style sheet alone does not say is a doubt, where it matters', () => {
  const grid = `.g { ${TWELVE} gap: 24px }`;
  test.each<[string, string, string | null]>([
    ['orientation', `${grid} @media (orientation: portrait) { .g { gap: 8px } }`, '@media (orientation:portrait)'],
    [
      'a container that is not known',
      `${grid} @container (min-width: 900px) { .g { gap: 8px } }`,
      '@container (min-width:900px)',
    ],
    ['a selector that cannot be read', `${grid} .g:has(> img) { gap: 8px }`, '.g:has(> img)'],
    ['both ways agree', `${grid} @media (prefers-color-scheme: dark) { .g { gap: 24px } }`, null],
    ['other elements', `${grid} @media (orientation: portrait) { .card { width: 50% } }`, null],
    ['other widths', `${grid} @media (orientation: portrait) and (max-width: 600px) { .g { gap: 8px } }`, null],
    ['print', `${grid} @media print { .g { gap: 8px } }`, null],
    ['under the pointer', `${grid} .g:hover { gap: 8px }`, null],
  ])('%s', (_, css, text) => expect(doubt(css, 1000)).toBe(text));
});
