import { expect, test } from 'vitest';
import { breakpointOf, specWith } from '../spec/testing';
import { countOff, offOfSurvey, readSurvey, writeSurvey } from './kept-survey';
import { causesOf } from './off';
import { offCsv, offTabs } from './off-csv';

const phone = breakpointOf({ margin: '16px', count: 4, gutter: '16px' }, 388, { id: 'phone' });
const spec = specWith(phone);
const box = (name: string, x: number, width: number, y: number) => ({ name, x, y, width, height: 80 });
const survey = {
  name: 'March',
  screens: [{ name: 'Home', width: 388, height: 400, boxes: [box('=one', 16, 170, 0), box('two', 204, 168, 0)] }],
  chosen: [],
  grid: null,
};

test('what is written is read again', () => {
  const grid = { width: 388, start: 16, end: 372, count: 4, gutter: 16 };
  expect(readSurvey(JSON.parse(JSON.stringify(writeSurvey({ ...survey, chosen: [grid] })))).value).toEqual({
    ...survey,
    chosen: [grid],
  });
});

test.each<[unknown, string]>([
  [null, 'name: A survey needs a name'],
  [{ ...writeSurvey(survey), name: 'a\u0000' }, 'name: A survey needs a name'],
  [{ name: 'x', screens: [], chosen: [] }, 'screens: This survey has no screens'],
  [{ ...writeSurvey(survey), chosen: [{ width: 1 }] }, 'chosen: The chosen grids are a list'],
  [{ ...writeSurvey(survey), chosen: 'all' }, 'chosen: The chosen grids are a list'],
])('%j', (json, says) => expect(readSurvey(json).problem).toContain(says));

test('held against the spec, or against the grid that was chosen', () => {
  expect(countOff(offOfSurvey(survey, spec))).toEqual({ edges: 4, slips: 1 });
  const moved = { width: 388, start: 18, end: 374, count: 4, gutter: 16 };
  expect(countOff(offOfSurvey({ ...survey, chosen: [moved] }, spec)).slips).toBe(3);
});

test('what is off as a table: a cause, an edge, and no formula for a spreadsheet', () => {
  const off = offOfSurvey({ ...survey, chosen: [{ width: 388, start: 18, end: 374, count: 4, gutter: 16 }] }, spec);
  const causes = causesOf(off.flatMap(({ slips }) => slips));
  const lines = offCsv(causes).split('\r\n');
  expect(lines[0]).toBe('cause,screen,box,side,at,nearest line,off by');
  expect(lines).toContain('2 boxes end 2 px early,Home,"\'=one",end,186,188,-2');
  expect(offTabs(causes).split('\n')[0]!.split('\t')).toHaveLength(7);
});
