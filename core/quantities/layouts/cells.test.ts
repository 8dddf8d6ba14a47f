import { expect, test } from 'vitest';
import { addLayout } from '../../layouts/starting-layouts';
import type { Spec } from '../../spec/schema';
import { practiceSpec } from '../../spec/testing';
import type { CellQuantity } from '../quantity';
import { gapCells } from './gap-cells';
import { blocksOf, placementCells } from './placement-cells';

const { spec } = addLayout(practiceSpec('Sheets'), 'front', 'Front').value!;
const layout = spec.layouts[0]!;
const desktop = spec.breakpoints.find(({ id }) => id === 'desktop')!;
const cell = (of: Spec, part: Parameters<typeof placementCells>[1], id: string): CellQuantity =>
  placementCells(of.layouts[0]!, part).find((row) => row.id === id)!;

test('each block is a row, those of cards under their card', () => {
  expect(
    blocksOf(layout)
      .slice(0, 5)
      .map(({ id, depth }) => [id, depth]),
  ).toEqual([
    ['opening-heading', 0],
    ['opening-picture', 0],
    ['heading', 0],
    ['card-1', 0],
    ['card-1-picture', 1],
  ]);
});

test('columns are read with their width, typed, and follow again', () => {
  const columns = cell(spec, 'columns', 'card-1');
  expect(columns.read(spec, desktop)).toMatchObject({ text: '1–4', follows: false, px: '368' });
  const wider = columns.write(spec, desktop, 'half').value!;
  expect(cell(wider, 'columns', 'card-1').read(wider, desktop)).toMatchObject({ text: '1–6', px: '564' });
  const follows = columns.write(spec, desktop, '=').value!;
  // half of the tablet’s 8 is half of 12
  expect(cell(follows, 'columns', 'card-1').read(follows, desktop)).toMatchObject({ text: '1–6', follows: true });
  expect(columns.write(spec, desktop, '9–14').problem).toBe('There are 12 columns here. Enter columns from 1 to 12.');
  // in a card on the page’s columns there are as many as it stands on
  const inCard = cell(spec, 'columns', 'card-1-picture');
  expect(inCard.write(spec, desktop, '1–5').problem).toBe('There are 4 columns here. Enter columns from 1 to 4.');
});

test('lanes, heights and where a block stands', () => {
  const height = cell(spec, 'height', 'heading').write(spec, desktop, '3 lines').value!;
  expect(cell(height, 'height', 'heading').read(height, desktop).text).toBe('3 lines');
  const lanes = cell(spec, 'lanes', 'card-3').write(spec, desktop, '3').value!;
  expect(cell(lanes, 'lanes', 'card-3').read(lanes, desktop)).toMatchObject({ text: '3', follows: false });
  expect(cell(spec, 'stands', 'heading').write(spec, desktop, 'Caps').value).toBeDefined();
  expect(cell(spec, 'stands', 'heading').write(spec, desktop, 'floating').problem).toBe(
    'Choose top, middle, foot, caps, x-height or baseline.',
  );
});

test('one count for all gaps of a kind at a breakpoint', () => {
  const kind = 'heading to card';
  const gap = (of: Spec): CellQuantity => gapCells(of).find(({ id }) => id === kind)!;
  expect(gap(spec).read(spec, desktop)).toMatchObject({ text: '2 rows', px: '40' });
  const two = addLayout(spec, 'cards', 'List').value!.spec;
  const five = gap(two).write(two, desktop, '5 rows').value!;
  expect(gap(five).read(five, desktop).text).toBe('5 rows');
  expect(five.layouts.map(({ sections }) => sections.at(-1)!.space['desktop']!.between)).toEqual([
    [5, 2],
    [5, 2],
  ]);
  // the other breakpoints stay
  expect(gap(five).read(five, spec.breakpoints[0]!).text).toBe('2 rows');
  expect(gap(two).write(two, desktop, 'wide').problem).toBe('Enter how many rows to leave empty, such as 3.');
});
