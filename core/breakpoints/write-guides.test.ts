import { expect, test } from 'vitest';
import { readSpec } from '../document/read';
import { practiceSpec } from '../spec/testing';
import type { Guide } from '../spec/schema';
import { writeGuides } from './write-guides';

const spec = practiceSpec('Guided');
const row = (name: string, at: string, from: Guide['from'] = 'start'): Guide => ({
  name,
  axis: 'x',
  at,
  from,
});
const said = (...rows: Guide[]): string | undefined => writeGuides(spec, 'phone', rows).problem;

test('what is typed is kept as lengths; empty rows are none', () => {
  const { value } = writeGuides(spec, 'phone', [row('rail', '72'), row('', ''), row('axis', '− 12.5%', 'centre')]);
  expect(value!.breakpoints[0]!.guides).toEqual([
    { name: 'rail', axis: 'x', at: '72px', from: 'start' },
    { name: 'axis', axis: 'x', at: '-12.5%', from: 'centre' },
  ]);
  expect(readSpec(structuredClone(value!)).problem).toBeUndefined();
  expect(writeGuides(value!, 'phone', []).value!.breakpoints[0]).not.toHaveProperty('guides');
});

test('what is wrong is said with the guide that it is about', () => {
  expect(said(row('', '40'))).toBe('The guide at 40 needs a name, such as fold.');
  expect(said(row('rail', 'far'))).toContain('rail: “far” isn’t a length');
  expect(said(row('rail', '-8'))).toBe(
    'rail: only a guide from the centre can be below 0. Measure it from the other side.',
  );
  expect(said(row('a', '1'), row('a', '2'))).toBe('Two guides are called “a”. Rename one of them.');
  expect(said(...Array.from({ length: 41 }, (_, index) => row(`g${index}`, '1')))).toBe(
    'A breakpoint can have up to 40 guides. Remove 1.',
  );
});
