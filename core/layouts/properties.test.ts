import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { readSpec } from '../document/read';
import { editsBetween } from '../edits/edits-between';
import { applyEdits } from '../edits/apply-edits';
import { turnedBack } from '../edits/edit';
import type { Block, Layout, Placement, Section, Spec } from '../spec/schema';
import { practiceSpec } from '../spec/testing';
import { addStyle } from '../type/write-style';
import { solveLayout } from './solve-layout';

/** Layouts of every kind on phone, tablet and desktop, at widths from 240 to 2000. */

const RUNS = { numRuns: 300, seed: 10 };
const base: Spec = addStyle(practiceSpec('Laid out'), 'body').value!.spec;

const placement: fc.Arbitrary<Placement> = fc.record(
  {
    columns: fc
      .tuple(fc.integer({ min: 1, max: 4 }), fc.integer({ min: 0, max: 3 }))
      .map(([first, more]): [number, number] => [first, Math.min(4, first + more)]),
    lanes: fc
      .tuple(fc.integer({ min: 1, max: 5 }), fc.integer({ min: 0, max: 2 }))
      .map(([first, more]): [number, number] => [first, first + more]),
    height: fc.oneof(
      fc.constantFrom('lanes' as const, 'section' as const),
      fc.record({ rows: fc.integer({ min: 1, max: 20 }) }),
      fc.record({ lines: fc.integer({ min: 1, max: 9 }) }),
      fc.record({ ratio: fc.constantFrom('16/9', '1', '3/4') }),
    ),
    stands: fc.constantFrom('top' as const, 'middle' as const, 'foot' as const),
  },
  { requiredKeys: [] },
);
const at = fc
  .record({ phone: placement, tablet: placement, desktop: placement }, { requiredKeys: [] })
  .map((each) => ({ ...each }) as Record<string, Placement>);
const plainHolds = fc.constantFrom<Block['holds']>(
  { area: 'plain' },
  { picture: '4/3' },
  { text: 'body', words: 'Cross the sound.' },
);
const space = fc
  .record(
    {
      above: fc.integer({ min: 0, max: 9 }),
      between: fc.array(fc.integer({ min: 0, max: 9 }), { maxLength: 3 }),
      below: fc.integer({ min: 0, max: 9 }),
    },
    { requiredKeys: [] },
  )
  .map((phone) => ({ phone }));
const holds = fc.oneof(
  { weight: 4, arbitrary: plainHolds },
  fc
    .tuple(
      plainHolds,
      at,
      space,
      fc.constantFrom<'page' | { count: number; gutter: string }>('page', { count: 3, gutter: '8px' }),
    )
    .map(([inner, where, between, columns]) => ({
      card: {
        padding: '8px',
        columns,
        space: between,
        blocks: [{ id: 'inner', name: 'Inner', holds: inner, at: where }],
      },
    })),
);

const anyLayout: fc.Arbitrary<Layout> = fc
  .array(
    fc.tuple(
      fc.constantFrom('content' as const, 'screen' as const),
      space,
      fc.array(fc.tuple(holds, at), { maxLength: 6 }),
    ),
    { minLength: 1, maxLength: 4 },
  )
  .map((sections) => ({
    id: 'any',
    name: 'Any',
    notes: '',
    sections: sections.map(([tall, between, blocks], index): Section => ({
      id: `s${index}`,
      name: 'Section',
      tall,
      space: between,
      blocks: blocks.map(([what, where], place) => {
        const id = `b${index}-${place}`;
        const inside =
          'card' in what
            ? { card: { ...what.card, blocks: what.card.blocks.map((each) => ({ ...each, id: `${id}-in` })) } }
            : what;
        return { id, name: 'Block', holds: inside, at: where };
      }),
    })),
  }));

const width = fc.integer({ min: 240, max: 2000 });

describe('any layout', () => {
  test('is read as it was written, and its edits turned back restore it', () => {
    fc.assert(
      fc.property(anyLayout, anyLayout, (one, other) => {
        const spec: Spec = { ...base, layouts: [one] };
        expect(readSpec(JSON.parse(JSON.stringify(spec)))).toEqual({ value: spec });
        const edits = editsBetween(spec, { ...base, layouts: [other] });
        expect(applyEdits(applyEdits(spec, edits).value, turnedBack(edits)).value).toEqual(spec);
      }),
      RUNS,
    );
  });

  test('has sections one after the other, and blocks that begin in theirs and end in it where it is as tall as its content', () => {
    fc.assert(
      fc.property(anyLayout, width, (layout, viewport) => {
        const { sections, blocks, height } = solveLayout({ ...base, layouts: [layout] }, layout, viewport);
        for (const [index, { top, height: tall }] of sections.entries()) {
          const next = sections[index + 1];
          if (next) expect(next.top.compare(top.add(tall))).toBeGreaterThanOrEqual(0);
        }
        const last = sections.at(-1)!;
        expect(height.equals(last.top.add(last.height))).toBe(true);
        for (const block of blocks) {
          const home = sections.find(({ id }) => id === block.section)!;
          expect(block.y.compare(home.top)).toBeGreaterThanOrEqual(0);
          if (layout.sections.find(({ id }) => id === home.id)!.tall === 'content' && block.card === null)
            expect(block.y.add(block.height).compare(home.top.add(home.height))).toBeLessThanOrEqual(0);
        }
      }),
      RUNS,
    );
  });

  test('that is given what follows stands where it stood', () => {
    fc.assert(
      fc.property(anyLayout, (layout) => {
        const spec: Spec = { ...base, layouts: [layout] };
        const solved = solveLayout(spec, layout, 1440);
        const where = new Map(solved.blocks.map(({ id, placed: { columns, lanes } }) => [id, { columns, lanes }]));
        const given: Layout = {
          ...layout,
          sections: layout.sections.map((each) => ({
            ...each,
            blocks: each.blocks.map((block) => {
              const { columns, lanes } = where.get(block.id)!;
              const own: Placement = { ...block.at.desktop, columns: [...columns], lanes: [...lanes] };
              return { ...block, at: { ...block.at, desktop: own } };
            }),
          })),
        };
        const again = solveLayout({ ...base, layouts: [given] }, given, 1440);
        const places = ({ blocks }: typeof solved) =>
          blocks
            .filter(({ card }) => card === null)
            .map(({ id, x, y, width: wide, height }) => [id, ...[x, y, wide, height].map(String)]);
        expect(places(again)).toEqual(places(solved));
      }),
      RUNS,
    );
  });
});
