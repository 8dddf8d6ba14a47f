import Papa from 'papaparse';
import { expect, test } from 'vitest';
import { breakpointOf, specOf } from '../spec/testing';
import { sweepCsv } from './sweep-csv';

test('a row for each width, exact, quoted where a name needs it (RFC 4180)', () => {
  const phone = { ...breakpointOf({ margin: '16px', count: 4, gutter: '16px' }), name: 'Phone, "small"' };
  const csv = sweepCsv(specOf(phone), 388, 390);
  expect(csv.split('\r\n')[0]).toBe(
    'viewport,breakpoint,columns,column,gutter,margin start,margin end,container,column whole,span 2,span 3,span 4',
  );
  expect(csv).toContain('388,"Phone, ""small""",4,77,16,16,16,356,yes,170,263,356\r\n');
  expect(Papa.parse<string[]>(csv.trim()).data[3]).toEqual([
    '390',
    'Phone, "small"',
    '4',
    '155/2',
    '16',
    '16',
    '16',
    '358',
    'no',
    '171',
    '529/2',
    '358',
  ]);
});
