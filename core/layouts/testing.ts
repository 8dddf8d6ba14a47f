import fc from 'fast-check';
import type { Block, CardGrid, Layout, Placement, Section, Spec } from '../spec/schema';
import { dividedRows, practiceSpec } from '../spec/testing';
import { addStyle } from '../type/write-style';

/** Layouts of every kind on phone, tablet and desktop, for tests. */

/** A spec with a text to read, of 4, 8 and 12 columns. */
export const practicePage: Spec = addStyle(practiceSpec('Laid out'), 'body').value!.spec;

const placement: fc.Arbitrary<Placement> = fc
  .record(
    {
      hidden: fc.constantFrom(true, false, false, false),
      bleeds: fc.constantFrom('screen' as const, 'margin' as const),
      columns: fc
        .tuple(fc.integer({ min: 1, max: 4 }), fc.integer({ min: 0, max: 3 }))
        .map(([first, more]): [number, number] => [first, Math.min(4, first + more)])
        .chain(([first, last]) => fc.constantFrom<[number, number]>([first, last], [first, last], [first, last + 0.5])),
      leaves: fc.constantFrom<NonNullable<Placement['leaves']>>(
        [],
        [],
        [{ side: 'end', to: 'screen', reason: 'Runs out.' }],
        [{ side: 'start', to: 'margin', reason: 'Hangs out.' }],
        [{ side: 'end', to: '12px', reason: 'Hangs out.' }],
        [{ side: 'start', to: { ofColumn: '1/2' }, reason: 'Hangs out.' }],
      ),
      lanes: fc
        .tuple(fc.integer({ min: 1, max: 5 }), fc.integer({ min: 0, max: 2 }))
        .map(([first, more]): [number, number] => [first, first + more]),
      height: fc.oneof(
        fc.constantFrom('lanes' as const, 'section' as const, 'content' as const),
        fc.record({ baselines: fc.integer({ min: 1, max: 40 }) }),
        fc.record({ units: fc.integer({ min: 1, max: 12 }) }),
        fc.record({ px: fc.constantFrom('37px', '4.5rem', '20vw') }),
        fc.record({ rows: fc.integer({ min: 1, max: 20 }) }),
        fc.record({ lines: fc.integer({ min: 1, max: 9 }) }),
        fc.record({ ratio: fc.constantFrom('16/9', '1', '3/4') }),
      ),
      stands: fc.constantFrom<NonNullable<Placement['stands']>>(
        'top',
        'middle',
        'foot',
        'caps',
        'x-height',
        'baseline',
      ),
    },
    { requiredKeys: [] },
  )
  // what bleeds has both edges there
  .map(({ bleeds, ...others }) => (bleeds && !others.leaves && others.columns ? { ...others, bleeds } : others));
const at = fc
  .record({ phone: placement, tablet: placement, desktop: placement }, { requiredKeys: [] })
  .map((each) => ({ ...each }) as Record<string, Placement>);
const plainHolds = fc.constantFrom<Block['holds']>(
  { area: 'plain' },
  { area: 'plain' },
  { picture: '4/3' },
  { picture: '4/3' },
  { text: 'body', words: 'x' },
  { text: 'body', words: 'x' },
  { button: 'body', words: 'x', pad: ['12px', '20px'] },
  { button: 'body', words: 'x', pad: ['0.5rem', '1rem'], width: 'words' },
  { field: 'body', label: 'x', words: '', pad: ['8px', '12px'] },
  { list: 'body', items: ['x', 'y', 'z'], gap: 2 },
  { quote: 'body', by: 'body', words: 'x', who: 'y' },
  { logo: '5/1', high: '32px' },
  { table: 'body', rows: 4, pad: '6px', heads: ['x', 'y'] },
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
      fc.constantFrom<Partial<CardGrid>>(
        {},
        { padding: '12px' },
        { baseline: { step: '6px', offset: '2px' } },
        { rows: { height: '10px', gap: '5px' } },
      ),
    )
    .map(([inner, where, between, columns, own]) => ({
      card: {
        padding: '8px',
        ...own,
        columns,
        space: between,
        blocks: [{ id: 'inner', name: 'Inner', holds: inner, at: where }],
      },
    })),
);

export const anyLayout: fc.Arbitrary<Layout> = fc
  .array(
    fc.tuple(
      fc.constantFrom('content' as const, 'screen' as const),
      space,
      fc.array(fc.tuple(holds, at), { maxLength: 6 }),
      fc.constantFrom<Section['ground']>(undefined, undefined, { tint: 'dark', to: 'screen' }),
    ),
    { minLength: 1, maxLength: 4 },
  )
  .chain((sections) =>
    fc
      .constantFrom<Layout['between']>(undefined, undefined, { phone: 6 }, { tablet: 3 })
      .map((between): [typeof sections, Layout['between']] => [sections, between]),
  )
  .map(([sections, shared]) => ({
    id: 'any',
    name: 'Any',
    notes: '',
    ...(shared && { between: shared }),
    sections: sections.map(([tall, between, blocks, ground], index): Section => ({
      id: `s${index}`,
      name: 'Section',
      tall,
      ...(ground && { ground }),
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

/** A layout “front” of one section with some blocks. */
export function layoutOf(blocks: Block[], some: Partial<Section> = {}): Layout {
  const section: Section = { id: 'one', name: 'One', tall: 'content', space: {}, blocks, ...some };
  return { id: 'front', name: 'Front', notes: '', sections: [section] };
}

/** The practice page with rows of every rule, and with none. */
export const anyPage: fc.Arbitrary<Spec> = fc
  .tuple(
    fc.constantFrom('repeat', 'fields', 'related', 'modules', 'divide', 'none'),
    fc.constantFrom('16px', '20px', '2vw'),
    fc.constantFrom('given' as const, 'given' as const, 'counted' as const),
  )
  .map(([rule, gutter, columns]) => ({
    ...practicePage,
    breakpoints: practicePage.breakpoints.map((breakpoint) => ({
      ...breakpoint,
      columns: {
        ...breakpoint.columns,
        gutter,
        // as many columns of 74 px as there is room for
        ...(columns === 'counted' && breakpoint.id === 'desktop'
          ? { count: 'auto' as const, column: '74px', container: 'fill' as const, margin: '20px' }
          : {}),
      },
      rows:
        rule === 'divide'
          ? dividedRows({ count: 4 })
          : rule === 'modules'
            ? { rule, lines: 5, between: 1 }
            : rule === 'none'
              ? null
              : rule === 'fields'
                ? { rule, ratio: '3', gap: { ofGutter: '1/2' }, offset: '10px' }
                : rule === 'related'
                  ? { rule: 'repeat', height: '20px', gap: { ofGutter: '1/4' }, offset: { ofColumn: '1/8' } }
                  : { rule: 'repeat', height: '20px', gap: '5px', offset: '10px' },
      baseline: rule === 'divide' && gutter !== '20px' ? null : { step: '4px', offset: '0px' },
    })),
  }));
