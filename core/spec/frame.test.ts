import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { baselineAt } from '../baseline/baseline-at';
import { findingsOf } from '../checks/run';
import { sentenceOf } from '../checks/sentence';
import { behaviourText } from '../columns/behaviour';
import { columnEdges, columnsAt, sumLine } from '../columns/columns-at';
import { explain, explanationLine } from '../columns/explain';
import { readSpec } from '../document/read';
import { solveLayout } from '../layouts/solve-layout';
import { exactText } from '../length/px';
import { writeCell } from '../quantities/write-cell';
import { rowEdgeTexts, rowEdges, rowsAt } from '../rows/rows-at';
import { checkReport } from '../report/check-report';
import { sweepWidths } from '../sweep/sweep';
import type { Breakpoint, Columns, Layout, Rows, Spec } from './schema';
import { breakpointOf, dividedRows, specWith } from './testing';

type Frame = NonNullable<Breakpoint['frame']>;

function framedSpec(
  frame: Frame,
  columns: Partial<Columns>,
  { width = 1512, height = 982, ...own }: { width?: number; height?: number; rows?: Rows } = {},
): Spec {
  const breakpoint = { ...breakpointOf(columns, width), ...own, frame };
  return specWith({ ...breakpoint, reference: { width, height } });
}

const report = (spec: Spec) => checkReport(spec).breakpoints[0]!;

/** By hand from R = W − start − end and B = H − top − bottom; numbers of common practice, no source. */
describe('columns beside panels', () => {
  test.each<[Frame, Partial<Columns>, number, { column: string; first: string; line: string }]>([
    // main grid of 1128 beside a panel of 256: (1512 − 256 − 1128) / 2 = 64
    [
      { start: '256px' },
      { container: '1128px', margin: 'auto', gutter: '24px' },
      1512,
      { column: '72', first: '320', line: '256 + 64 + 12 × 72 + 11 × 24 + 64 = 1512' },
    ],
    [
      { start: '240px', end: '300px' },
      { margin: '20px', gutter: '20px', count: 6 },
      1440,
      { column: '380/3', first: '260', line: '240 + 20 + 6 × 380/3 + 5 × 20 + 20 + 300 = 1440' },
    ],
    [
      { end: '200px' },
      { margin: '0px', gutter: '0px', count: 4 },
      1000,
      { column: '200', first: '0', line: '0 + 4 × 200 + 3 × 0 + 0 + 200 = 1000' },
    ],
    // % is of the room, the gutter too; vw of the whole screen
    [
      { start: '200px' },
      { margin: '10%', gutter: '5%', count: 2 },
      1000,
      { column: '300', first: '280', line: '200 + 80 + 2 × 300 + 1 × 40 + 80 = 1000' },
    ],
    [
      { start: '200px' },
      { margin: '10vw', gutter: '40px', count: 2 },
      1000,
      { column: '280', first: '300', line: '200 + 100 + 2 × 280 + 1 × 40 + 100 = 1000' },
    ],
    [
      { start: '25%' },
      { container: { share: '80%' }, margin: 'auto', count: 1 },
      1000,
      { column: '600', first: '325', line: '250 + 75 + 1 × 600 + 75 = 1000' },
    ],
    // a panel that grows goes by the screen: halfway from 100 to 300 at 1000
    [
      { start: { between: ['100px', '300px'], over: [500, 1500] } },
      { margin: '0px', count: 1 },
      1000,
      { column: '800', first: '200', line: '200 + 0 + 1 × 800 + 0 = 1000' },
    ],
    [
      { start: '100px' },
      { margin: { ofGutter: '2' }, gutter: '20px', count: 4 },
      1000,
      { column: '190', first: '140', line: '100 + 40 + 4 × 190 + 3 × 20 + 40 = 1000' },
    ],
    [
      { start: '100px' },
      { container: { sum: ['100%', '-100px'] }, margin: 'auto', count: 1 },
      1000,
      { column: '800', first: '150', line: '100 + 50 + 1 × 800 + 50 = 1000' },
    ],
  ])('%j, %j at %i', (frame, columns, width, { column, first, line }) => {
    const spec = framedSpec(frame, columns, { width });
    const { columns: solved } = report(spec);
    expect(solved).toMatchObject({ column, sum: String(width), sumLine: line });
    expect(solved.edges[0]![0]).toBe(first);
  });

  test('sums say room where panels take some of the screen', () => {
    const spec = framedSpec({ start: '256px' }, { container: '1128px', margin: 'auto', gutter: '24px' });
    expect(explanationLine(explain(spec, spec.breakpoints[0]!, 'margin')!)).toBe(
      'margin = (room − container) / 2 = (1256 − 1128) / 2 = 64',
    );
    expect(behaviourText(spec, spec.breakpoints[0]!)[0]).toBe(
      'The container is always 1128 px wide and centred, and the margins take the rest.',
    );
    const filling = framedSpec({ start: '256px' }, { margin: '5%' });
    expect(behaviourText(filling, filling.breakpoints[0]!)[0]).toBe(
      'The container fills the space beside panels between margins of 5 % of the space beside panels.',
    );
  });
});

describe('rows between bars', () => {
  test('divided rows share what bars leave, and are moved under the top one', () => {
    const spec = framedSpec(
      { top: '64px', bottom: '40px' },
      {},
      {
        height: 904,
        rows: dividedRows({ count: 4, gap: '20px', marginTop: '20px', marginBottom: '20px', minHeight: '0px' }),
      },
    );
    const { rows } = report(spec);
    expect(rows).toMatchObject({ height: '175', count: 4, sumLine: '20 + 4 × 175 + 3 × 20 + 20 = 800' });
    expect(rows!.edges[0]).toEqual(['84', '259']);
  });

  test('bands, fields and baselines begin under the top bar; an offset is from there', () => {
    const rows: Rows = { rule: 'repeat', height: '10%', gap: '0px', offset: '8px' };
    const spec = framedSpec({ top: '100px' }, { count: 2 }, { width: 400, height: 1000, rows });
    const own = { ...spec.breakpoints[0]!, baseline: { step: '8px', offset: '4px' } };
    const solved = rowsAt(spec, own)!;
    expect(exactText(solved.height)).toBe('90');
    expect(rowEdges(solved)[0]!.map(exactText)).toEqual(['108', '198']);
    expect(rowEdgeTexts(solved)[0]).toEqual(['108', '198']);
    const baseline = baselineAt(spec, own)!;
    expect([baseline.offset, baseline.top].map(exactText)).toEqual(['4', '100']);
    expect(baseline.lines).toBe(112);
  });

  test('a layout begins under the top bar and counts both', () => {
    const spec = framedSpec(
      { top: '64px', bottom: '40px' },
      { count: 4 },
      { width: 400, height: 800, rows: { rule: 'repeat', height: '20px', gap: '0px', offset: '0px' } },
    );
    const bare = { ...spec, breakpoints: spec.breakpoints.map(({ frame: _frame, ...each }) => each) };
    const block = {
      id: 'one',
      name: 'One',
      holds: { area: 'shade' as const },
      at: { screen: { columns: [1, 2] as [number, number], lanes: [1, 1] as [number, number], height: { rows: 3 } } },
    };
    const layout: Layout = {
      id: 'front',
      name: 'Front',
      notes: '',
      sections: [{ id: 'top', name: 'Top', tall: 'content', space: {}, blocks: [block] }],
    } as never;
    const [framed, plain] = [spec, bare].map((each) => solveLayout(each, layout, 400));
    expect(exactText(framed!.height.sub(plain!.height))).toBe('104');
    expect(framed!.blocks.map(({ y }) => exactText(y.sub(64)))).toEqual(plain!.blocks.map(({ y }) => exactText(y)));
  });
});

test('every width of a sweep is what the equation says there, panels that grow too', () => {
  const side = fc.oneof(fc.constant(undefined), fc.integer({ min: 1, max: 90 }).map((length) => `${length}px`), fc.integer({ min: 1, max: 9 }).map((share) => `${share}%`), fc.constant({ between: ['10px', '90px'] as [string, string], over: [400, 1200] as [number, number] })); // prettier-ignore
  const margin = fc.constantFrom<Columns['margin'][]>('16px', '4%', '3vw', { ofGutter: '1/2' }, 'auto');
  const whole = fc.constantFrom<Columns['whole'][]>('no', 'margins');
  fc.assert(
    fc.property(side, side, margin, whole, fc.integer({ min: 1, max: 12 }), (start, end, own, rounding, count) => {
      const frame = { ...(start && { start }), ...(end && { end }) };
      const spec = framedSpec(frame, {
        count,
        margin: own,
        gutter: '12px',
        whole: rounding,
        ...(own === 'auto' && { container: { upTo: '700px' } }),
      });
      const sweep = sweepWidths(spec, 360, 1400);
      for (let width = 360; width <= 1400; width += 97) {
        const solved = columnsAt(spec, spec.breakpoints[0]!, width);
        const index = width - 360;
        expect(sweep.column[index]).toBeCloseTo(solved.column.valueOf(), 9);
        expect(sweep.marginEnd[index]).toBeCloseTo(solved.marginEnd.valueOf(), 9);
        // R = W − panels, in so many words
        const { frameStart, frameEnd, marginStart, marginEnd, container } = solved;
        expect(
          exactText([frameStart, marginStart, container, marginEnd, frameEnd].reduce((sum, each) => sum.add(each))),
        ).toBe(String(width));
        const edges = columnEdges(solved).flat();
        const isWhole = edges.every(({ d }) => d === 1n);
        expect(((sweep.whole[index]! >> 5) & 1) === 1).toBe(isWhole);
      }
    }),
    { numRuns: 60 },
  );
});

describe('what is refused and found', () => {
  test('panels wider than the screen, and bars as high', () => {
    const said = (frame: Frame): string | undefined => readSpec(structuredClone(framedSpec(frame, {}))).problem;
    expect(said({ start: '1000px', end: '600px' })).toBe(
      'breakpoints[0].frame: Panels of 1000 and 600 px leave no room on a screen 1512 px wide. Make them narrower.',
    );
    expect(said({ top: '50%', bottom: '50%' })).toBe(
      'breakpoints[0].frame: Bars of 491 and 491 px leave no room on a screen 982 px high. Make them lower.',
    );
    expect(said({ top: '64px' })).toBeUndefined();
  });

  const found = (spec: Spec, rule: string) => findingsOf(spec).filter((finding) => finding.rule === rule);

  test('panels that leave nothing at the narrowest width of the range', () => {
    const spec = framedSpec({ start: '200px', end: '120px' }, { margin: '0px' });
    const [finding] = found(spec, 'panels-leave-room');
    expect(finding).toMatchObject({ weight: 'must-fix', values: { panels: '320', viewport: '320' } });
    expect(sentenceOf(finding!)).toContain('no room is left for the grid there');
  });

  // WCAG 2.2, 1.4.10: 256 CSS px
  test('a phone on its side: 844 × 390 with the bars of the breakpoint that applies there', () => {
    const phone = {
      ...breakpointOf({}, 390, { id: 'phone' }),
      frame: { top: '56px' },
      reference: { width: 390, height: 844 },
    };
    const tablet = { ...breakpointOf({}, 900, { id: 'tablet', from: 700 }), frame: { top: '80px', bottom: '56px' } };
    const [finding] = found(specWith(phone, tablet), 'content-between-bars');
    expect(finding).toMatchObject({
      weight: 'weigh',
      breakpoint: 'phone',
      values: { width: '844', height: '390', left: '254' },
    });
    const lower = { ...tablet, frame: { top: '78px', bottom: '56px' } };
    expect(found(specWith(phone, lower), 'content-between-bars')).toEqual([]);
    expect(found(specWith(phone), 'content-between-bars')).toEqual([]);
  });
});

describe('typed', () => {
  test.each([
    ['frameTop', '64', { top: '64px' }],
    ['frameStart', '240 to 320 over 1200 to 1600', { start: { between: ['240px', '320px'], over: [1200, 1600] } }],
    ['frameEnd', '10%', { end: '10%' }],
  ] as const)('%s: %s', (id, text, frame) => {
    const spec = specWith(breakpointOf({}));
    const { value } = writeCell(spec, spec.breakpoints[0]!.id, id, text);
    expect(value!.breakpoints[0]!.frame).toEqual(frame);
    const without = writeCell(value!, value!.breakpoints[0]!.id, id, '');
    expect(without.value!.breakpoints[0]).not.toHaveProperty('frame');
  });

  test('a margin with what the screen keeps free', () => {
    const spec = specWith(breakpointOf({}));
    const { value } = writeCell(spec, spec.breakpoints[0]!.id, 'margin', '20 + safe');
    expect(value!.breakpoints[0]!.columns.margin).toEqual({ sum: ['20px', 'safe'] });
    expect(exactText(columnsAt(value!, value!.breakpoints[0]!).marginStart)).toBe('20');
    expect(sumLine(columnsAt(value!, value!.breakpoints[0]!), exactText)).toMatch(/^20 \+ /);
  });
});
