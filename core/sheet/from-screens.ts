import { usualHeight, usualNames } from '../breakpoints/usual-screens';
import { shown } from '../length/length';
import { LIMITS } from '../limits';
import type { Parsed } from '../parsed';
import { readScreen } from '../quantities/breakpoint/screen';
import type { QuantityId } from '../quantities/registry';
import { writeCell } from '../quantities/write-cell';
import { writeBase } from '../spacing/rhythm';
import type { Breakpoint, Spec } from '../spec/schema';
import { idOf } from '../spec/slug';
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

type Size = Breakpoint['reference'];

/**
 * A specification of the screens that somebody draws, with counts, gutters, margins or containers for all of them at once. Each value is read as the sheet reads
 * it. A breakpoint starts midway from the next narrower design width, at a multiple of 8 (common practice, no source).
 *
 *     specOfScreens('Site', { screens: '390×844, 1440×900', base: '8', counts: '4, 12', gutters: '16, 24', margins: '16, 72', containers: '' })
 *     // Phone from 0 with 4 columns; Desktop from 912 with 12
 */
export function specOfScreens(name: string, typed: TypedScreens): FromScreens {
  const { value: sizes, problem } = readSizes(typed.screens);
  if (problem !== undefined) return { problem, field: 'screens' };
  const based = writeBase(newSpec(name, []), typed.base.trim());
  if (based.problem !== undefined) return { problem: based.problem, field: 'base' };
  let spec: Spec = { ...based.value, breakpoints: breakpointsOf(sizes, based.value.spacing.base) };
  for (const [field, row, usual] of listsOf(typed)) {
    const texts = entries(typed[field]);
    const needed = NEEDED[field];
    if (texts.length === 0 && needed) return { problem: needed, field };
    const said = texts.length === 0 ? usual : texts;
    if (said.length > 1 && said.length !== sizes.length)
      return { problem: `Enter one value, or one for each of the ${sizes.length} screens.`, field };
    for (const [index, { id }] of spec.breakpoints.entries()) {
      const text = said.length === 1 ? said[0] : said[index];
      if (text === undefined) continue;
      const written = writeCell(spec, id, row, text);
      if (written.problem !== undefined) return { problem: written.problem, field };
      spec = written.value;
    }
  }
  return { value: spec };
}

type List = 'counts' | 'gutters' | 'margins' | 'containers';

/** What is said where a list must not be empty. */
const NEEDED: Partial<Record<List, string>> = {
  counts: 'Enter columns, such as 4, 8, 12.',
  gutters: 'Enter gutters, such as 16, 20, 24.',
};

/** Each list with the row of the sheet in which it is written, and what stands there where nothing is typed: beside a container margins follow. */
function listsOf({ containers }: TypedScreens): [field: List, row: QuantityId, usual: string[]][] {
  return [
    ['counts', 'count', []],
    ['gutters', 'gutter', []],
    ['containers', 'container', []],
    ['margins', 'margin', entries(containers).length > 0 ? ['='] : []],
  ];
}

/** Breakpoints of design sizes, with columns that fill them. Rows and baselines begin on a base unit of whole px; on another they are for whoever typed it. */
function breakpointsOf(sizes: readonly Size[], base: Spec['spacing']['base']): Breakpoint[] {
  const names = usualNames(sizes.map(({ width }) => width));
  const [, whole] = /^(\d{1,3})px$/.exec(String(base)) ?? [];
  const ids: string[] = [];
  return sizes.map((size, index) => {
    const name = names[index]!;
    const id = idOf('range', name, ids);
    ids.push(id);
    const own = { id, name, from: startOf(sizes, index), ...size };
    const breakpoint = newBreakpoint(own, fluidColumns(4, '16px', '16px'), Number(whole ?? 8));
    return whole === undefined ? { ...breakpoint, rows: null, baseline: null } : breakpoint;
  });
}

/** Where a breakpoint starts: midway between its design width and the next narrower one, at a multiple of 8 that leaves both in their ranges. */
function startOf(sizes: readonly Size[], index: number): number {
  if (index === 0) return 0;
  const [before, own] = [sizes[index - 1]!.width, sizes[index]!.width];
  const midway = Math.floor((before + own) / 2 / 8) * 8;
  return midway > before ? midway : own;
}

/** Design sizes from the narrowest, each read as the sheet reads it; one without a height has the usual one. */
function readSizes(text: string): Parsed<Size[]> {
  const texts = entries(text);
  if (texts.length === 0) return { problem: 'Enter your screens, such as 390×844, 834×1194, 1440×900.' };
  if (texts.length > LIMITS.breakpoints)
    return { problem: `A specification can have up to ${LIMITS.breakpoints} breakpoints.` };
  const sizes: Size[] = [];
  for (const each of texts) {
    const [width] = /^\d+$/.exec(each) ?? [];
    const { value: size } = readScreen(width === undefined ? each : `${width} × ${usualHeight(Number(width))}`);
    if (!size) return { problem: `“${shown(each)}” isn’t a screen. Enter width × height, such as 1440×900.` };
    if (sizes.some((other) => other.width === size.width))
      return { problem: `Two screens are ${size.width} px wide. Remove one.` };
    sizes.push(size);
  }
  return { value: sizes.sort((a, b) => a.width - b.width) };
}

function entries(text: string): string[] {
  return text
    .split(/[,;\n]/)
    .map((each) => each.trim())
    .filter((each) => each !== '');
}
