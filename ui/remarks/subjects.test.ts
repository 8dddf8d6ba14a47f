import { expect, test } from 'vitest';
import type { JudgedFinding } from '../../core/checks/run';
import { breakpointOf, specWith } from '../../core/spec/testing';
import { mentionsIn } from './listed-remark';
import { subjectsOf } from './subjects';

const spec = specWith(breakpointOf({ count: 4 }, 412, { id: 'phone' }));

test('the selected cell comes first, then the whole and its parts', () => {
  const subjects = subjectsOf(spec, { breakpoint: 'phone', quantity: 'gutter' }, []);
  expect(subjects.map(({ group, name }) => [group, name])).toEqual([
    ['Selected', 'Gutter, Phone'],
    ['Whole', 'The specification'],
    ['Breakpoints', 'Phone'],
  ]);
  expect(subjects[0]!.at).toEqual(['breakpoints', 'phone', 'columns', 'gutter']);
  expect(subjectsOf(spec, { breakpoint: 'gone', quantity: 'gutter' }, [])[0]!.group).toBe('Whole');
});

test('findings of one sentence are told apart by their breakpoints', () => {
  const wide = breakpointOf({ count: 4 }, 900, { id: 'wide', from: 600 });
  const two = specWith(breakpointOf({ count: 4 }, 412, { id: 'phone' }), wide);
  const finding = (breakpoint: string): JudgedFinding => ({
    rule: 'names-differ',
    version: 1,
    weight: 'weigh',
    breakpoint,
    subject: [['breakpoints', breakpoint, 'name']],
    widths: [],
    values: {},
    facts: { name: 'Same' },
    mends: [],
    waiver: null,
  });
  const names = subjectsOf(two, { breakpoint: 'gone', quantity: 'x' }, [finding('phone'), finding('wide')])
    .filter(({ group }) => group === 'Findings')
    .map(({ name }) => name);
  expect(names).toEqual([
    'Phone: Two breakpoints are named Same. Rename one of them.',
    'Wide: Two breakpoints are named Same. Rename one of them.',
  ]);
});

test('people are mentioned by @ and their name', () => {
  const members = [
    { id: '1', name: 'Obi Lorne' },
    { id: '2', name: 'Ansa Brisk' },
  ];
  expect(mentionsIn('See @Obi Lorne, not Ansa Brisk.', members)).toEqual(['1']);
});
