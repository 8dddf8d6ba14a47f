import Papa from 'papaparse';
import { expect, test } from 'vitest';
import { decimal } from '../length/present';
import { breakpointOf, specWith } from '../spec/testing';
import { shippedFont } from '../type/shipped-fonts';
import { textAt } from '../type/text-at';
import { sweepCsv } from './sweep-csv';

test('a row for each width, in decimals, quoted where a name needs it (RFC 4180)', () => {
  const phone = { ...breakpointOf({ margin: '16px', count: 4, gutter: '16px' }), name: 'Phone, "small"' };
  const csv = sweepCsv(specWith(phone), 388, 390);
  expect(csv.split('\r\n')[0]).toBe(
    'viewport,breakpoint,columns,column,gutter,margin start,margin end,container,column whole,span 2,span 3,span 4',
  );
  expect(csv).toContain('388,"Phone, ""small""",4,77,16,16,16,356,yes,170,263,356\r\n');
  expect(Papa.parse<string[]>(csv.trim()).data[3]).toEqual([
    '390',
    'Phone, "small"',
    '4',
    '77.5',
    '16',
    '16',
    '16',
    '358',
    'no',
    '171',
    '264.5',
    '358',
  ]);
});

test('a name that a spreadsheet would run is text', () => {
  const named = { ...breakpointOf({}), name: '=HYPERLINK("x")' };
  expect(sweepCsv(specWith(named), 400, 400)).toContain(`400,"'=HYPERLINK(""x"")",`);
});

test('text styles as they are at each width', () => {
  const phone = breakpointOf({ margin: '20px', count: 4, gutter: '16px' }, 412, { id: 'phone' });
  const spec = specWith(phone);
  const body = {
    name: 'body',
    role: 'body' as const,
    font: shippedFont('vollkorn'),
    stands: 'line-box' as const,
    at: {
      phone: {
        size: { between: ['16px', '20px'] as [string, string], over: [400, 800] as [number, number] },
        leading: { times: '1.5' },
        span: 4,
      },
    },
  };
  const styled = { ...spec, type: [body] };
  const rows = Papa.parse<string[]>(sweepCsv(styled, 350, 900).trim()).data.slice(1);
  for (const row of rows.filter((_, index) => index % 50 === 0)) {
    const { size, leading, characters } = textAt(styled, body, phone, Number(row[0]));
    expect(row.slice(9, 12)).toEqual([decimal(size), decimal(leading), String(Math.round(characters.valueOf()))]);
  }
});
