import { describe, expect, test } from 'vitest';
import { STARTING_SETS } from '../../document/defaults';
import { gridCss } from './grid-css';
import { gridCssWith } from './grid-css-options';

const ORIGIN = { version: '1.0.0', published: '2026-11-26', sha256: 'ab'.repeat(32) };
const spec = STARTING_SETS[0]!.spec('Trial');
const written = (options: Parameters<typeof gridCssWith>[2]) => gridCssWith(spec, ORIGIN, options).value!;

test('without options it is what editions have', () => expect(written({})).toBe(gridCss(spec, ORIGIN)));

test('a prefix stands before every class and custom property, and in no name that a person typed', () => {
  const named = { ...spec, breakpoints: spec.breakpoints.map((each) => ({ ...each, name: 'x .grid --grid' })) };
  const css = gridCssWith(named, ORIGIN, { prefix: 'tw' }).value!;
  expect(css).toContain('.tw-grid > * {');
  expect(css).toContain('repeat(var(--tw-grid-columns), var(--tw-grid-track))');
  expect(css).toContain('.tw-span-4-phone { grid-column-end: span 4; }');
  expect(css).toContain('--tw-space-1-5: 12px;');
  expect(css).toContain('/* x .grid --grid */');
  expect(css.replace(/\/\*[^]*?\*\//g, '')).not.toMatch(/--(?!tw-)[a-z]|\.(?!tw-)[a-z]/);
});

test('older media queries end just before the next range begins', () => {
  const queries = written({ media: 'min-max' }).match(/@media .*? \{/g);
  expect(queries).toEqual([
    '@media (max-width: 639.98px) {',
    '@media (min-width: 640px) and (max-width: 1415.98px) {',
    '@media (min-width: 1416px) {',
  ]);
});

test('a layer holds all of it', () => {
  const css = written({ layer: 'base.grid' });
  expect(css.replace(/\/\*[^]*?\*\//, '').trim()).toMatch(/^@layer base\.grid \{[^]*\n\}$/);
});

describe('names that cannot be used', () => {
  test.each([
    [{ prefix: 'Tw' }, 'The prefix “Tw” cannot be used; write lower-case letters, digits and hyphens, such as tw.'],
    [{ prefix: 'a}b' }, /^The prefix “a}b” cannot be used/],
    [{ layer: '' }, 'The layer “” cannot be used; write a name such as grid, or base.grid.'],
  ])('%j', (options, problem) => expect(gridCssWith(spec, ORIGIN, options).problem).toMatch(problem));
});
