import { expect, test } from 'vitest';
import { breakpointOf, specWith } from '../spec/testing';
import { patternName, readPattern } from './naming-pattern';

const desktop = breakpointOf({ count: 12, gutter: '24px', container: '1296px', margin: 'auto' }, 1512, {
  id: 'desktop',
});

test('a name says the grid', () => {
  const spec = specWith(desktop);
  expect(patternName('{name}: {count} × {column} + {gutter}', spec, desktop)).toBe('Desktop: 12 × 86 + 24');
  expect(patternName('{margin} margin, {container} in {width}', spec, desktop)).toBe('108 margin, 1296 in 1512');
  expect(patternName('{name} {from}+ × {height}, {column}/{gutter}, {base}', spec, desktop)).toBe(
    'Desktop 0+ × 900, 86/24, 8',
  );
});

test.each([
  ['{colums} columns', 'can’t use {colums}. Use {name}, {count}'],
  ['{count', 'missing its partner'],
  ['count}', 'missing its partner'],
  ['x'.repeat(201), 'at most 200 characters'],
])('%s is refused', (pattern, says) => expect(readPattern(pattern).problem).toContain(says));

test('no pattern is one', () => expect(readPattern('  ')).toEqual({ value: '' }));
