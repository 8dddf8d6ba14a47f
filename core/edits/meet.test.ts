import * as fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { addBreakpoint, removeBreakpoint } from '../breakpoints/breakpoints';
import { readSpec } from '../document/read';
import { writeCell } from '../quantities/write-cell';
import { practiceSpec } from '../spec/testing';
import type { Spec } from '../spec/schema';
import { applyEdits } from './apply-edits';
import { editsBetween } from './edits-between';
import { composed } from './compose';
import { meet, type OnTop, ownInstead, putOnTop, valueAt } from './meet';

const base = practiceSpec('Met');
const gate = (document: Spec) => readSpec(document);
const isKept = (document: Spec): boolean => gate(document).problem === undefined;
/** What comes of a document that two changed. */
const together = (mine: Spec, theirs: Spec, through = gate): OnTop<Spec> =>
  putOnTop(theirs, editsBetween(base, mine), editsBetween(base, theirs), through);
const takeOwn = (document: Spec, collision: Parameters<typeof ownInstead>[1]) =>
  applyEdits(document, ownInstead(document, collision));
/** So many changes of two are drawn; `YPSILINE_LONG=1` takes the long form. */
const RUNS = process.env.YPSILINE_LONG ? 1_000 : 200;

type Cell = 'gutter' | 'margin' | 'count';
const cell = (of: Spec, breakpoint: string, quantity: Cell, text: string): Spec =>
  writeCell(of, breakpoint, quantity, text).value!;
const gutterOf = (of: Spec, id: string) => valueAt(of, ['breakpoints', id, 'columns', 'gutter']);

describe('what two made of one document', () => {
  test('at other addresses is put together; what collides waits, and nothing else does', () => {
    const mine = cell(cell(base, 'phone', 'gutter', '12'), 'desktop', 'gutter', '32');
    const theirs = cell(cell(base, 'phone', 'gutter', '8'), 'tablet', 'gutter', '20');
    const { document, collide } = together(mine, theirs);
    expect(document).toEqual(cell(theirs, 'desktop', 'gutter', '32'));
    expect(collide).toHaveLength(1);
    expect(collide[0]!.own[0]).toMatchObject({ at: ['breakpoints', 'phone', 'columns', 'gutter'] });
    expect(takeOwn(document, collide[0]!).value).toEqual(cell(document, 'phone', 'gutter', '12'));
    // a third has changed it since
    const later = cell(document, 'phone', 'gutter', '10');
    expect(takeOwn(later, collide[0]!).value).toEqual(cell(later, 'phone', 'gutter', '12'));
  });

  test('that is the same is there once', () => {
    const mine = cell(base, 'phone', 'gutter', '12');
    expect(together(mine, mine)).toEqual({ document: mine, apply: [], collide: [] });
  });

  test('a breakpoint removed, and its cell changed: either can be chosen, whoever comes later', () => {
    const removed = removeBreakpoint(base, 'phone').value!;
    const edited = cell(cell(base, 'phone', 'gutter', '8'), 'desktop', 'margin', '30');
    const editor = together(edited, removed);
    expect(editor.document).toEqual(cell(removed, 'desktop', 'margin', '30'));
    // taking one’s own brings the breakpoint back
    const back = takeOwn(editor.document, editor.collide[0]!).value!;
    expect(back).toEqual(edited);
    const remover = together(removed, edited);
    expect(remover.document).toEqual(edited);
    expect(takeOwn(remover.document, remover.collide[0]!).value).toEqual(cell(removed, 'desktop', 'margin', '30'));
  });

  test('what others changed and put back again is met by nobody, whoever looks at it', () => {
    const phone = editsBetween(base, cell(base, 'phone', 'gutter', '12'));
    const there = editsBetween(base, cell(base, 'phone', 'gutter', '8'));
    const andBack = composed(there, editsBetween(cell(base, 'phone', 'gutter', '8'), base));
    expect(meet(phone, andBack)).toEqual({ apply: phone, collide: [] });
  });

  test('orders that are none, from outside, are met like any other value', () => {
    const odd = [{ at: ['breakpoints', '#order'], before: 1, after: { length: -1 } }];
    expect(meet(odd, odd)).toEqual({ apply: [], collide: [] });
    expect(meet(odd, editsBetween(base, removeBreakpoint(base, 'phone').value)).collide).toHaveLength(1);
  });

  test('two who merge come to the same document, whichever saves first', () => {
    const change = fc.record({
      breakpoint: fc.constantFrom('phone', 'tablet', 'desktop'),
      quantity: fc.constantFrom<Cell>('gutter', 'margin', 'count'),
      number: fc.integer({ min: 1, max: 12 }),
    });
    const changes = fc.array(change, { maxLength: 3 });
    const changed = (list: { breakpoint: string; quantity: Cell; number: number }[]): Spec =>
      list.reduce((of, { breakpoint, quantity, number }) => cell(of, breakpoint, quantity, String(number)), base);
    let merges = 0;
    fc.assert(
      fc.property(changes, changes, (mine, theirs) => {
        const [one, other] = [together(changed(mine), changed(theirs)), together(changed(theirs), changed(mine))];
        expect(one.collide.length).toBe(other.collide.length);
        if (one.collide.length > 0) return;
        merges++;
        expect(one.document).toEqual(other.document);
      }),
      { numRuns: RUNS },
    );
    expect(merges).toBeGreaterThan(RUNS / 10);
  });

  test('two breakpoints added: the later is told, and what else they did is kept', () => {
    const [one, two] = [700, 1000].map((from) => addBreakpoint(base, from).value!.spec) as [Spec, Spec];
    const { document, collide } = together(cell(one, 'tablet', 'gutter', '20'), two);
    expect(document).toEqual(cell(two, 'tablet', 'gutter', '20'));
    expect(collide).toHaveLength(1);
  });

  test('that together cannot be kept: all that is one’s own waits as one', () => {
    const mine = cell(base, 'phone', 'gutter', '12');
    const theirs = cell(base, 'tablet', 'gutter', '20');
    const { document, collide } = together(mine, theirs, () => ({ problem: 'It cannot be kept.' }));
    expect(document).toEqual(theirs);
    expect(collide).toEqual([{ own: editsBetween(base, mine), theirs: editsBetween(base, theirs) }]);
  });
});

test('any changes of two: nothing is lost, and the server, which knows them one after the other, says the same', () => {
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
        const { document, collide } = together(mine, theirs);
        expect(isKept(document)).toBe(true);
        // every edit of one’s own is in the document, or told
        const told = new Set(collide.flatMap(({ own }) => own.map(({ at }) => at.join('/'))));
        for (const { at, after } of editsBetween(base, mine))
          if (!told.has(at.join('/'))) expect(valueAt(document, at)).toEqual(after);
        if (collide.length > 0) collided++;
        // the server knows others’ edits as one list after the other
        const [half, rest] = [made(others.slice(0, 2)), theirs];
        const lists = [editsBetween(base, half), editsBetween(half, rest)];
        const asServer = meet(editsBetween(base, mine), composed(lists[0]!, lists[1]!));
        expect(asServer.collide.length > 0).toBe(
          meet(editsBetween(base, mine), editsBetween(base, theirs)).collide.length > 0,
        );
        if (JSON.stringify(mine) === JSON.stringify(base)) expect(document).toBe(theirs);
        expect(gutterOf(document, document.breakpoints[0]!.id)).toBeDefined();
      },
    ),
    { numRuns: RUNS },
  );
  expect(collided).toBeGreaterThan(RUNS / 10);
});
