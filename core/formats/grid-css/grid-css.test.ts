import { lexer, parse, walk } from 'css-tree';
import { describe, expect, test } from 'vitest';
import { newSpec, STARTING_SETS } from '../../document/defaults';

import type { Breakpoint, Columns, Spec } from '../../spec/schema';
import { breakpointOf, specWith } from '../../spec/testing';
import { gridCss } from './grid-css';
import { rangeProperties } from './range-properties';
import { rowProperties } from './row-properties';
import { typeProperties } from './type-css';

const origin = { version: '1.0.0', published: '2026-11-24', sha256: 'ab'.repeat(32) };
const phone = breakpointOf({ margin: '16px', count: 4, gutter: '16px' }, 390, { id: 'phone' });
const desktop = breakpointOf({ margin: 'auto', container: '1152px', gutter: '24px' }, 1440, {
  id: 'desktop',
  from: 1200,
});
const css = gridCss(specWith(phone, desktop), origin);

describe('what it says', () => {
  test('the sums stand in the head comment', () => {
    expect(css).toContain(' * Trial, edition 1.0.0, published 2026-11-24');
    expect(css).toContain(' * Phone: 0–1199, drawn at 390 × 900\n *   16 + 4 × 77½ + 3 × 16 + 16 = 390');
    expect(css).toContain(' *   144 + 12 × 74 + 11 × 24 + 144 = 1440');
  });

  test('ranges leave no gap on zoomed screens (Media Queries 4)', () => {
    expect(css.match(/@media .*? \{/g)).toEqual(['@media (width < 1200px) {', '@media (width >= 1200px) {']);
  });

  test('span classes of a grid of 12 stand on 4 columns as well', () => {
    expect(css).toContain('.span-4-phone { grid-column-end: span 4; }');
    expect(css).toContain('.span-12 { grid-column-end: span 4; }');
    expect(css).toContain('.span-12-phone { grid-column-end: span 4; }');
    expect(css).toContain('.start-12-desktop { grid-column-start: 12; }');
    // of one range after those of all, whatever their numbers
    const phoneRange = css.slice(css.indexOf('(width < 1200px)'), css.indexOf('(width >= 1200px)'));
    expect(phoneRange.indexOf('.span-12 {')).toBeLessThan(phoneRange.indexOf('.span-1-phone {'));
    expect(phoneRange.indexOf('.start-4 {')).toBeLessThan(phoneRange.indexOf('.start-1-phone {'));
  });

  test('a name cannot end the comment', () => {
    const named = { ...newSpec('A */ body{display:none} /*', [{ ...phone, name: '*/ b' }]) };
    const comment = gridCss(named, origin);
    expect(comment.match(/\/\*[^]*?\*\//)![0]).toContain('SHA-256');
    expect(comment).not.toContain('A */');
  });

  test.each<[string, Partial<Columns>, Partial<ReturnType<typeof rangeProperties>>]>([
    [
      'margins that follow',
      { margin: 'auto', container: '1152px', gutter: '24px' },
      { 'margin-start': 'calc(50% - 576px)', gutter: '24px', track: 'minmax(0, 1fr)' },
    ],
    ['a cap', { margin: '48px', container: { upTo: '1536px' } }, { container: 'min(1536px, 100% - 96px)' }],
    [
      'a held column',
      { margin: 'auto', container: 'auto', column: '70px', gutter: '30px' },
      { track: '70px', 'margin-start': 'calc(50% - 585px)' },
    ],
    ['rem', { margin: '1rem', gutter: '1.5rem' }, { 'margin-start': '1rem', gutter: '1.5rem' }],
    ['a gutter of a quarter column', { gutter: { ofColumn: '1/4' }, margin: '0px' }, { gutter: 'calc(100vw / 59)' }],
    [
      'growing margins',
      { margin: { between: ['16px', '48px'], over: [600, 1400] } },
      { 'margin-start': 'clamp(16px, 4% - 8px, 48px)' },
    ],
    [
      'count auto',
      { count: 'auto', column: '72px', gutter: '24px', margin: '16px' },
      {
        columns: 'auto-fill',
        track: '72px',
        justify: 'start',
        'margin-start': 'calc(50% - 0.5 * max(96px, min(round(down, 100% - 7.999px, 96px), 6144px)) + 12px)',
      },
    ],
  ])('%s', (_, columns, properties) => {
    const breakpoint = breakpointOf(columns);
    expect(rangeProperties(specWith(breakpoint), breakpoint)).toMatchObject(properties);
  });
});

/** Everything that css-tree says is wrong with a style sheet. */
function wrongs(text: string): string[] {
  const wrong: string[] = [];
  const tree = parse(text, { onParseError: ({ message }) => wrong.push(message), parseCustomProperty: true });
  walk(tree, (node) => {
    if (node.type !== 'Declaration' || node.property.startsWith('--')) return;
    const { error } = lexer.matchProperty(node.property, node.value);
    if (error) wrong.push(`${node.property}: ${error.message}`);
  });
  return wrong;
}

describe('it is valid CSS (css-tree)', () => {
  test('the check finds what is wrong', () => {
    expect(wrongs('a { display: gridd; }')).toHaveLength(1);
  });

  function prefixed(family: string, properties: Record<string, string>) {
    return Object.fromEntries(Object.entries(properties).map(([name, value]) => [`${family}-${name}`, value]));
  }

  /** The style sheet as one range sees it: each custom property in its place. */
  function filledFor(spec: Spec, breakpoint: Breakpoint): string {
    const properties: Record<string, string | undefined> = {
      ...prefixed('grid', { ...rangeProperties(spec, breakpoint), ...rowProperties(spec, breakpoint) }),
      ...prefixed('type', typeProperties(spec, breakpoint)),
    };
    const innermost = /var\(--([a-z-]+)(?:, ((?:[^()]|\([^()]*\))*))?\)/g;
    const resolved = (text: string): string => {
      const once = text.replace(innermost, (_, name: string, otherwise?: string) => properties[name] ?? otherwise!);
      return once === text ? text : resolved(once);
    };
    return resolved(gridCss(spec, origin));
  }

  test.each(STARTING_SETS.map((set) => [set.title, set] as const))('%s', (_, set) => {
    const spec = set.spec('Trial');
    for (const breakpoint of spec.breakpoints) expect(wrongs(filledFor(spec, breakpoint))).toEqual([]);
  });

  test.each<[Partial<Columns>]>([
    [
      {
        margin: { start: '1rem', end: 'auto' },
        container: { upTo: '60rem' },
        align: 'start',
        outer: 'half',
        gutter: '2vw',
      },
    ],
    [{ margin: '10%', gutter: { ofColumn: '1/3' }, whole: 'margins' }],
    [
      {
        margin: 'auto',
        container: { share: '90%' },
        gutter: { between: ['16px', '24px'], over: [600, 1440] },
        whole: 'container',
      },
    ],
    [{ count: 'auto', column: '72px', gutter: '24px', margin: 'auto', container: '1200px', outer: 'half' }],
  ])('%j', (columns) => {
    const breakpoint = breakpointOf(columns);
    expect(wrongs(filledFor(specWith(breakpoint), breakpoint))).toEqual([]);
  });
});

test('what cannot be counted is one column; what can is left to the browser', () => {
  const columnsIn = (some: Parameters<typeof breakpointOf>[0]): string =>
    gridCss(specWith(breakpointOf(some)), origin).match(/--grid-columns: ([^;]+);/)![1]!;
  expect(columnsIn({ count: 'auto', column: 'auto', gutter: '24px', margin: '16px' })).toBe('1');
  expect(columnsIn({ count: 'auto', column: '96px', gutter: '24px', margin: '16px' })).toBe('auto-fill');
  // margins that follow beside a container that fills are not known before the count is, and the browser counts
  expect(columnsIn({ count: 'auto', column: '96px', gutter: '24px', margin: 'auto' })).toBe('auto-fill');
});
