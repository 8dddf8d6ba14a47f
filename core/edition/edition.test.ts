import { expect, test } from 'vitest';
import { breakpointOf, specWith } from '../spec/testing';
import { canonicalJson } from './canonical';
import type { Block, Layout } from '../spec/schema';
import { addStyle } from '../type/write-style';
import { layoutTable } from './layout-table';
import { tableAsText } from './read-table';
import { textTable } from './text-table';
import { spanTable, valueTable } from './value-table';

const phone = breakpointOf({ margin: '16px', count: 4, gutter: '16px' }, 393, { id: 'phone' });
const board = breakpointOf({ margin: 'auto', container: '960px', gutter: '20px', outer: 'half' }, 1300, {
  id: 'board',
  from: 960,
});
const spec = specWith(board, phone);

test('exact values, read as fractions and copied as decimals', () => {
  const { head, rows } = valueTable(spec);
  expect(head).toEqual(['Phone', 'Board']);
  expect(rows.map(({ label, values }) => [label, ...values.map((value) => value!.shown)])).toEqual([
    ['Viewports', '0–959', '960 and up'],
    ['Design size', '393 × 900', '1300 × 900'],
    ['Columns', '4', '12'],
    ['Start margin', '16', '170'],
    ['Container', '361', '960'],
    ['End margin', '16', '170'],
    ['Gutter', '16', '20'],
    ['Half gutter outside', '0', '10'],
    ['Column', '78¼', '60'],
    ['Rows, rule', 'repeat', 'repeat'],
    ['Whole rows', '56', '56'],
    ['Rows, height', '8', '8'],
    ['Rows, gap', '8', '8'],
    ['Rows, above', '0', '0'],
    ['Rows, below', '12', '12'],
    ['Baseline, step', '4', '4'],
    ['Baseline, offset', '0', '0'],
  ]);
  expect(rows.find(({ label }) => label === 'Column')!.values[0]).toEqual({ shown: '78¼', copy: '78.25' });
});

test('spans, as many as there are columns', () => {
  const { rows } = spanTable(spec);
  expect(rows).toHaveLength(12);
  expect(rows[3]).toEqual({
    label: '4 columns',
    values: [
      { shown: '361', copy: '361', note: '100 % · 91.86 %' },
      { shown: '300', copy: '300', note: '31.25 % · 23.08 %' },
    ],
  });
  expect(rows[4]!.values[0]).toBeNull();
});

test('a table for a spreadsheet', () => {
  expect(
    tableAsText(valueTable(specWith(phone)))
      .split('\n')
      .slice(0, 2),
  ).toEqual(['\tPhone', 'Viewports\t0 and up']);
});

// RFC 8785: keys sorted by UTF-16 code units, no white space, numbers as ECMAScript writes them
test('the canonical text does not depend on the order of keys', () => {
  const turned = Object.fromEntries(Object.entries(spec).reverse()) as typeof spec;
  expect(canonicalJson(turned)).toBe(canonicalJson(spec));
  expect(canonicalJson(spec)).toMatch(
    /^\{"breakpoints":\[\{"baseline":\{"offset":"0px","step":"4px"\},"columns":\{"align"/,
  );
});

test('the table of a layout says a card’s padding and grid, and why an edge leaves', () => {
  const inner = { id: 'in', name: 'Inside', holds: { area: 'plain' as const }, at: {} };
  const card: Block = {
    id: 'card',
    name: 'Card',
    holds: { card: { padding: '1rem', columns: { count: 3, gutter: '8px' }, space: {}, blocks: [inner] } },
    at: { phone: { leaves: [{ side: 'end', to: 'screen', reason: 'The quay runs out.' }] }, board: { leaves: [] } },
  };
  const layout: Layout = {
    id: 'front',
    name: 'Front',
    notes: '',
    sections: [{ id: 'one', name: 'One', tall: 'content', space: {}, blocks: [card] }],
  };
  const { rows } = layoutTable({ ...spec, layouts: [layout] }, layout);
  const row = (label: string) =>
    rows.find((each) => each.label === `Card: ${label}`)?.values.map((value) => value && [value.shown, value.note]);
  expect(row('padding')).toEqual([
    ['16', undefined],
    ['16', undefined],
  ]);
  expect(row('grid inside')).toEqual([
    ['3 columns, gutter 8', undefined],
    ['3 columns, gutter 8', undefined],
  ]);
  expect(row('end breaks the grid')).toEqual([['to the screen’s edge', 'The quay runs out.'], null]);
  expect(row('start breaks the grid')).toBeUndefined();
  expect(row('overlaps another')).toBeUndefined();
  const hidden = {
    ...layout,
    sections: [{ ...layout.sections[0]!, blocks: [{ ...card, at: { board: { hidden: true } } }] }],
  };
  const table = layoutTable({ ...spec, layouts: [hidden] }, hidden);
  expect(table.rows[0]!.values[1]!.shown).toBe('hidden');
  expect(table.rows[1]!.values[1]).toBeNull();
});

test('a size with its leading is copied as CSS writes it, which no spreadsheet takes for a date', () => {
  const { rows } = textTable(addStyle(spec, 'body').value!.spec);
  expect(rows[0]!.values[0]).toMatchObject({ shown: '16 / 24', copy: '16px/24px' });
});
