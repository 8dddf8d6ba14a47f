import { usualHeight, usualNames } from '../breakpoints/usual-screens';
import { LIMITS } from '../limits';
import type { QuantityId } from '../quantities/registry';
import { writeCell } from '../quantities/write-cell';
import { writeBase } from '../spacing/rhythm';
import type { Spec } from '../spec/schema';
import { slug } from '../spec/slug';
import { fluidColumns, newBreakpoint, newSpec } from '../document/defaults';

/** What is typed of all screens at once: a list each, of one entry for all of them or one for each, from the narrowest. */
export type TypedScreens = {
  /** Design sizes, such as `390×844, 834×1194, 1440`. */
  screens: string;
  base: string;
  counts: string;
  gutters: string;
  /** Empty: auto. */
  margins: string;
  /** Empty: fills. */
  containers: string;
};

export type FromScreens =
  | { value: Spec; problem?: undefined; field?: undefined }
  | { value?: undefined; problem: string; field: keyof TypedScreens };

type Size = { width: number; height: number };

/** The lists of the sheet’s own rows, and what stands there where nothing is typed. */
const LISTS: readonly [field: 'counts' | 'gutters' | 'margins' | 'containers', row: QuantityId, empty: string][] = [
  ['counts', 'count', ''],
  ['gutters', 'gutter', ''],
  ['containers', 'container', 'fills'],
  ['margins', 'margin', '='],
];

/**
 * A specification of the screens that somebody draws, with counts, gutters, margins or containers for all of them at once. Each value is read as the sheet reads
 * it. A breakpoint starts midway from the next narrower design width, at a multiple of 8 (common practice, no source).
 *
 *     specOfScreens('Site', { screens: '390×844, 1440×900', base: '8', counts: '4, 12', gutters: '16, 24', margins: '16, 72', containers: '' })
 *     // Phone from 0 with 4 columns; Desktop from 912 with 12
 */
export function specOfScreens(name: string, typed: TypedScreens): FromScreens {
  const sizes = readSizes(typed.screens);
  if (typeof sizes === 'string') return { problem: sizes, field: 'screens' };
  const names = usualNames(sizes.map(({ width }) => width));
  const based = writeBase(newSpec(name, []), typed.base.trim() || '8');
  if (based.problem !== undefined) return { problem: based.problem, field: 'base' };
  // rows and baselines begin on a base unit of whole px; on another they are for whoever typed it
  const base = /^(\d{1,3})?\s*(px)?$/.exec(typed.base.trim())?.[1] ?? (typed.base.trim() === '' ? '8' : null);
  let spec: Spec = {
    ...based.value,
    breakpoints: sizes.map(({ width, height }, index) => ({
      ...newBreakpoint(
        { id: slug(names[index]!), name: names[index]!, from: startOf(sizes, index), width, height },
        fluidColumns(4, '16px', '16px'),
        Number(base ?? 8),
      ),
      ...(base === null && { rows: null, baseline: null }),
    })),
  };
  for (const [field, row, empty] of LISTS) {
    const texts = entries(typed[field]);
    // nothing is asked of a list that is left empty, unless its row cannot be auto beside the others
    const said = texts.length === 0 ? (empty === '' ? [] : [empty]) : texts;
    if (field === 'margins' && texts.length === 0 && entries(typed.containers).length === 0) continue;
    if (said.length > 1 && said.length !== sizes.length) {
      return { problem: `Enter one value, or one for each of the ${sizes.length} screens.`, field };
    }
    for (const [index, { id }] of said.length === 0 ? [] : spec.breakpoints.entries()) {
      const { value, problem } = writeCell(spec, id, row, said[index] ?? said[0]!);
      if (problem !== undefined) return { problem, field };
      spec = value;
    }
  }
  return { value: spec };
}

/** Where a breakpoint starts: midway between its design width and the next narrower one, at a multiple of 8 that leaves both in their ranges. */
function startOf(sizes: readonly Size[], index: number): number {
  if (index === 0) return 0;
  const [before, own] = [sizes[index - 1]!.width, sizes[index]!.width];
  const midway = Math.floor((before + own) / 2 / 8) * 8;
  return midway > before ? midway : own;
}

/** Design sizes from the narrowest, or why not. */
function readSizes(text: string): Size[] | string {
  const texts = entries(text);
  if (texts.length === 0) return 'Enter your screens, such as 390×844, 834×1194, 1440×900.';
  if (texts.length > LIMITS.breakpoints) return `A specification can have up to ${LIMITS.breakpoints} breakpoints.`;
  const sizes: Size[] = [];
  for (const each of texts) {
    const [, width, height] = /^(\d{1,6})(?:\s*[×x*]\s*(\d{1,6}))?(?:\s*px)?$/i.exec(each) ?? [];
    const size = { width: Number(width), height: height === undefined ? usualHeight(Number(width)) : Number(height) };
    const { most } = LIMITS.screen;
    if (width === undefined || size.width < 1 || size.height < 1 || size.width > most || size.height > most)
      return `“${each.slice(0, 40)}” isn’t a screen. Enter width × height, such as 1440×900.`;
    if (sizes.some((other) => other.width === size.width)) return `Two screens are ${width} px wide. Remove one.`;
    sizes.push(size);
  }
  return sizes.sort((a, b) => a.width - b.width);
}

function entries(text: string): string[] {
  return text
    .split(/[,;\n]/)
    .map((each) => each.trim())
    .filter((each) => each !== '');
}
