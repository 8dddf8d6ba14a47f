import { describe, expect, test } from 'vitest';
import { editsBetween } from '../edits/edits-between';
import { addressText } from '../edits/edit';
import { byWidth } from '../spec/ranges';
import type { Breakpoint, Spec } from '../spec/schema';
import { breakpointOf, dividedRows, practiceSpec, specWith } from '../spec/testing';
import { inWords } from './in-words';
import { addressOf, cellAt, QUANTITIES, readingOf } from './registry';
import { fieldText } from './reading';
import { writeCell } from './write-cell';

const modules = {
  ...breakpointOf({}, 1440, { id: 'modules', from: 1200 }),
  rows: { rule: 'modules' as const, lines: 6, between: 1 },
};
const divided = { ...breakpointOf({}, 700, { id: 'divided', from: 600 }), rows: dividedRows() };
const bare = { ...breakpointOf({}, 390, { id: 'bare' }), rows: null, baseline: null };
const UNNAMED = breakpointOf({}, 2000, { id: 'breakpoint-6', from: 1900 });
const PRACTICE = addedTo(practiceSpec('Practice'), { ...UNNAMED, name: 'Breakpoint 6' });
const SPECS = [PRACTICE, specWith(bare, divided, modules)];

describe.each(SPECS)('every quantity of $name', (spec) => {
  const cells = byWidth(spec.breakpoints).flatMap((breakpoint) =>
    QUANTITIES.map((quantity) => ({ breakpoint, quantity, at: quantity.address(breakpoint) })),
  );

  test('has an address of its own, by which it is found', () => {
    expect(new Set(cells.map(({ at }) => addressText(at))).size).toBe(cells.length);
    for (const { breakpoint, quantity, at } of cells)
      expect(cellAt(spec, at)).toEqual({ breakpoint: breakpoint.id, quantity: quantity.id });
  });

  test('takes back what it says, and nothing changes', () => {
    for (const { breakpoint, quantity } of cells) {
      const reading = readingOf(spec, breakpoint, quantity.id);
      if (reading.idle) continue;
      expect(writeCell(spec, breakpoint.id, quantity.id, reading.text).value, quantity.name).toBe(spec);
      if (!reading.follows) expect(fieldText(reading)).toBe(reading.text);
    }
  });

  test('that is given changes at its own address', () => {
    for (const { breakpoint, quantity, at } of cells) {
      const { text, follows, idle } = readingOf(spec, breakpoint, quantity.id);
      if (follows || idle || !/^\d+$/.test(text) || quantity.isOwn) continue;
      const written = writeCell(spec, breakpoint.id, quantity.id, String(Number(text) + 8)).value!;
      const edits = editsBetween(spec, written);
      expect(
        edits.map((edit) => addressText(edit.at)),
        quantity.name,
      ).toEqual([addressText(at)]);
      expect(inWords(written, edits)).toBe(`${quantity.name}, ${breakpoint.name}`);
    }
  });
});

test.each<[string, Parameters<typeof inWords>[1], string]>([
  ['nothing but an order', [{ at: ['breakpoints', '#order'], before: [], after: [] }], 'Order'],
  [
    'several things',
    [
      { at: addressOf(SPECS[0]!.breakpoints[0]!, 'gutter'), after: 1 },
      { at: ['spacing', 'base'], after: 1 },
      { at: ['type', 'body', 'at', 'phone', 'size'], after: 1 },
    ],
    'Gutter, Phone and 2 more',
  ],
  [
    'a cell of a grid beside',
    [{ at: ['grids', 'article', 'at', 'phone', 'columns', 'gutter'], after: 1 }],
    'Gutter, Phone, article',
  ],
  ['what a grid gives', [{ at: ['grids', 'article', 'at', 'phone'], after: {} }], 'article, Phone'],
  ['a grid', [{ at: ['grids', 'article'], after: {} }], 'Grid article added'],
  ['a whole breakpoint', [{ at: ['breakpoints', 'phone'], after: {} }], 'Breakpoint Phone added'],
  [
    'a breakpoint that went, with what followed it',
    [
      { at: ['type', 'body', 'at', 'tablet', 'size'], before: 1 },
      { at: ['breakpoints', 'tablet'], before: { id: 'tablet', name: 'Small tablet' } },
    ],
    'Small tablet removed and 1 more',
  ],
  ['a step that went', [{ at: ['spacing', 'steps', 'space-1'], before: {} }], 'Spacing step space-1 removed'],
  [
    'a block that went',
    [{ at: ['layouts', 'front', 'sections', 'one', 'blocks', 'card'], before: { name: 'Card' } }],
    'Block Card removed',
  ],
  ['a layout that went', [{ at: ['layouts', 'front'], before: { name: 'Front page' } }], 'Layout Front page removed'],
  [
    'a breakpoint without a name of its own',
    [{ at: ['breakpoints', 'breakpoint-6'], after: {} }],
    'Breakpoint 6 added',
  ],
  ['a step', [{ at: ['spacing', 'steps', 'space-1', 'times'], after: '2' }], 'Spacing step space-1'],
  ['the name', [{ at: ['name'], after: 'x' }], 'Name'],
  ['a waiver', [{ at: ['waivers', 'column-whole phone 1x'], after: {} }], 'Waiver column-whole'],
  ['all rows of a breakpoint', [{ at: ['breakpoints', 'phone', 'rows', 'lines'], after: 1 }], 'Rows, Phone'],
])('in words: %s', (_, edits, words) => expect(inWords(PRACTICE, edits)).toBe(words));

function addedTo(spec: Spec, breakpoint: Breakpoint): Spec {
  return { ...spec, breakpoints: [...spec.breakpoints, breakpoint] };
}
