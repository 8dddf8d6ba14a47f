import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { readSpec } from '../document/read';
import { QUANTITIES } from '../quantities/registry';
import { writeCell } from '../quantities/write-cell';
import { specOfGrid } from '../spec/named-grids';
import type { NamedGrid, Spec } from '../spec/schema';
import { practiceSpec } from '../spec/testing';
import { addBreakpoint, nameBreakpoint, removeBreakpoint } from './breakpoints';
import { asMainGrid, isGiven, withGridAs } from './grid-parts';

const ARTICLE: NamedGrid = { id: 'article', name: 'Article', at: { tablet: { columns: { count: 6 } } } };
const spec: Spec = { ...practiceSpec('Beside'), grids: [ARTICLE] };

/** A change to the article grid, as the sheet makes it. */
const typed = (before: Spec, breakpoint: string, id: Parameters<typeof writeCell>[2], text: string): Spec => {
  const own = specOfGrid(before, before.grids![0]!);
  return withGridAs(before, 'article', writeCell(own, breakpoint, id, text).value!);
};

test('what is typed into a grid is given by it there, and nowhere else', () => {
  const after = typed(spec, 'desktop', 'count', '8');
  expect(after.grids![0]!.at).toEqual({ ...ARTICLE.at, desktop: { columns: { count: 8 } } });
  expect(after.breakpoints).toEqual(spec.breakpoints);
  expect(typed(after, 'desktop', 'rowRule', 'divide').grids![0]!.at['desktop']!.rows).toMatchObject({ rule: 'divide' });
});

test('a container beside margins that the main grid holds lets them follow; margins that are given stay', () => {
  expect(typed(spec, 'phone', 'container', '300').grids![0]!.at['phone']).toEqual({ columns: { container: '300px', margin: 'auto' } }); // prettier-ignore
  const withMargin = typed(spec, 'phone', 'margin', '20');
  expect(typed(withMargin, 'phone', 'container', '300').grids![0]!.at['phone']!.columns).toEqual({ margin: '20px', container: '300px' }); // prettier-ignore
});

test('what is no part of a grid is the document’s: a start, a size, a note, a bar', () => {
  for (const [id, text] of [
    ['from', '640'],
    ['reference', '800 × 1000'],
    ['notes', 'Wide'],
    ['frameTop', '64'],
  ] as const) {
    const after = typed(spec, 'tablet', id, text);
    expect(after.grids).toEqual(spec.grids);
    expect(after.breakpoints).toEqual(writeCell(spec, 'tablet', id, text).value!.breakpoints);
  }
});

describe('breakpoints that come, go and are named', () => {
  const own = specOfGrid(spec, ARTICLE);
  test('one that is cut brings what every grid gives there', () => {
    const after = withGridAs(spec, 'article', addBreakpoint(own, 900).value!.spec);
    expect(after).toEqual(addBreakpoint(spec, 900).value!.spec);
  });

  test('one that is removed takes it along', () => {
    expect(withGridAs(spec, 'article', removeBreakpoint(own, 'tablet').value!).grids![0]!.at).toEqual({});
  });

  test('one that takes its id from its name keeps it', () => {
    const { spec: cut, id } = addBreakpoint(spec, 900).value!;
    const named = nameBreakpoint(specOfGrid(cut, cut.grids![0]!), id, 'Wide tablet').value!;
    expect(withGridAs(cut, 'article', named)).toEqual(nameBreakpoint(cut, id, 'Wide tablet').value!);
  });
});

test('what is given is taken back key by key, and the grid is the main one again', () => {
  const places = [{ breakpoint: 'tablet', part: 'columns' as const, key: 'count' }];
  expect(isGiven(ARTICLE, places[0]!)).toBe(true);
  const without = asMainGrid(spec, 'article', places);
  expect(without.grids![0]!.at).toEqual({});
  expect(isGiven(without.grids![0]!, places[0]!)).toBe(false);
});

test('whatever is typed, in whatever order, the grid shows it and the main grid stays as it is', () => {
  const act = fc.record({
    breakpoint: fc.constantFrom('phone', 'tablet', 'desktop'),
    quantity: fc.constantFrom(...QUANTITIES.filter(({ group }) => ['columns', 'rows', 'baseline'].includes(group))),
    text: fc.constantFrom('4', '8', '24', '=', '', '10%', 'fills', 'half', 'repeat', 'divide', '2 gutters', '300'),
  });
  fc.assert(
    fc.property(fc.array(act, { maxLength: 12 }), (acts) => {
      let now = spec;
      for (const { breakpoint, quantity, text } of acts) {
        const own = specOfGrid(now, now.grids![0]!);
        const { value } = writeCell(own, breakpoint, quantity.id, text);
        if (!value) continue;
        const after = withGridAs(now, 'article', value);
        if (readSpec(structuredClone(after)).problem !== undefined) continue;
        const shown = specOfGrid(after, after.grids![0]!);
        const at = (of: Spec) => of.breakpoints.find(({ id }) => id === breakpoint)!;
        const isContainer = quantity.id === 'container';
        // a container may let the margin follow with it
        if (isContainer) expect(at(shown).columns.container).toEqual(at(value).columns.container);
        else expect(at(shown)).toEqual(at(value));
        expect(after.breakpoints).toEqual(spec.breakpoints);
        now = after;
      }
    }),
    { numRuns: 200 },
  );
});
