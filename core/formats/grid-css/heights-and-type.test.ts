import { describe, expect, test } from 'vitest';
import type { Rows, Spec, TextStyle } from '../../spec/schema';
import { breakpointOf, specWith } from '../../spec/testing';
import { shippedFont } from '../../type/shipped-fonts';
import { gridCss } from './grid-css';
import { rowProperties } from './row-properties';
import { typeProperties } from './type-css';

const origin = { version: '1.0.0', published: '2026-11-24', sha256: 'ab'.repeat(32) };
const phone = breakpointOf({ count: 4, margin: '16px', gutter: '16px' }, 390, { id: 'phone', height: 844 });

const style = (some: Partial<TextStyle>): TextStyle => ({
  name: 'body',
  role: 'body',
  font: shippedFont('source-serif-4'),
  stands: 'line-box',
  at: { phone: { size: '16px', leading: '24px', span: 4 } },
  ...some,
});
const withStyle = (some: Partial<TextStyle>): Spec => ({ ...specWith(phone), type: [style(some)] });

describe('rows and baselines as custom properties', () => {
  const divided: Rows = {
    rule: 'divide',
    count: 6,
    gap: '20px',
    marginTop: '20px',
    marginBottom: '5%',
    minHeight: '600px',
    maxHeight: '1200px',
  };
  test.each<[string, Rows | null, Record<string, string>]>([
    [
      'bands',
      { rule: 'repeat', height: '8px', gap: '0.5rem', offset: '0px' },
      { 'row-height': '8px', 'row-gap': '0.5rem', 'row-offset': '0px' },
    ],
    ['modules', { rule: 'modules', lines: 6, between: 1 }, { 'row-height': '24px', 'row-gap': '4px' }],
    [
      'divided, of the height of the viewport',
      divided,
      {
        rows: '6',
        screen: 'max(min(100vh, 1200px), 600px)',
        'row-height': 'calc((-5vh + max(min(100vh, 1200px), 600px) - 120px) / 6)',
        'row-bottom': '5vh',
      },
    ],
  ])('%s', (_, rows, properties) => {
    const breakpoint = { ...phone, rows };
    expect(rowProperties(specWith(breakpoint), breakpoint)).toMatchObject(properties);
  });

  test('a range without rows and baseline says nothing of them', () => {
    const bare = { ...phone, rows: null, baseline: null };
    expect(rowProperties(specWith(bare), bare)).toEqual({});
    expect(gridCss(specWith(bare), origin)).not.toContain('.grid-overlay');
  });

  test('the sums of heights stand in the head comment', () => {
    expect(gridCss(specWith(phone), origin)).toContain('rows: 0 + 53 × 8 + 52 × 8 + 4 left = 844');
  });
});

describe('text styles', () => {
  test('constant sizes are worked out at once', () => {
    expect(typeProperties(withStyle({}), phone)).toEqual({
      'body-size': '16px',
      'body-leading': '24px',
      'body-shift': '2.392px',
    });
  });

  test('trimmed to their caps', () => {
    expect(typeProperties(withStyle({ stands: 'caps' }), phone)).toMatchObject({
      'body-shift': '1.28px',
      'body-trim-over': '6.888px',
      'body-trim-under': '6.392px',
    });
    const css = gridCss(withStyle({ stands: 'x-height' }), origin);
    expect(css).toContain('@supports (text-box: trim-both ex alphabetic)');
  });

  test('what grows is written with clamp(), and its shift with round()', () => {
    const growing = withStyle({
      at: { phone: { size: { between: ['16px', '20px'], over: [390, 1440] }, leading: { times: '1.5' }, span: 4 } },
    });
    const properties = typeProperties(growing, phone);
    expect(properties['body-size']).toBe('clamp(16px, (40vw + 1524px) / 105, 20px)');
    expect(properties['body-leading']).toBe('calc(1.5 * clamp(16px, (40vw + 1524px) / 105, 20px))');
    expect(properties['body-shift']).toMatch(/^calc\(round\(up, .*, 4px\) - .*\)$/);
  });

  test('a family’s name cannot end its string', () => {
    const hostile = { ...shippedFont('vollkorn'), family: "x'; } body { display: none" };
    expect(gridCss(withStyle({ font: hostile }), origin)).toContain(
      "font-family: 'x  body  display none', 'x  body  display none stand-in', serif;",
    );
  });
});

test('the spacing scale, with what each step is', () => {
  const css = gridCss(specWith(phone), origin);
  expect(css).toContain('  --space-1-5: 12px; /* 1½ × 8, ¾ rem */');
  const rem = {
    ...specWith(phone),
    spacing: { base: '0.5rem', halfSteps: true, steps: [{ name: 'A b', times: '3' }] },
  };
  expect(gridCss(rem, origin)).toContain('  --a-b: 1.5rem;');
});
