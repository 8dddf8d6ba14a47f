import { describe, expect, test } from 'vitest';
import { columnsAt } from '../columns/columns-at';
import { numeral } from '../length/present';
import { breakpointOf, specWith } from '../spec/testing';
import { readSpec } from '../document/read';
import type { FoundGrid } from './find-grids';
import { foundSum } from './exact-grid';
import { columnsOf, fillsOf, plainPx, takeGrid, takeVerticals } from './take';
import { takeLayout } from './take-layout';

const grid = (some: Partial<FoundGrid>): FoundGrid => ({
  width: 1512,
  start: 108,
  end: 1404,
  count: 12,
  gutter: 24,
  column: 86,
  explained: 0.9,
  gain: 40,
  sureness: 9,
  isSure: true,
  alsoFits: [],
  ...some,
});
const phone = breakpointOf({ margin: '16px', count: 4, gutter: '16px' }, 388, { id: 'phone' });
const desktop = breakpointOf({ margin: '24px', count: 12, gutter: '24px' }, 1440, {
  id: 'desktop',
  from: 900,
});
const spec = specWith(phone, desktop);

test.each([
  [23.98, '24px'],
  [15.52, '15.5px'],
  [0.1, '0px'],
  [-0.2, '0px'],
  [108, '108px'],
])('%d is written %s', (length, text) => expect(plainPx(length)).toBe(text));

test('the sum of a found grid', () => {
  expect(foundSum(grid({}))).toBe('108 + 12 × 86 + 11 × 24 + 108');
});

describe('columns of a found grid', () => {
  test('wide and even margins stand around a container', () => {
    expect(fillsOf(grid({}))).toBe('container');
    expect(columnsOf(grid({}), 'container')).toMatchObject({
      container: '1296px',
      margin: 'auto',
      count: 12,
      gutter: '24px',
    });
  });

  test('small ones fill, and uneven ones stay uneven', () => {
    expect(fillsOf(grid({ start: 24, end: 1488 }))).toBe('margins');
    expect(columnsOf(grid({ start: 24, end: 1488 }), 'margins')).toMatchObject({ container: 'fill', margin: '24px' });
    expect(columnsOf(grid({ start: 240 }), 'container')).toMatchObject({ margin: { start: '240px', end: '108px' } });
  });

  test('half gutters outside belong to the container', () => {
    expect(columnsOf(grid({}), 'container', 'half')).toMatchObject({ container: '1320px', outer: 'half' });
  });
});

describe('into the sheet', () => {
  test('the breakpoint of its width, at which the columns are those that were found', () => {
    const { value } = takeGrid(spec, grid({}), { where: 'own', fills: 'container', outer: 'none' });
    expect(value!.id).toBe('desktop');
    const taken = value!.spec.breakpoints[1]!;
    expect(taken.rows).toEqual(desktop.rows);
    expect(numeral(columnsAt(value!.spec, taken, 1512).column)).toBe('86');
  });

  test('a new one that starts at its width', () => {
    const { value } = takeGrid(spec, grid({ width: 1200, start: 30, end: 1170 }), {
      where: 'new',
      fills: 'margins',
      outer: 'none',
    });
    expect(value!.spec.breakpoints.map(({ from }) => from)).toEqual([0, 900, 1200]);
    expect(readSpec(value!.spec).problem).toBeUndefined();
  });

  test('none where one starts there already', () => {
    const taken = takeGrid(spec, grid({ width: 900 }), { where: 'new', fills: 'margins', outer: 'none' });
    expect(taken.problem).toContain('Desktop already starts at 900');
  });

  test('the unit down the pages as base unit, baseline and rows', () => {
    const taken = takeVerticals(spec, { unit: 6, offset: 2 }, 'phone', { base: true, baseline: true, rows: true });
    expect(taken.spacing.base).toBe('6px');
    expect(taken.breakpoints[0]).toMatchObject({
      baseline: { step: '6px', offset: '2px' },
      rows: { rule: 'repeat', height: '6px', gap: '0px', offset: '2px' },
    });
    expect(taken.breakpoints[1]).toEqual(desktop);
  });
});

describe('as a trial layout', () => {
  const box = (name: string, x: number, width: number, y: number, height = 96) => ({ name, x, y, width, height });
  // columns of 77: 16, 109, 202, 295
  const boxes = [
    box('Hero', 0, 388, 0),
    box('One', 16, 170, 112),
    box('Two', 202, 170, 112),
    box('Text', 17, 356, 224),
  ];
  const screen = { name: 'Front page', width: 388, height: 400, boxes };

  test('each block on the columns it is nearest to, in lanes', () => {
    const { value } = takeLayout(spec, screen);
    expect(readSpec(value!.spec).problem).toBeUndefined();
    const layout = value!.spec.layouts.find(({ id }) => id === value!.id)!;
    expect(layout.name).toBe('Front page');
    const at = Object.fromEntries(layout.sections[0]!.blocks.map(({ name, at: own }) => [name, own['phone']]));
    expect(at['One']).toMatchObject({ columns: [1, 2], lanes: [2, 2] });
    expect(at['Two']).toMatchObject({ columns: [3, 4], lanes: [2, 2] });
    expect(at['Text']).toMatchObject({ columns: [1, 4], lanes: [3, 3] });
    expect(at['Hero']!.leaves!.map(({ side, to }) => [side, to])).toEqual([
      ['start', 'screen'],
      ['end', 'screen'],
    ]);
  });

  test('nothing to lay out', () => {
    expect(takeLayout(spec, { ...screen, boxes: [] }).problem).toBe('Front page has no blocks to lay out.');
  });
});
