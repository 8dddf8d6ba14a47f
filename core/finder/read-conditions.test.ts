import { describe, expect, test } from 'vitest';
import { breakpointOf, solvedColumns, specWith, texts } from '../spec/testing';
import {
  type ConditionFields,
  conditionsFrom,
  conditionsFromAll,
  nowOf,
  readConditions,
  taken,
} from './read-conditions';
import { search } from './search';

const desktop = breakpointOf({ margin: 'auto', container: '1140px', gutter: '24px' });
const phone = breakpointOf({ margin: '16px', count: 4, gutter: '16px' }, 390);
const fields = conditionsFrom(specWith(desktop), desktop);

test('the form starts from what the sheet says', () => {
  expect(fields).toMatchObject({ widths: '1140', widthsAre: 'containers', counts: '12', base: '4', leastColumn: '24' });
  expect(conditionsFrom(specWith(phone), phone)).toMatchObject({
    widths: '390',
    widthsAre: 'viewports',
    counts: '4',
    margin: '16 to 24',
  });
  expect(nowOf(specWith(desktop), desktop)).toEqual({ column: 73, gutter: 24, container: 1140 });
});

test('and, for one gutter, from every breakpoint at once', () => {
  const spec = specWith(phone, { ...desktop, id: 'desktop', from: 1200 });
  expect(conditionsFromAll(spec, phone)).toMatchObject({ widths: '358, 1140', counts: '4, 12', sameGutter: true });
});

describe('a field that is wrong is named', () => {
  test.each<[Partial<ConditionFields>, string, string]>([
    [{ widths: '0' }, 'widths', 'The container goes from 1 to 3840; 0 is outside that.'],
    [{ widths: '1200 to 900' }, 'widths', '1200 to 900 is the wrong way round. Enter 900 to 1200.'],
    [{ counts: '65' }, 'counts', 'The count goes from 1 to 64; 65 is outside that.'],
    [{ gutter: 'some' }, 'gutter', '“some” isn’t a gutter. Enter whole numbers or a range, such as 8 or 8 to 16.'],
    [{ widthsAre: 'viewports', margin: '40 to 8' }, 'margin', '40 to 8 is the wrong way round. Enter 8 to 40.'],
    [{ base: '0' }, 'base', 'The base goes from 1 to 400; 0 is outside that.'],
    [
      { leastColumn: '-5' },
      'leastColumn',
      '“-5” isn’t a smallest column. Enter whole numbers or a range, such as 8 or 8 to 16.',
    ],
  ])('%j', (wrong, field, problem) => expect(readConditions({ ...fields, ...wrong })).toEqual({ field, problem }));
  test('conditions that contradict each other belong to no one field', () => {
    expect(readConditions({ ...fields, counts: '10', parts: ['3'] })).toMatchObject({
      field: null,
      problem: expect.stringContaining('Thirds need'),
    });
  });
});

test('a solution taken over gives the grid that was found', () => {
  const read = readConditions({ ...fields, widths: '1140 to 1160' });
  if (!('value' in read)) throw new Error(read.problem);
  const { solutions } = search(read.value, nowOf(specWith(desktop), desktop));
  for (const solution of solutions.slice(0, 40)) {
    const columns = taken(desktop.columns, solution, read.value);
    expect(texts(solvedColumns(1440, columns))).toMatchObject({
      column: String(solution.column),
      gutter: String(solution.gutter),
      container: String(solution.container),
    });
  }
});

test('the first conditions begin from the rules; one that is off asks for nothing', () => {
  expect(fields).toMatchObject({ multiples: ['gutter', 'margin'], withinMargin: true });
  const spec = { ...specWith(phone), rules: { 'base-multiple': { on: false }, 'gutter-within-margin': { on: false } } };
  expect(conditionsFrom(spec, phone)).toMatchObject({ multiples: [], withinMargin: false });
});
