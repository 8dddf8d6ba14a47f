import fc from 'fast-check';
import { expect, test } from 'vitest';
import { findingsOf } from '../../core/checks/run';
import { STARTING_SETS } from '../../core/document/defaults';
import { readSpec } from '../../core/document/read';
import { anySpec } from '../any-spec';
import { STARTING_LAYOUTS } from '../../core/layouts/starting-kinds';
import { addLayout } from '../../core/layouts/starting-layouts';

const inLayouts = (spec: Parameters<typeof findingsOf>[0]) =>
  findingsOf(spec).filter(({ subject, weight }) => weight !== 'note' && subject.some(([room]) => room === 'layouts'));

test('each is clean on each starting set', () => {
  for (const set of STARTING_SETS) {
    for (const { id, title } of STARTING_LAYOUTS) {
      const { value } = addLayout(set.spec('Begun'), id, title);
      expect(readSpec(value!.spec).problem).toBeUndefined();
      expect(inLayouts(value!.spec).map(({ rule, breakpoint }) => [set.id, id, rule, breakpoint])).toEqual([]);
    }
  }
});

test('each after all the others is as clean: white space of a kind is as it is there', () => {
  for (const set of STARTING_SETS) {
    const spec = STARTING_LAYOUTS.reduce(
      (before, { id, title }) => addLayout(before, id, title).value!.spec,
      set.spec('Begun'),
    );
    expect(inLayouts(spec).map(({ rule, breakpoint, values }) => [set.id, rule, breakpoint, values])).toEqual([]);
  }
});

test('on any grid, each is a document that is read, and no block lies past the columns', () => {
  fc.assert(
    fc.property(anySpec, fc.constantFrom(...STARTING_LAYOUTS), (spec, { id, title }) => {
      const { value, problem } = addLayout(spec, id, title);
      if (problem) return expect(problem).toMatch(/\.$/);
      expect(readSpec(value!.spec).problem).toBeUndefined();
      expect(findingsOf(value!.spec).filter(({ rule }) => rule === 'past-last-column')).toEqual([]);
    }),
    { numRuns: process.env['YPSILINE_LONG'] ? 300 : 50, seed: 4 },
  );
});

test('a name is asked for, and told apart', () => {
  const first = addLayout(STARTING_SETS[0]!.spec('Begun'), 'empty', 'Front page').value!;
  expect(addLayout(first.spec, 'empty', ' Front page ').value!.id).toBe('front-page-2');
  expect(addLayout(first.spec, 'empty', '  ').problem).toBe('Enter a name, such as Front page.');
  expect(addLayout(first.spec, 'empty', 'x'.repeat(61)).problem).toBe(
    'This name has 61 characters; the maximum is 60.',
  );
});
