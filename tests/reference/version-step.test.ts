import { changesOf } from '../../core/diff/difference';
import * as fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { addBreakpoint, removeBreakpoint } from '../../core/breakpoints/breakpoints';
import { differences, leastBump } from '../../core/diff/differences';
import { effects } from '../../core/diff/effects';
import { publishedDifferences } from '../../core/diff/published-differences';
import { reasonOfStep } from '../../core/diff/step-reason';
import { applyEdits } from '../../core/edits/apply-edits';
import { editsBetween } from '../../core/edits/edits-between';
import type { Bump } from '../../core/quantities/quantity';
import type { QuantityId } from '../../core/quantities/registry';
import { writeCell } from '../../core/quantities/write-cell';
import type { Breakpoint, Spec } from '../../core/spec/schema';
import { DEMO_SPECS } from '../../scripts/demo/specs';
import { anySpec } from '../any-spec';

// Semantic Versioning 2.0.0 (semver.org), clauses 6 to 8: patch where nothing that is built on it changes, minor where something is added or changed in a way
// that what is built goes on to mean the same, major where something that is built on is gone or means another thing. What pages build on: the classes, custom
// properties and column counts of grid.css (docs/grid-css.md).

const demo = DEMO_SPECS.find(({ surveyedBy }) => surveyedBy)!.drafts[0]!.document;

type Change = (spec: Spec) => Spec;

const cell =
  (breakpoint: string, quantity: QuantityId, text: string): Change =>
  (spec) => {
    const { value, problem } = writeCell(spec, breakpoint, quantity, text);
    if (!value) throw new Error(`${quantity} ${text}: ${problem}`);
    return value;
  };
const breakpoint =
  (id: string, change: (each: Breakpoint) => Breakpoint): Change =>
  (spec) => ({ ...spec, breakpoints: spec.breakpoints.map((each) => (each.id === id ? change(each) : each)) });
const everywhere =
  (change: (each: Breakpoint) => Breakpoint): Change =>
  (spec) => ({ ...spec, breakpoints: spec.breakpoints.map(change) });
const columns = (id: string, some: Partial<Breakpoint['columns']>): Change =>
  breakpoint(id, (each) => ({ ...each, columns: { ...each.columns, ...some } }));
const steps =
  (change: (all: Spec['spacing']['steps']) => Spec['spacing']['steps']): Change =>
  (spec) => ({
    ...spec,
    spacing: { ...spec.spacing, steps: change(spec.spacing.steps) },
  });
const styles =
  (change: (all: Spec['type']) => Spec['type']): Change =>
  (spec) => ({ ...spec, type: change(spec.type) });
const layouts =
  (change: (all: Spec['layouts']) => Spec['layouts']): Change =>
  (spec) => ({
    ...spec,
    layouts: change(spec.layouts),
  });
/** The first section’s blocks of the first layout. */
const blocks = (
  change: (all: Spec['layouts'][0]['sections'][0]['blocks']) => Spec['layouts'][0]['sections'][0]['blocks'],
): Change =>
  layouts(([first, ...others]) => {
    const [section, ...sections] = first!.sections;
    return [{ ...first!, sections: [{ ...section!, blocks: change(section!.blocks) }, ...sections] }, ...others];
  });

const CHANGES: [string, Bump, Change][] = [
  // what is gone, or means another thing
  ['a breakpoint is removed', 'major', (spec) => removeBreakpoint(spec, 'tablet').value!],
  [
    'a breakpoint has another id',
    'major',
    (spec) => ({
      ...removeBreakpoint(spec, 'wide').value!,
      breakpoints: spec.breakpoints.map((each) => (each.id === 'wide' ? { ...each, id: 'huge', name: 'Huge' } : each)),
      layouts: [],
    }),
  ],
  ['fewer columns', 'major', cell('desktop', 'count', '10')],
  ['more columns', 'major', cell('desktop', 'count', '16')],
  ['one column more on the phone', 'major', cell('phone', 'count', '5')],
  ['the count follows', 'major', columns('desktop', { count: 'auto', column: '86px' })],
  ['a spacing step is removed', 'major', steps((all) => all.slice(1))],
  ['all spacing steps are removed', 'major', steps(() => [])],
  ['a spacing step is renamed', 'major', steps(([first, ...others]) => [{ ...first!, name: 'renamed' }, ...others])],
  ['a text style is removed', 'major', styles((all) => all.slice(1))],
  ['all text styles are removed', 'major', styles(() => [])],
  ['a text style is renamed', 'major', styles(([first, ...others]) => [{ ...first!, name: 'renamed' }, ...others])],
  ['a layout is removed', 'major', layouts((all) => all.slice(1))],
  ['all layouts are removed', 'major', layouts(() => [])],
  ['a layout block is removed', 'major', blocks((all) => all.slice(1))],
  [
    'a layout block has another id',
    'major',
    blocks(([first, ...others]) => [{ ...first!, id: 'other-id' }, ...others]),
  ],
  ['the baseline is gone', 'major', breakpoint('desktop', (each) => ({ ...each, baseline: null, rows: null }))],
  ['rows are gone', 'major', breakpoint('desktop', (each) => ({ ...each, rows: null }))],
  ['all rows are gone', 'major', everywhere((each) => ({ ...each, rows: null }))],
  ['all baselines are gone', 'major', everywhere((each) => ({ ...each, baseline: null }))],
  ['all rows and baselines are gone', 'major', everywhere((each) => ({ ...each, rows: null, baseline: null }))],
  [
    'fewer columns and another gutter',
    'major',
    (spec) => cell('desktop', 'gutter', '16')(cell('desktop', 'count', '10')(spec)),
  ],
  [
    'a breakpoint is removed and one is added',
    'major',
    (spec) => addBreakpoint(removeBreakpoint(spec, 'tablet').value!, 700).value!.spec,
  ],
  [
    'columns fewer at two breakpoints',
    'major',
    (spec) => cell('phone', 'count', '2')(cell('tablet', 'count', '6')(spec)),
  ],
  // numbers that are others, and what is new
  ['a breakpoint is added', 'minor', (spec) => addBreakpoint(spec, 700).value!.spec],
  ['a wider gutter', 'minor', cell('desktop', 'gutter', '36')],
  ['a narrower gutter', 'minor', cell('phone', 'gutter', '12')],
  ['a growing gutter', 'minor', cell('laptop', 'gutter', '16 to 24 over 1000 to 1416')],
  ['a wider margin', 'minor', cell('phone', 'margin', '24')],
  ['a margin that is a share', 'minor', cell('tablet', 'margin', '3vw')],
  ['a fixed container', 'minor', cell('laptop', 'container', '1176')],
  ['a container up to less', 'minor', cell('laptop', 'container', 'up to 1200')],
  ['a container that is a share of the screen', 'minor', cell('laptop', 'container', '90%')],
  ['a breakpoint begins elsewhere', 'minor', cell('desktop', 'from', '1440')],
  ['half gutters outside', 'minor', columns('laptop', { outer: 'half' })],
  ['the container aligned to the start', 'minor', columns('laptop', { align: 'start' })],
  ['whole columns', 'minor', columns('laptop', { whole: 'margins' })],
  ['columns on whole px in the container', 'minor', columns('laptop', { whole: 'container' })],
  ['the column is given, as wide as it was', 'minor', columns('desktop', { column: '86px', gutter: 'auto' })],
  ['a gutter in columns', 'minor', columns('desktop', { gutter: { ofColumn: '1/4' } })],
  ['another base unit', 'minor', (spec) => ({ ...spec, spacing: { ...spec.spacing, base: '10px' } })],
  ['another root font size', 'minor', (spec) => ({ ...spec, rootFontSize: 18 })],
  ['a spacing step is added', 'minor', steps((all) => [...all, { name: 'added', times: '11' }])],
  ['a spacing step is wider', 'minor', steps(([first, ...others]) => [{ ...first!, times: '9' }, ...others])],
  ['a text style is added', 'minor', styles((all) => [...all, { ...all[0]!, name: 'added' }])],
  [
    'a text style is larger',
    'minor',
    styles(([first, ...others]) => [
      { ...first!, at: { ...first!.at, desktop: { ...Object.values(first!.at)[0]!, size: '23px' } } },
      ...others,
    ]),
  ],
  [
    'a text style has more leading',
    'minor',
    styles(([first, ...others]) => [
      { ...first!, at: { ...first!.at, desktop: { ...Object.values(first!.at)[0]!, leading: '40px' } } },
      ...others,
    ]),
  ],
  [
    'a text stands otherwise',
    'minor',
    styles(([first, ...others]) => [
      { ...first!, stands: first!.stands === 'line-box' ? 'cap-to-baseline' : 'line-box' } as Spec['type'][0],
      ...others,
    ]),
  ],
  [
    'a font with other measures',
    'minor',
    styles(([first, ...others]) => [
      { ...first!, font: { ...first!.font, ascent: first!.font.ascent + 10 } },
      ...others,
    ]),
  ],
  [
    'a baseline is added',
    'minor',
    breakpoint('desktop', (each) => ({ ...each, baseline: { step: '4px', offset: '0px' } })),
  ],
  [
    'rows are other',
    'minor',
    breakpoint('desktop', (each) => ({ ...each, rows: each.rows && { ...each.rows, gap: '24px' } })),
  ],
  ['a layout is added', 'minor', layouts((all) => [...all, { ...all[0]!, id: 'added', name: 'Added' }])],
  ['a layout block is added', 'minor', blocks((all) => [...all, { ...all[0]!, id: 'added', name: 'Added' }])],
  [
    'an overlay has another colour',
    'patch',
    (spec) => ({ ...spec, overlays: { ...spec.overlays, columns: { colour: '#225588', strength: 33 } } }),
  ],
  [
    'a wider gutter and new words',
    'minor',
    (spec) => cell('desktop', 'notes', 'Mind the gap.')(cell('desktop', 'gutter', '36')(spec)),
  ],
  // the same numbers, written otherwise
  ['a gutter as a sum', 'patch', columns('desktop', { gutter: { typed: '48/2', is: '24px' } as never })],
  ['a step as another fraction', 'patch', steps(([first, ...others]) => [{ ...first!, times: '2/4' }, ...others])],
  ['a margin said for each side', 'patch', columns('phone', { margin: { start: '20px', end: '20px' } })],
  ['a gutter with a unit of its own', 'patch', columns('desktop', { gutter: '24.0px' })],
  [
    'a leading as a multiple of the size',
    'patch',
    styles((all) =>
      all.map((style) => ({
        ...style,
        at: Object.fromEntries(
          Object.entries(style.at).map(([id, setting]) => {
            const [size, leading] = [setting.size, setting.leading].map((each) => Number.parseFloat(String(each)));
            const isPlain = /^[\d.]+px$/.test(String(setting.size)) && /^[\d.]+px$/.test(String(setting.leading));
            return [id, isPlain ? { ...setting, leading: { times: `${leading! * 1000}/${size! * 1000}` } } : setting];
          }),
        ),
      })),
    ),
  ],
  [
    'a text size that followed is given as it was',
    'patch',
    styles(([first, ...others]) => {
      const at = demo.breakpoints.findIndex(({ id }) => id in first!.at);
      const next = demo.breakpoints
        .slice(at + 1)
        .find(({ id }, index) => !(id in first!.at) && demo.breakpoints[at + index]!.id in first!.at)!;
      const before = demo.breakpoints[demo.breakpoints.indexOf(next) - 1]!;
      return [{ ...first!, at: { ...first!.at, [next.id]: first!.at[before.id]! } }, ...others];
    }),
  ],
  // words
  [
    'a text style has another role',
    'patch',
    styles(([first, ...others]) => [{ ...first!, role: first!.role === 'label' ? 'heading' : 'label' }, ...others]),
  ],
  [
    'a block has other words',
    'patch',
    blocks((all) =>
      all.map((block) =>
        'text' in block.holds ? { ...block, holds: { ...block.holds, words: 'Other words' } } : block,
      ),
    ),
  ],
  ['blocks in another order', 'patch', blocks(([first, second, ...others]) => [second!, first!, ...others])],
  ['another name', 'patch', (spec) => ({ ...spec, name: 'Passenger pages' })],
  ['a breakpoint has another name', 'patch', breakpoint('desktop', (each) => ({ ...each, name: 'Desk' }))],
  [
    'drawn at another size',
    'patch',
    breakpoint('phone', (each) => ({ ...each, reference: { width: 400, height: 900 } })),
  ],
  ['notes', 'patch', cell('desktop', 'notes', 'Mind the gap.')],
  [
    'a waiver',
    'patch',
    (spec) => ({
      ...spec,
      waivers: [
        ...spec.waivers,
        { rule: 'container-overflows', breakpoint: 'desktop', values: { over: '1' }, reason: 'Desks.', by: 'Rin Sol' },
      ],
    }),
  ],
  [
    'a rule is turned off',
    'patch',
    (spec) => ({ ...spec, rules: { ...spec.rules, 'whole-columns': { weight: 'note' } } }),
  ],
  ['half steps', 'patch', (spec) => ({ ...spec, spacing: { ...spec.spacing, halfSteps: !spec.spacing.halfSteps } })],
  ['a layout is renamed', 'patch', layouts(([first, ...others]) => [{ ...first!, name: 'Other name' }, ...others])],
  ['notes of a layout', 'patch', layouts(([first, ...others]) => [{ ...first!, notes: 'For the front.' }, ...others])],
];

const RANK = { patch: 0, minor: 1, major: 2 };

describe('the step that is proposed never hides a break', () => {
  const proposedFor = new Map<string, ReturnType<typeof leastBump>>();

  test('there are sixty changes', () => expect(CHANGES.length).toBeGreaterThanOrEqual(60));

  test.each(CHANGES)('%s: %s', (name, bump, change) => {
    const changed = change(demo);
    const found = publishedDifferences(demo, changed);
    const proposed = leastBump(found);
    proposedFor.set(name, proposed);
    expect(found.length).toBeGreaterThan(0);
    // a step that is larger than it must be is no break; a smaller one would be
    expect(RANK[proposed!], `${proposed}: ${JSON.stringify(found.slice(0, 4))}`).toBeGreaterThanOrEqual(RANK[bump]);
    if (bump !== 'patch') expect(reasonOfStep(found)).toContain(`${proposed} version`);
  });

  test('and is larger than it must be for few of them', () => {
    expect(proposedFor.size).toBe(CHANGES.length);
    expect(CHANGES.filter(([name, bump]) => proposedFor.get(name) !== bump).map(([name]) => name)).toEqual([]);
  });
});

test('the base unit halved and its steps doubled is the same spacing: patch', () => {
  const before = { ...demo, layouts: [] };
  const after: Spec = {
    ...before,
    spacing: {
      ...demo.spacing,
      base: '4px',
      steps: demo.spacing.steps.map(({ name, times }) => {
        const [over, under = 1] = times.split('/').map(Number) as [number, number?];
        return { name, times: under % 2 === 0 ? `${over}/${under / 2}` : `${over * 2}/${under}` };
      }),
    },
  };
  expect(leastBump(publishedDifferences(before, after))).toBe('patch');
});

test('what stands in another order is told in words', () => {
  const change = CHANGES.find(([name]) => name === 'blocks in another order')![2];
  const found = differences(demo, change(demo));
  expect(changesOf(found).map(({ what, before, after }) => [what, before, after])).toEqual([
    ['Order of blocks, Opening, Front page', 'Headline, Harbour', 'Harbour, Headline'],
  ]);
  // lanes that nothing gives go by the order: that blocks moved with it is told too
  expect(found.filter(({ follows }) => follows).every(({ what }) => what.endsWith(', moved'))).toBe(true);
});

test('compared with itself nothing differs, and its edits make of the old the new, whatever the documents', () => {
  fc.assert(
    fc.property(anySpec, anySpec, (one, other) => {
      expect(differences(one, structuredClone(one))).toEqual([]);
      expect(effects(one, structuredClone(one))).toEqual([]);
      expect(applyEdits(one, editsBetween(one, other)).value).toEqual(other);
      expect(() => effects(one, other)).not.toThrow();
    }),
    { numRuns: 25 },
  );
}, 300_000);
