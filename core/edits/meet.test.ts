import * as fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { addBreakpoint, removeBreakpoint } from '../breakpoints/breakpoints';
import { readSpec } from '../document/read';
import { writeCell } from '../quantities/write-cell';
import { practiceSpec } from '../spec/testing';
import type { Spec } from '../spec/schema';
import { applyEdits } from './apply-edits';
import { editsBetween } from './edits-between';
import { meet, takeOwn, valueAt } from './meet';
import { merge } from './merge';

const base = practiceSpec('Met');
const isKept = (document: Spec): boolean => readSpec(document).problem === undefined;
type Cell = 'gutter' | 'margin' | 'count';
const cell = (of: Spec, breakpoint: string, quantity: Cell, text: string): Spec =>
  writeCell(of, breakpoint, quantity, text).value!;
const gutterOf = (of: Spec, id: string) => valueAt(of, ['breakpoints', id, 'columns', 'gutter']);

describe('what two made of one document', () => {
  test('at other addresses is put together; what collides waits, and nothing else does', () => {
    const mine = cell(cell(base, 'phone', 'gutter', '12'), 'desktop', 'gutter', '32');
    const theirs = cell(cell(base, 'phone', 'gutter', '8'), 'tablet', 'gutter', '20');
    const { document, collisions } = meet(base, mine, theirs, isKept);
    expect(document).toEqual(cell(theirs, 'desktop', 'gutter', '32'));
    expect(collisions).toHaveLength(1);
    expect(collisions[0]!.own[0]).toMatchObject({ at: ['breakpoints', 'phone', 'columns', 'gutter'] });
    expect(takeOwn(document, collisions[0]!).value).toEqual(cell(document, 'phone', 'gutter', '12'));
    // a third has changed it since
    const later = cell(document, 'phone', 'gutter', '10');
    expect(takeOwn(later, collisions[0]!).value).toEqual(cell(later, 'phone', 'gutter', '12'));
  });

  test('that is the same is there once', () => {
    const mine = cell(base, 'phone', 'gutter', '12');
    expect(meet(base, mine, mine, isKept)).toEqual({ document: mine, collisions: [] });
  });

  test('a breakpoint removed, and its cell changed: either can be chosen, whoever comes later', () => {
    const removed = removeBreakpoint(base, 'phone').value!;
    const edited = cell(cell(base, 'phone', 'gutter', '8'), 'desktop', 'margin', '30');
    const editor = meet(base, edited, removed, isKept);
    expect(editor.document).toEqual(cell(removed, 'desktop', 'margin', '30'));
    // taking one’s own brings the breakpoint back
    const back = takeOwn(editor.document, editor.collisions[0]!).value!;
    expect(back).toEqual(edited);
    const remover = meet(base, removed, edited, isKept);
    expect(remover.document).toEqual(edited);
    expect(takeOwn(remover.document, remover.collisions[0]!).value).toEqual(cell(removed, 'desktop', 'margin', '30'));
  });

  test('two breakpoints added: the later is told, and what else they did is kept', () => {
    const [one, two] = [700, 1000].map((from) => addBreakpoint(base, from).value!.spec) as [Spec, Spec];
    const { document, collisions } = meet(base, cell(one, 'tablet', 'gutter', '20'), two, isKept);
    expect(document).toEqual(cell(two, 'tablet', 'gutter', '20'));
    expect(collisions).toHaveLength(1);
  });

  test('that together cannot be kept: all that is one’s own waits as one', () => {
    const mine = cell(base, 'phone', 'gutter', '12');
    const theirs = cell(base, 'tablet', 'gutter', '20');
    const { document, collisions } = meet(base, mine, theirs, () => false);
    expect(document).toEqual(theirs);
    expect(collisions).toEqual([{ own: editsBetween(base, mine), theirs: editsBetween(base, theirs) }]);
  });
});

test('any changes of two: nothing is lost, what is on top agrees with the merge of the server', () => {
  const change = fc.oneof(
    {
      weight: 6,
      arbitrary: fc.tuple(fc.constantFrom('gutter', 'margin', 'count'), fc.nat(2), fc.integer({ min: 1, max: 12 })),
    },
    { weight: 1, arbitrary: fc.tuple(fc.constant('remove'), fc.nat(2), fc.constant(0)) },
    { weight: 1, arbitrary: fc.tuple(fc.constant('add'), fc.nat(2), fc.constant(0)) },
  );
  type Change = [string, number, number];
  const made = (changes: Change[]): Spec =>
    changes.reduce((of, [what, which, number]) => {
      const { id } = of.breakpoints[which % of.breakpoints.length]!;
      if (what === 'remove') return removeBreakpoint(of, id).value ?? of;
      if (what === 'add') return addBreakpoint(of, 500 + 150 * which).value?.spec ?? of;
      const written = writeCell(of, id, what as Cell, String(number)).value ?? of;
      return isKept(written) ? written : of;
    }, base);
  let collided = 0;
  fc.assert(
    fc.property(
      fc.array(change as fc.Arbitrary<Change>, { maxLength: 5 }),
      fc.array(change as fc.Arbitrary<Change>, { maxLength: 5 }),
      (ours, others) => {
        const [mine, theirs] = [made(ours), made(others)];
        const { document, collisions } = meet(base, mine, theirs, isKept);
        expect(isKept(document)).toBe(true);
        // every edit of one’s own is in the document, or told
        const told = new Set(collisions.flatMap(({ own }) => own.map(({ at }) => at.join('/'))));
        for (const { at, after } of editsBetween(base, mine))
          if (!told.has(at.join('/'))) expect(valueAt(document, at)).toEqual(after);
        if (collisions.length > 0) collided++;
        else {
          const { edits } = merge(editsBetween(base, mine), [editsBetween(base, theirs)]);
          if (edits) expect(applyEdits(theirs, edits).value).toEqual(document);
        }
        if (JSON.stringify(mine) === JSON.stringify(base)) expect(document).toBe(theirs);
        expect(gutterOf(document, document.breakpoints[0]!.id)).toBeDefined();
      },
    ),
    { numRuns: 200 },
  );
  expect(collided).toBeGreaterThan(20);
});
