import { describe, expect, test } from 'vitest';
import { readStyleSheets } from './rules';

const rulesOf = (css: string) => readStyleSheets([css]).value!;

// Media Queries 4, sections 2.4 and 4.1; whole widths
describe('widths of media queries', () => {
  test.each([
    ['(min-width: 600px)', [[600, 100_001]]],
    ['(min-width: 40.0625em)', [[641, 100_001]]],
    ['(max-width: 599.98px)', [[0, 600]]],
    ['(max-width: 599px)', [[0, 600]]],
    ['screen and (min-width: 600px) and (max-width: 899px)', [[600, 900]]],
    ['(600px <= width < 900px)', [[600, 900]]],
    ['(900px > width >= 600px)', [[600, 900]]],
    ['(width > 600px)', [[601, 100_001]]],
    ['not all and (min-width: 600px)', [[0, 600]]],
    [
      '(max-width: 400px), (min-width: 900px)',
      [
        [0, 401],
        [900, 100_001],
      ],
    ],
    [
      'not ((min-width: 400px) and (max-width: 899px))',
      [
        [0, 400],
        [900, 100_001],
      ],
    ],
    ['print, screen and (min-width: 64em)', [[1024, 100_001]]],
    ['all', [[0, 100_001]]],
  ])('%s', (query, widths) =>
    expect(rulesOf(`@media ${query} { a { width: 1px } }`).rules.map((rule) => rule.widths)).toEqual([widths]),
  );

  test('of a printer nothing is read', () => expect(rulesOf('@media print { a { width: 1px } }').rules).toEqual([]));

  test('what asks for more than the width is named, and hangs on that', () => {
    const { rules, unread } = rulesOf('@media (orientation: portrait) { a { width: 1px } }');
    expect(rules.map(({ condition }) => condition)).toEqual([0]);
    expect(unread.map(({ what, where }) => [what, where])).toEqual([
      ['@media (orientation:portrait)', 'style sheet:1:38'],
    ]);
  });
});

// CSS Nesting 1, section 3
test('nested rules stand by themselves', () => {
  const { rules } = rulesOf('.page { width: 1px; & > .row, .cell { gap: 2px; @media (width >= 600px) { gap: 3px } } }');
  expect(rules.map(({ selectors }) => selectors)).toEqual([
    ['.page'],
    ['.page > .row', '.page .cell'],
    ['.page > .row', '.page .cell'],
  ]);
  expect(rules[2]!.widths).toEqual([[600, 100_001]]);
});

// CSS Cascading 5, section 6.4
test('layers come in the order in which they are first named, and before what is in none', () => {
  const { rules } = rulesOf(
    '@layer base, site; @layer site { a { gap: 1px } } @layer base { a { gap: 2px } } a { gap: 3px }',
  );
  expect(rules.map(({ layer }) => layer)).toEqual([1, 0, Infinity]);
});

test('nothing is fetched: an import is named', () =>
  expect(rulesOf('@import url("https://example.com/a.css"); a { gap: 1px }').unread).toEqual([
    {
      what: '@import url(https://example.com/a.css)',
      why: 'Nothing is downloaded. Add that style sheet too.',
      where: 'style sheet:1:1',
    },
  ]));

test('what is not of boxes is not kept', () =>
  expect(
    rulesOf('a { color: red; background: url(x.png) } b { width: 1px; color: red }').rules.map(({ says }) => says),
  ).toEqual([[{ property: 'width', value: '1px', important: false }]]));

describe('what is no style sheet is refused in a sentence', () => {
  test.each([
    ['', 'This style sheet is empty.'],
    ['  \n', 'This style sheet is empty.'],
    ['PK\u0003\u0004rest', 'This is a zip archive. Extract the style sheets first.'],
    ['a\u0000 \u0000{\u0000', 'This isn’t UTF-8 text. Save the style sheet as UTF-8.'],
    ['x'.repeat(20_000_001), 'These style sheets have 20,000,001 characters; at most 20,000,000 are read.'],
    [`@media (width>1px){`.repeat(3000), 'Blocks or brackets are nested too deep; at most 200 levels can be read.'],
  ])('%#', (css, problem) => expect(readStyleSheets([css]).problem).toBe(problem));
});
