import { expect, test } from 'vitest';
import { breakpointOf, specOf } from '../../core/spec/testing';
import { mentionsIn } from './listed-remark';
import { subjectsOf } from './subjects';

const spec = specOf(breakpointOf({ count: 4 }, 412, { id: 'phone' }));

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

test('people are mentioned by @ and their name', () => {
  const members = [
    { id: '1', name: 'Obi Lorne' },
    { id: '2', name: 'Ansa Brisk' },
  ];
  expect(mentionsIn('See @Obi Lorne, not Ansa Brisk.', members)).toEqual(['1']);
});
