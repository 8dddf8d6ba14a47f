import { newBreakpoint, newSpec } from '../core/document/defaults';
import { readSpec } from '../core/document/read';
import { LIMITS } from '../core/limits';
import type { Breakpoint, Columns, Layout, Spec, TextStyle } from '../core/spec/schema';
import { shippedFont } from '../core/type/shipped-fonts';
import type { Random } from './browser/model/random';

/** Documents from the corners of the schema: the greatest, the least, three decimals, the most of everything, alone and together. */

/** Lengths at the ends of what is taken, with as many decimals as are kept. */
const LENGTHS = ['0px', '0.25px', '1px', '7.999px', '8px', '16px', '33.333px', '99.999px', '0.123456px', '9999.999px'];
const SHARES = ['0.001%', '3.333%', '33.333333%', '12.5vw', '99.999vw', '1.875rem', '72.125pt'];
const OVER: [number, number][] = [
  [0, 1],
  [319, 20_000],
  [600, 1_440],
  [9_999, 10_000],
];
/** Texts as they come with what is pasted: marks without a glyph, other scripts, directions, joined signs. */
export const ODD_TEXTS = [
  '\ufeffPasted',
  'Zero\u200bwidth',
  '‮turned‬',
  '文字と見出し',
  'عنوان الصفحة',
  '👩🏽‍🚀🧭',
  'e\u0301a\u0308\u0323',
  '\u00ad\u2028\u2029\u00a0',
  'ﬁ Ǆ ẞ ŉ',
  '\u{10ffff}\ufffe',
  'x'.repeat(60),
];

const pick = <T>(random: Random, values: readonly T[]): T => random.oneOf(values);
const chance = (random: Random, of: number): boolean => random.whole(0, 99) < of * 100;

function columnsOf(random: Random): Columns {
  const length = () => pick(random, chance(random, 0.3) ? SHARES : LENGTHS);
  const growing = () => ({ between: [length(), length()] as [string, string], over: pick(random, OVER) });
  const margin = () => pick(random, [length(), 'auto' as const, '0px', growing()]);
  return {
    count: pick(random, [1, 2, 5, 12, 63, 64, 'auto' as const]),
    gutter: pick(random, [length(), 'auto' as const, growing(), { ofColumn: '1/4' }, { ofColumn: '10' }]),
    margin: pick(random, [margin(), { start: margin(), end: margin() }]),
    container: pick(random, [
      'fill' as const,
      'auto' as const,
      length(),
      growing(),
      { upTo: length() },
      { share: pick(random, ['0.000001%', '66.666666%', '100%']) },
    ]),
    column: pick(random, ['auto' as const, 'auto' as const, length()]),
    outer: pick(random, ['none', 'half'] as const),
    align: pick(random, ['start', 'centre', 'end'] as const),
    whole: pick(random, ['no', 'margins', 'container'] as const),
  };
}

function rowsOf(random: Random): Breakpoint['rows'] {
  return pick<Breakpoint['rows']>(random, [
    null,
    { rule: 'repeat', height: pick(random, ['2px', '8px', '9999.999px']), gap: pick(random, LENGTHS), offset: '0px' },
    {
      rule: 'divide',
      count: pick(random, [1, 7, LIMITS.dividedRows]),
      gap: pick(random, ['0px', '0.125px', '20px']),
      marginTop: pick(random, LENGTHS),
      marginBottom: '0px',
      ...(chance(random, 0.5) && { minHeight: '600.001px', maxHeight: '9999.999px' }),
    },
    { rule: 'modules', lines: pick(random, [1, LIMITS.moduleLines]), between: pick(random, [0, LIMITS.moduleLines]) },
  ]);
}

function breakpointOf(random: Random, index: number, from: number): Breakpoint {
  const width = Math.max(from, pick(random, [1, 411.999, 1024, 3333.333, 9_999.999, 10_000]));
  const height = pick(random, [1, 914.999, 1_000.125, 9_999.999, 10_000]);
  return {
    ...newBreakpoint({ id: `b-${index}`, name: `B${index}`, from, width, height }, columnsOf(random)),
    name: chance(random, 0.2) ? pick(random, ODD_TEXTS) : `B${index}`,
    rows: rowsOf(random),
    baseline: pick(random, [
      null,
      { step: '0.25px', offset: '0px' },
      { step: pick(random, LENGTHS), offset: '3.999px' },
    ]),
    notes: chance(random, 0.2) ? pick(random, ODD_TEXTS).repeat(60) : '',
  };
}

function stylesOf(random: Random, ids: string[]): TextStyle[] {
  const families = ['source-serif-4', 'hanken-grotesk', 'jetbrains-mono'];
  return Array.from({ length: pick(random, [0, 1, 3, LIMITS.textStyles]) }, (_, index) => ({
    name: `style-${index}`,
    role: pick(random, ['body', 'heading', 'label'] as const),
    font: shippedFont(pick(random, families)),
    stands: pick(random, ['line-box', 'caps', 'x-height'] as const),
    at: {
      [ids[0]!]: {
        size: pick(random, ['0.5px', '16px', '999.999px', '4.999vw']),
        leading: pick(random, [{ times: '1.333' }, '24px', '9999.999px', { times: '20' }]),
        span: pick(random, [1, 64]),
      },
    },
  }));
}

function layoutOf(random: Random, index: number, ids: string[], styles: TextStyle[]): Layout {
  const rows = pick(random, [0, 1, LIMITS.rowsInLayout]);
  const blocks = Array.from({ length: pick(random, [1, 4, 30]) }, (_, number) => {
    const first = pick(random, [1, 1.5, 2, 12.333]);
    const style = styles[number % Math.max(1, styles.length)];
    return {
      id: `block-${number}`,
      name: chance(random, 0.2) ? pick(random, ODD_TEXTS) : `Block ${number}`,
      holds:
        style && chance(random, 0.5)
          ? { text: style.name, words: pick(random, ODD_TEXTS) }
          : pick(random, [{ picture: '100' }, { picture: '1/3', cropped: true }, { area: 'plain' as const }]),
      at: {
        [ids[0]!]: {
          columns: [first, first + pick(random, [0, 0.999, 3, 40])] as [number, number],
          lanes: pick<[number, number]>(random, [
            [1, 1],
            [number + 1, number + 1],
            [1, LIMITS.lanes],
          ]),
          height: pick(random, [{ rows: LIMITS.rowsInLayout }, { rows: 1 }, 'lanes' as const, 'section' as const]),
          stands: pick(random, ['top', 'middle', 'foot', 'caps', 'x-height', 'baseline'] as const),
        },
      },
    };
  });
  const space = { [ids[0]!]: { above: rows, between: [rows, 2], below: rows } };
  const tall = pick(random, ['content', 'screen'] as const);
  return {
    id: `layout-${index}`,
    name: pick(random, ['Front', ...ODD_TEXTS]),
    notes: '',
    sections: [{ id: 'one', name: 'One', tall, space, blocks }],
  };
}

const isTaken = (spec: Spec): boolean => readSpec(JSON.parse(JSON.stringify(spec))).problem === undefined;

/** One that the schema takes: each part is drawn until it is, alone and with what is there. */
export function cornerSpec(random: Random): Spec {
  const count = pick(random, [1, 2, 3, 5, LIMITS.breakpoints]);
  let spec: Spec = {
    ...newSpec(pick(random, ['Corner', ...ODD_TEXTS]), []),
    rootFontSize: pick(random, [1, 15.999, 16, 200]),
    pixelsPerInch: pick(random, [72, 96] as const),
  };
  for (let index = 0; index < count; index++)
    for (let attempt = 0; attempt < 60; attempt++) {
      const drawn = breakpointOf(random, index, Math.round((index * 9_000) / count));
      const alone = { ...drawn, from: 0 };
      if (!isTaken({ ...spec, breakpoints: [alone] })) continue;
      const wider = { ...spec, breakpoints: [...spec.breakpoints, spec.breakpoints.length === 0 ? alone : drawn] };
      if (!isTaken(wider)) continue;
      spec = wider;
      break;
    }
  if (spec.breakpoints.length === 0) return cornerSpec(random);
  const ids = spec.breakpoints.map(({ id }) => id);
  for (const part of [
    () => ({ type: stylesOf(random, ids) }),
    () => ({
      layouts: Array.from({ length: pick(random, [0, 1, 3]) }, (_, index) => layoutOf(random, index, ids, spec.type)),
    }),
  ])
    for (let attempt = 0; attempt < 20; attempt++) {
      const wider = { ...spec, ...part() };
      if (!isTaken(wider)) continue;
      spec = wider;
      break;
    }
  return readSpec(JSON.parse(JSON.stringify(spec))).value!;
}
