import { describe, expect, test } from 'vitest';
import { specOfScreens } from '../sheet/from-screens';
import type { Breakpoint, Spec } from '../spec/schema';
import { textAt } from '../type/text-at';
import { addStyle } from '../type/write-style';
import { holdBuilt, measuredWidths } from './hold-built';
import type { Measured, MeasuredText } from './measured';
import { measuredPage, paintedBox } from './testing';
import { builtJunit, builtText } from './report-built';

// margins of 20, 4 columns of 81, gutters of 16: 20–101, 117–198, 214–295, 311–392
const phone = specOfScreens('Site', {
  screens: '412×915, 1000×700',
  base: '8',
  counts: '4, 8',
  gutters: '16',
  margins: '20',
  containers: '',
}).value!;

const at = (spec: Spec, change: Partial<Breakpoint>): Spec => ({
  ...spec,
  type: [],
  layouts: [],
  breakpoints: spec.breakpoints.map((each) => ({ ...each, rows: null, baseline: null, ...change })),
});
const bare = at(phone, {});

/** The same document with a layout of four blocks. */
function pageWith() {
  const area = (id: string) => ({ id, name: id, holds: { area: 'plain' as const }, at: {} });
  const blocks = ['one', 'two', 'three', 'four'].map(area);
  const section = { id: 'all', name: 'All', tall: 'content' as const, space: {}, blocks };
  return { spec: { ...bare, layouts: [{ id: 'front', name: 'Front', notes: '', sections: [section] }] }, section };
}

const box = (x: number, width: number, y = 40, name = `b${x}-${y}`) => paintedBox(x, width, y, name);
const text = (baseline: number, size = 16, leading: number | null = 24): MeasuredText => ({
  name: `t${baseline}`,
  x: 20,
  width: 81,
  family: 'Hanken Grotesk',
  size,
  leading,
  baseline,
  style: null,
  isInLine: false,
  block: null,
});
const said = (spec: Spec, measured: Measured): string[] =>
  holdBuilt(spec, measured).checks.flatMap(({ check, findings }) => findings.map(({ says }) => `${check}: ${says}`));

describe('columns', () => {
  test('edges on columns are none, and slips of one cause are one finding', () => {
    expect(said(bare, measuredPage({ boxes: [box(20, 81), box(117, 178)] }))).toEqual([]);
    expect(said(bare, measuredPage({ boxes: [box(20, 83), box(117, 83), box(214, 178)] }))).toEqual([
      'columns: 2 boxes end 2 px late',
    ]);
  });

  test('a page that is read from right to left is held from there; places are from the left', () => {
    const boxes = [box(412 - 20 - 81, 81), box(412 - 20 - 83, 83, 200)];
    const [columns] = holdBuilt(bare, measuredPage({ boxes, direction: 'rtl' })).checks.filter(
      ({ check }) => check === 'columns',
    );
    expect(columns!.findings.map(({ says }) => says)).toEqual(['b309-200 ends 2 px late']);
    // what ends late there reaches 2 px further to the left than 311
    expect(columns!.findings[0]!.places[0]!.x).toBeCloseTo(308, 0);
  });

  test('what stands on another grid of the document is on a grid', () => {
    // with gutters of 8 a column is 87, and ends 6 px after one of 81
    const wider = box(20, 87);
    expect(said(bare, measuredPage({ boxes: [wider] }))).toHaveLength(1);
    const grids = [{ id: 'tight', name: 'Tight', at: { [bare.breakpoints[0]!.id]: { columns: { gutter: '8px' } } } }];
    expect(said({ ...bare, grids }, measuredPage({ boxes: [wider] }))).toEqual([]);
  });
});

test('sides further off than a slip are none, and said', () => {
  const [, columns] = holdBuilt(bare, measuredPage({ boxes: [box(20, 140), box(20, 81, 200)] })).checks;
  expect(columns).toMatchObject({
    verdict: 'same',
    held: 4,
    why: '1 side is further from a column than a slip: b20-40',
  });
});

test('a block of a layout that stands on the page by chance keeps nothing from being held', () => {
  const { spec, section } = pageWith();
  const [chance] = section.blocks;
  const off = { ...box(20, 83), block: chance!.id };
  const layout = { id: spec.layouts[0]!.id, blocks: [{ ...off, id: chance!.id }] };
  expect(said(spec, measuredPage({ boxes: [off], layout }))).toEqual(['columns: b20-40 ends 2 px late']);
});

test('a page that scrolls sideways says by how much, and what reaches beyond', () => {
  expect(said(bare, measuredPage({ over: { by: 84, names: ['main > .hero'] } }))).toEqual([
    'scroll: The page scrolls sideways by 84 px: main > .hero reaches beyond it',
  ]);
});

test('tops are held against rows, and first baselines against the baseline grid', () => {
  const rows = { rule: 'repeat', height: '8px', gap: '8px', offset: '0px' } as Breakpoint['rows'];
  const spec = at(phone, { rows, baseline: { step: '8px', offset: '0px' } as Breakpoint['baseline'] });
  expect(said(spec, measuredPage({ boxes: [box(20, 81, 32)], texts: [text(80)] }))).toEqual([]);
  expect(said(spec, measuredPage({ boxes: [box(20, 81, 35)], texts: [text(83)] }))).toEqual([
    'rows: b20-35 begins 3 px below a row',
    'baseline: t83 stands 3 px below a baseline',
  ]);
  // half a row off, to the nearest
  expect(said(spec, measuredPage({ boxes: [box(20, 81, 42)] }))).toEqual(['rows: b20-42 begins 6 px above a row']);
});

test('a text is held against its style, or else any', () => {
  const { spec: styled, name } = addStyle(bare, 'body').value!;
  const [{ size, leading }, family] = [
    textAt(styled, styled.type[0]!, styled.breakpoints[0]!),
    styled.type[0]!.font.family,
  ];
  const set = (size: number, more: Partial<MeasuredText> = {}): string[] =>
    said(styled, measuredPage({ texts: [{ ...text(40, size, leading.valueOf()), family, ...more }] }));
  expect(set(size.valueOf())).toEqual([]);
  expect(set(size.valueOf(), { style: name })).toEqual([]);
  expect(set(size.valueOf(), { leading: null, isInLine: true })).toEqual([]);
  expect(set(size.valueOf() + 1)).toEqual([
    `type: t40 is ${size.valueOf() + 1}/${leading.valueOf()} ${family}; ${name} is ${size.valueOf()}/${leading.valueOf()} ${family}`,
  ]);
  expect(set(size.valueOf(), { family: 'Serif of others' })).toHaveLength(1);
  expect(set(size.valueOf(), { leading: null })).toHaveLength(1);
});

test('it is measured as drawn, and a px on both sides of each boundary', () => {
  const [, wide] = bare.breakpoints;
  expect(measuredWidths(bare)).toEqual([412, wide!.from - 1, wide!.from, 1000]);
  expect(measuredWidths(bare, 'drawn')).toEqual([412, 1000]);
  expect(measuredWidths(bare, 'bounds')).toEqual([wide!.from - 1, wide!.from]);
});

test('for people each finding stands once, with its widths; as JUnit each width and check is a case', () => {
  const screen = (width: number, more: Partial<Measured>) => ({
    ...holdBuilt(bare, measuredPage(more)),
    width,
    height: 915,
  });
  const pages = [
    {
      address: 'http://localhost/',
      notes: ['It led to /en/'],
      screens: [screen(412, { boxes: [box(20, 83)] }), screen(411, { boxes: [box(20, 83)] }), screen(410, {})],
    },
  ];
  expect(builtText(pages)).toBe(
    'http://localhost/, at 412, 411, 410 px\n  It led to /en/.\n  Columns: b20-40 ends 2 px late, at 412, 411 px\n6 checks: 4 as specified, 2 off.',
  );
  const xml = builtJunit(pages);
  expect(xml).toContain('<testsuites name="Ypsiline" tests="6" failures="2">');
  expect(xml).toContain('<failure message="b20-40 ends 2 px late"/>');
});
