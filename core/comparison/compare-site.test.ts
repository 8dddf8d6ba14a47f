import { describe, expect, test } from 'vitest';
import { gridCss } from '../formats/grid-css/grid-css';
import { STARTING_SETS } from '../document/defaults';
import { compareSite } from './compare-site';
import { junitXml } from './junit';

const ORIGIN = { version: '1.0.0', published: '2026-11-26', sha256: 'ab'.repeat(32) };
const spec = STARTING_SETS[0]!.spec('Trial');
const css = gridCss(spec, ORIGIN);

const off = (text: string) =>
  compareSite(spec, [text])
    .value!.checks.filter(({ verdict }) => verdict !== 'same')
    .map(({ sentence }) => sentence);

const written = (from: string, to: string): string => {
  expect(css).toContain(from);
  return css.replaceAll(from, to);
};

test('the style sheet of a specification is as the specification has it', () => {
  const { grid, checks } = compareSite(spec, [css]).value!;
  expect(grid).toBe('.grid');
  expect(checks.length).toBeGreaterThan(20);
  expect(off(css)).toEqual([]);
});

describe('what differs is named once, where it does', () => {
  test('a gutter', () =>
    expect(off(written('--grid-gutter: 24px', '--grid-gutter: 20px'))).toEqual([
      'Desktop: the page has a gutter of 20 px where the specification has 24 px (at 1416 px; it is off at 1416–3840 px).',
    ]));

  test('a count, and nothing of the columns that follow from it', () =>
    expect(off(written('--grid-columns: 8', '--grid-columns: 6'))).toEqual([
      'Tablet: the page has 6 columns where the specification has 8 (at 640 px; it is off at 640–1415 px).',
    ]));

  test('margins', () =>
    expect(off(css.replace('--grid-margin-start: 20px', '--grid-margin-start: 16px'))).toEqual([
      'Phone: the page has a start margin of 16 px where the specification has 20 px (at 320 px; it is off at 320–639 px).',
    ]));

  test('a range that begins too soon is that alone', () =>
    expect(off(css.replaceAll('1416px', '1360px'))).toEqual([
      'Tablet: from 1360–1415 px the page has the grid of Desktop; the specification changes at 1416.',
    ]));

  test('rows', () =>
    expect(off(css.replace('--grid-row-height: 8px', '--grid-row-height: 10px'))).toEqual([
      'Phone: the page has a row height of 10 px where the specification has 8 px (at 412 px).',
    ]));

  test('less than a browser draws is nothing', () =>
    expect(off(written('--grid-gutter: 24px', '--grid-gutter: 24.01px'))).toEqual([]));
});

test('a page without a grid is told what is needed', () =>
  expect(compareSite(spec, ['a { color: red }']).problem).toBe(
    'No grid of columns was found in this style sheet; it needs grid-template-columns, or classes whose widths are shares of a row.',
  ));

test('JUnit XML has a case for each check, and names that end nothing', () => {
  const named = { ...spec, breakpoints: spec.breakpoints.map((each) => ({ ...each, name: `${each.name} "<&>` })) };
  const comparison = compareSite(named, [css.replaceAll('--grid-gutter: 24px', '--grid-gutter: 20px')]).value!;
  const xml = junitXml({ ...comparison, unread: [{ what: 'a -- b', why: 'c-' }] });
  expect(xml.match(/<testcase /g)).toHaveLength(comparison.checks.length);
  expect(xml.match(/<failure /g)).toHaveLength(1);
  expect(xml).toContain('<testsuite name="Desktop &quot;&lt;&amp;&gt;"');
  expect(xml).toContain('<!-- not read: a - - b: c-  -->');
});
