import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { removeBreakpoint } from '../breakpoints/breakpoints';
import { breakpointOf, specWith } from '../spec/testing';
import type { Block, Layout, Placement, Spec } from '../spec/schema';
import { movedDifferences } from '../diff/moved-differences';
import { movedElsewhere } from './moved-elsewhere';
import { placesOf } from './places';
import { doubleSection } from './write-sections';
import { anyLayout, practicePage } from './testing';

const WIDTHS = { phone: 390, tablet: 820, laptop: 1180, desktop: 1500, wide: 1900 };
type Id = keyof typeof WIDTHS;
const IDS = Object.keys(WIDTHS) as Id[];

const fiveScreens = (counts: Record<Id, number>, layouts: Layout[]): Spec => ({
  ...specWith(
    ...IDS.map((id, index) =>
      breakpointOf({ count: counts[id] }, WIDTHS[id], { id, from: index === 0 ? 0 : WIDTHS[id] - 100 }),
    ),
  ),
  layouts,
});
const block = (id: string, at: Record<string, Placement>): Block => ({ id, name: id, holds: { area: 'plain' }, at });
const layoutOf = (...blocks: Block[]): Layout => ({
  id: 'front',
  name: 'Front page',
  notes: '',
  sections: [{ id: 'one', name: 'One', tall: 'content', space: {}, blocks }],
});
const COUNTS = { phone: 4, tablet: 8, laptop: 12, desktop: 12, wide: 12 };
const buttonAt = (columns: [number, number]): Layout => layoutOf(block('button', { phone: {}, tablet: { columns } }));

describe('what a change moves elsewhere', () => {
  test('what comes moves nothing: a section or a card doubled, with all that is in it', () => {
    const before = fiveScreens(COUNTS, [buttonAt([1, 2])]);
    const [one] = before.layouts[0]!.sections;
    const copy = { ...one!, id: 'two', blocks: [block('other', {})] };
    expect(movedElsewhere(before, { ...before, layouts: [{ ...before.layouts[0]!, sections: [one!, copy] }] })).toEqual(
      [],
    );
    fc.assert(
      fc.property(anyLayout, (layout) => {
        const spec: Spec = { ...practicePage, layouts: [layout] };
        const doubled = doubleSection(spec, layout.id, layout.sections[0]!.id).value;
        if (doubled) expect(movedElsewhere(spec, doubled)).toEqual([]);
      }),
      { numRuns: 100, seed: 5 },
    );
  });

  test('a count in between moves what follows there, and nothing further out', () => {
    const before = fiveScreens(COUNTS, [buttonAt([1, 2])]);
    const after = fiveScreens({ ...COUNTS, laptop: 10 }, [buttonAt([1, 2])]);
    const at = (id: Id) =>
      placesOf(
        after,
        after.layouts[0]!,
        after.breakpoints.find((each) => each.id === id)!,
      ).get('button')!.columns;
    expect([at('laptop'), at('desktop'), at('wide')]).toEqual([
      [1, 3],
      [1, 3],
      [1, 3],
    ]);
    expect(movedElsewhere(before, after).map(({ breakpoint }) => breakpoint.id)).toEqual(['laptop']);
  });

  test('what is placed at one breakpoint moves at those that follow, one by one, in words', () => {
    const before = fiveScreens(COUNTS, [buttonAt([1, 2])]);
    const after = fiveScreens(COUNTS, [buttonAt([1, 4])]);
    expect(
      movedDifferences(before, after).map(({ breakpoint, what, before: was, after: is }) => [
        breakpoint,
        what,
        was,
        is,
      ]),
    ).toEqual(
      ['Laptop', 'Desktop', 'Wide'].map((name) => [
        name,
        'Front page, block button, moved',
        'columns 1–3 of 12, lanes 1',
        'columns 1–6 of 12, lanes 1',
      ]),
    );
  });

  test('nothing that was placed there, fills all columns, or keeps its share', () => {
    const layout = layoutOf(
      block('own', { tablet: { columns: [1, 2] }, laptop: { columns: [2, 5] }, desktop: { columns: [2, 5] } }),
      block('all', { phone: { columns: [1, 4] } }),
      block('half', { phone: { columns: [1, 2] } }),
    );
    const moved = movedElsewhere(fiveScreens(COUNTS, [layout]), fiveScreens({ ...COUNTS, laptop: 10 }, [layout]));
    expect(moved).toEqual([]);
  });
});

test('a count changes nothing at a breakpoint at which neither it nor what is given there changed', () => {
  fc.assert(
    fc.property(anyLayout, fc.constantFrom(3, 5, 6, 7, 9, 10, 16), (layout, count) => {
      const with_ = (tablet: number): Spec => ({
        ...practicePage,
        layouts: [layout],
        breakpoints: practicePage.breakpoints.map((each) =>
          each.id === 'tablet' ? { ...each, columns: { ...each.columns, count: tablet } } : each,
        ),
      });
      const given = new Set(
        layout.sections.flatMap(({ blocks }) => blocks).flatMap(({ id, at }) => (at['tablet']?.columns ? [id] : [])),
      );
      const moved = movedElsewhere(with_(8), with_(count)).filter(
        ({ breakpoint, is }) => breakpoint.id === 'desktop' && !/-in$/.test(is.block.id),
      );
      // a block alone in a lane of its own moves those below it
      for (const { is, was } of moved)
        expect(given.has(is.block.id) || String(is.lanes) !== String(was.lanes)).toBe(true);
    }),
    { numRuns: 300, seed: 23 },
  );
});

test('neighbours that do not overlap do not overlap where they follow', () => {
  const cuts = fc.uniqueArray(fc.integer({ min: 1, max: 11 }), { minLength: 1, maxLength: 5 });
  fc.assert(
    fc.property(cuts, fc.integer({ min: 1, max: 24 }), (lines, count) => {
      const edges = [0, ...lines.sort((a, b) => a - b), 12];
      const blocks = edges
        .slice(1)
        .map((end, index) => block(`b${index}`, { phone: { columns: [edges[index]! + 1, end], lanes: [1, 1] } }));
      const spec = fiveScreens({ ...COUNTS, phone: 12, tablet: count }, [layoutOf(...blocks)]);
      const places = [...placesOf(spec, spec.layouts[0]!, spec.breakpoints[1]!).values()];
      for (const [index, one] of places.entries())
        for (const other of places.slice(index + 1)) {
          if (one.lanes[0] !== other.lanes[0]) continue;
          expect(one.columns[1] < other.columns[0] || other.columns[1] < one.columns[0]).toBe(true);
        }
    }),
    { numRuns: 500, seed: 23 },
  );
});

test('without a breakpoint, every block stands at all others where it stood', () => {
  fc.assert(
    fc.property(anyLayout, fc.constantFrom('phone', 'tablet'), (layout, gone) => {
      const spec: Spec = { ...practicePage, layouts: [layout] };
      expect(movedElsewhere(spec, removeBreakpoint(spec, gone).value!)).toEqual([]);
    }),
    { numRuns: 300, seed: 23 },
  );
});
