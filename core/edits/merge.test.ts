import * as fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { removeBreakpoint } from '../breakpoints/breakpoints';
import { writeCell } from '../quantities/write-cell';
import { practiceSpec } from '../spec/testing';
import type { Spec } from '../spec/schema';
import { applyEdits } from './apply-edits';
import { editsBetween } from './edits-between';
import { merge } from './merge';

const spec = practiceSpec('Shared');
const cell = (of: Spec, breakpoint: string, quantity: 'gutter' | 'margin' | 'count', text: string): Spec =>
  writeCell(of, breakpoint, quantity, text).value!;
const since = (...documents: Spec[]) => documents.slice(1).map((each, index) => editsBetween(documents[index], each));

describe('edits that meet others', () => {
  const phone = editsBetween(spec, cell(spec, 'phone', 'gutter', '12'));

  test('at other addresses both are kept', () => {
    const theirs = cell(cell(spec, 'tablet', 'gutter', '24'), 'phone', 'margin', '20');
    const { edits } = merge(phone, since(spec, theirs));
    expect(applyEdits(theirs, edits!).value).toEqual(cell(theirs, 'phone', 'gutter', '12'));
  });

  test('at the same address they collide, unless both say the same', () => {
    expect(merge(phone, since(spec, cell(spec, 'phone', 'gutter', '8')))).toEqual({
      collisions: [['breakpoints', 'phone', 'columns', 'gutter']],
    });
    expect(merge(phone, since(spec, cell(spec, 'phone', 'gutter', '12')))).toEqual({ edits: [] });
    // what was changed and put back again was touched: the last of it counts
    const there = cell(spec, 'phone', 'gutter', '8');
    expect(merge(phone, since(spec, there, spec)).collisions).toHaveLength(1);
  });

  test('a breakpoint that is removed collides with an edit within it, and with no other', () => {
    const removed = removeBreakpoint(spec, 'phone').value!;
    expect(merge(phone, since(spec, removed)).collisions).toEqual([['breakpoints', 'phone', 'columns', 'gutter']]);
    const tablet = editsBetween(spec, cell(spec, 'tablet', 'gutter', '24'));
    expect(applyEdits(removed, merge(tablet, since(spec, removed)).edits!).problem).toBeUndefined();
    expect(merge(editsBetween(spec, removed), [phone]).collisions).toEqual([['breakpoints', 'phone']]);
  });

  test('two who merge come to the same document, whichever saves first', () => {
    const change = fc.record({
      breakpoint: fc.constantFrom('phone', 'tablet', 'desktop'),
      quantity: fc.constantFrom('gutter' as const, 'margin' as const, 'count' as const),
      number: fc.integer({ min: 1, max: 12 }),
    });
    const changed = (
      changes: { breakpoint: string; quantity: 'gutter' | 'margin' | 'count'; number: number }[],
    ): Spec =>
      changes.reduce((of, { breakpoint, quantity, number }) => cell(of, breakpoint, quantity, String(number)), spec);
    let merges = 0;
    fc.assert(
      fc.property(fc.array(change, { maxLength: 3 }), fc.array(change, { maxLength: 3 }), (mine, theirs) => {
        const [a, b] = [editsBetween(spec, changed(mine)), editsBetween(spec, changed(theirs))];
        const [first, second] = [merge(b, [a]), merge(a, [b])];
        expect(first.collisions === undefined).toBe(second.collisions === undefined);
        if (!first.edits || !second.edits) return;
        merges++;
        const one = applyEdits(changed(mine), first.edits);
        expect(one.problem).toBeUndefined();
        expect(one.value).toEqual(applyEdits(changed(theirs), second.edits).value);
      }),
      { numRuns: 300 },
    );
    expect(merges).toBeGreaterThan(50);
  });
});
