import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { MOST } from '../limits';
import { practiceSpec } from '../spec/testing';
import { applyEdits } from './apply-edits';
import { composed } from './compose';
import { type Edit, isWithin, turnedBack } from './edit';
import { editsBetween } from './edits-between';
import { anyDocument } from './testing';

const RUNS = { numRuns: 1000, seed: 90 };

describe('the laws of edits', () => {
  test('the edits between two documents turn one into the other, and say nothing where they are the same', () => {
    fc.assert(
      fc.property(anyDocument, anyDocument, (a, b) => {
        expect(applyEdits(a, editsBetween(a, b))).toEqual({ value: b });
        expect(editsBetween(a, structuredClone(a))).toEqual([]);
      }),
      RUNS,
    );
  });

  test('edits that are made and turned back leave the document as it was', () => {
    fc.assert(
      fc.property(anyDocument, anyDocument, (a, b) => {
        const edits = editsBetween(a, b);
        expect(applyEdits(applyEdits(a, edits).value, turnedBack(edits))).toEqual({ value: a });
        expect(turnedBack(turnedBack(edits))).toEqual(edits);
      }),
      RUNS,
    );
  });

  test('composed edits do what one list and then the other would', () => {
    fc.assert(
      fc.property(anyDocument, anyDocument, anyDocument, (a, b, c) => {
        const both = composed(editsBetween(a, b), editsBetween(b, c));
        expect(applyEdits(a, both)).toEqual({ value: c });
        expect(applyEdits(c, turnedBack(both))).toEqual({ value: a });
      }),
      RUNS,
    );
  });

  test('edits at different addresses commute', () => {
    fc.assert(
      fc.property(anyDocument, anyDocument, anyDocument, (a, b, c) => {
        const first = editsBetween(a, b);
        const meets = (edit: Edit): boolean =>
          first.some(({ at }) => isWithin(edit.at, at) || isWithin(at, edit.at) || isOfOneList(edit, at));
        const second = editsBetween(a, c).filter((edit) => !meets(edit));
        // what is left of a list of edits may lack the order that belongs to it
        const alone = applyEdits(a, second);
        fc.pre(alone.problem === undefined);
        const oneWay = applyEdits(applyEdits(a, first).value, second);
        expect(oneWay).toEqual(applyEdits(alone.value, first));
      }),
      RUNS,
    );
  });

  test('what nobody edits stays the very same', () => {
    const spec = practiceSpec('Same');
    const edits: Edit[] = [{ at: ['breakpoints', 'tablet', 'columns', 'gutter'], before: '16px', after: '20px' }];
    const edited = applyEdits(spec, edits).value!;
    expect(edited.breakpoints[0]).toBe(spec.breakpoints[0]);
    expect(edited.spacing).toBe(spec.spacing);
    expect(edited.breakpoints[1]!.columns.gutter).toBe('20px');
  });
});

/** Does an edit bring or take something of the list whose order is at an address, or the other way round? */
function isOfOneList({ at }: Edit, other: readonly string[]): boolean {
  return (
    at.length === other.length && at.slice(0, -1).join('/') === other.slice(0, -1).join('/') && at.at(-1) === '#order'
  );
}

describe('edits that do not apply are refused, and change nothing', () => {
  const spec = practiceSpec('Trial');
  const gutter = ['breakpoints', 'tablet', 'columns', 'gutter'];
  test.each<[string, Edit[], string]>([
    [
      'another value than before',
      [{ at: gutter, before: '24px', after: '32px' }],
      '/breakpoints/tablet/columns/gutter is "16px" now, not "24px" as this edit was made for.',
    ],
    [
      'a breakpoint that is gone',
      [{ at: ['breakpoints', 'watch', 'columns', 'gutter'], before: '24px', after: '32px' }],
      '/breakpoints/watch/columns/gutter is no place in this document: /breakpoints/watch is not there.',
    ],
    [
      'within a length',
      [{ at: [...gutter, 'is'], before: '24px', after: '32px' }],
      '/breakpoints/tablet/columns/gutter/is is no place in this document: /breakpoints/tablet/columns/gutter is "16px".',
    ],
    [
      'one within the other',
      [
        { at: gutter, before: '16px', after: '32px' },
        { at: ['breakpoints', 'tablet', 'columns'], before: {}, after: {} },
      ],
      'Two edits change /breakpoints/tablet/columns, or one what lies within the other.',
    ],
    [
      'added without its place',
      [{ at: ['breakpoints', 'watch'], after: { id: 'watch' } }],
      'The order of /breakpoints does not name everything that is in it.',
    ],
    [
      'another id than the address says',
      [
        { at: ['breakpoints', 'watch'], after: { id: 'clock' } },
        {
          at: ['breakpoints', '#order'],
          before: ['phone', 'tablet', 'desktop'],
          after: ['watch', 'phone', 'tablet', 'desktop'],
        },
      ],
      'What is put into /breakpoints has another id than its address says.',
    ],
    [
      'two orders of one list',
      [
        {
          at: ['breakpoints', '#order'],
          before: ['phone', 'tablet', 'desktop'],
          after: ['tablet', 'phone', 'desktop'],
        },
        { at: ['breakpoints', '#order'], before: [], after: [] },
      ],
      'Two edits change /breakpoints/#order, or one what lies within the other.',
    ],
    [
      'something within an order',
      [{ at: ['breakpoints', '#order', 'x'], before: ['phone', 'tablet', 'desktop'], after: ['phone'] }],
      '/breakpoints/#order/x is no place in this document',
    ],
    ['half of a character', [{ at: ['spacing'], before: { base: '\ud800' }, after: {} }], '/spacing is {"base":"8px"'],
    ['the whole of another document', [{ at: [], before: {}, after: {} }], 'the document is {"ypsiline":'],
  ])('%s', (_, edits, problem) => {
    expect(applyEdits(spec, edits).problem).toContain(problem);
  });
});

test('a list of waivers of which one has no numbers is changed as a whole', () => {
  const [before, after] = [{ waivers: [{ rule: 'a' }] }, { waivers: [{ rule: 'b' }] }];
  expect(editsBetween(before, after)).toEqual([{ at: ['waivers'], before: before.waivers, after: after.waivers }]);
  expect(applyEdits(before, [{ at: ['waivers', 'a', 'reason'], before: 'x', after: 'y' }]).problem).toContain(
    '/waivers/a/reason is no place in this document',
  );
});

test('the deepest address, of a block in a card in a card, is no longer than a save takes', () => {
  const page = (lane: number) => {
    const block = (id: string, holds: object) => ({ id, holds, at: { phone: { lanes: [lane, lane] } } });
    const text = block('words', { text: 'body', words: '' });
    const inner = block('inner', { card: { space: {}, blocks: [text] } });
    const outer = block('outer', { card: { space: {}, blocks: [inner] } });
    return { layouts: [{ id: 'front', sections: [{ id: 'one', space: {}, blocks: [outer] }] }] };
  };
  const depths = editsBetween(page(1), page(2)).map(({ at }) => at.length);
  expect(Math.max(...depths)).toBe(17);
  expect(Math.max(...depths)).toBeLessThanOrEqual(MOST.addressDepth);
});
