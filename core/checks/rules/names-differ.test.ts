import { expect, test } from 'vitest';
import { breakpointOf, specWith } from '../../spec/testing';
import { reports } from '../testing';
import { namesDiffer } from './names-differ';

const named = (...names: string[]) =>
  specWith(
    ...names.map((name, index) => ({
      ...breakpointOf({}, 400 + index * 400, { id: `b${index}`, from: index * 400 }),
      name,
    })),
  );

test('two of one name are told, however they are written', () => {
  expect(reports(namesDiffer, named('Phone', 'Tablet', 'tablet'))).toEqual([
    { message: 'Two breakpoints are named tablet. Rename one of them.', mends: [] },
  ]);
});

test('names that differ are none', () =>
  expect(reports(namesDiffer, named('Phone', 'Tablet', 'Tablet, wide'))).toEqual([]));
