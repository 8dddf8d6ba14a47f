import { describe, expect, test } from 'vitest';
import { practiceSpec } from '../spec/testing';
import { allBreakpoints, type Asked, COMMON_QUANTITIES } from './all-breakpoints';
import type { QuantityId } from '../quantities/registry';

const spec = practiceSpec('Practice');
const after = (id: QuantityId, asked: Asked) => {
  const { value, problem } = allBreakpoints(spec, id, asked);
  return problem ?? value!.rows.map((row) => row.after);
};

describe('390, 744 and 1440 px on a base of 8', () => {
  test.each<[QuantityId, Asked, string[]]>([
    ['gutter', { how: 'same', text: '24' }, ['24', '24', '24']],
    ['gutter', { how: 'same', text: '1/4 column' }, ['1/4 column', '1/4 column', '1/4 column']],
    ['gutter', { how: 'scaled', first: '16', last: '32' }, ['16', '24', '32']],
    ['gutter', { how: 'scaled', first: '32', last: '16' }, ['32', '24', '16']],
    // ends stay as they were typed, and what is between is never beyond them
    ['margin', { how: 'scaled', first: '20', last: '1.5rem' }, ['20', '24', '1.5rem']],
    ['count', { how: 'scaled', first: '4', last: '12' }, ['4', '7', '12']],
    ['outer', { how: 'same', text: 'half' }, ['half', 'half', 'half']],
  ])('%s %j', (id, asked, texts) => expect(after(id, asked)).toEqual(texts));
});

test.each<[QuantityId, Asked, string]>([
  ['gutter', { how: 'same', text: 'wide' }, 'Gutter, Phone: '],
  ['gutter', { how: 'scaled', first: '16', last: 'wide' }, '“wide”'],
  ['outer', { how: 'scaled', first: '16', last: '32' }, 'Only lengths and counts can grow with the screen.'],
  ['count', { how: 'scaled', first: '4', last: '65' }, '65 columns are too many'],
  ['name', { how: 'same', text: 'Desk' }, 'Each breakpoint has its own name and start.'],
])('%s %j is refused in a sentence, and nothing is changed', (id, asked, says) =>
  expect(after(id, asked)).toContain(says),
);

test('one breakpoint alone cannot be scaled', () =>
  expect(
    allBreakpoints({ ...spec, breakpoints: spec.breakpoints.slice(0, 1) }, 'gutter', {
      how: 'scaled',
      first: '8',
      last: '16',
    }).problem,
  ).toBe('Scaling needs two design widths. Enter the value in its cell instead.'));

test('what is shown is what is written', () => {
  for (const { id } of COMMON_QUANTITIES.filter(({ group }) => group === 'columns')) {
    const { value } = allBreakpoints(spec, id, { how: 'same', text: '=' });
    for (const { breakpoint, after: text } of value?.rows ?? [])
      expect(COMMON_QUANTITIES.find((each) => each.id === id)!.read(value!.spec, value!.spec.breakpoints.find((each) => each.id === breakpoint.id)!).shown).toBe(text); // prettier-ignore
  }
});
