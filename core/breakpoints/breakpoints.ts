import type { Parsed } from '../parsed';
import { breakpointAt, byWidth, rangeEnd } from '../spec/ranges';
import { withoutBreakpoint } from '../layouts/carry-placements';
import { mapLayouts } from '../spec/map-layouts';
import { idOf } from '../spec/slug';
import type { Breakpoint, NamedGrid, Spec, TextStyle } from '../spec/schema';
import { settingAt } from '../type/text-at';
import { LIMITS } from '../limits';

export const MOST_BREAKPOINTS = LIMITS.breakpoints;

/** The spec with one breakpoint replaced, in order of width. */
export function withBreakpoint(spec: Spec, changed: Breakpoint): Spec {
  return {
    ...spec,
    breakpoints: byWidth(spec.breakpoints.map((breakpoint) => (breakpoint.id === changed.id ? changed : breakpoint))),
  };
}

const UNNAMED = /^breakpoint-\d+$/;

/**
 * Splits the range that holds a width: a new breakpoint starts there, with the grid of the one it was cut from.
 *
 *     addBreakpoint(spec, 900)   // the tablet's 600–1199 becomes 600–899 and a new 900–1199
 */
export function addBreakpoint(spec: Spec, from: number): Parsed<{ spec: Spec; id: string }> {
  if (spec.breakpoints.length >= MOST_BREAKPOINTS)
    return { problem: `A specification can have up to ${MOST_BREAKPOINTS} breakpoints. Remove one first.` };
  const taken = spec.breakpoints.find((breakpoint) => breakpoint.from === from);
  if (taken) return { problem: startsThere(taken) };
  const cut = breakpointAt(spec, from);
  const number = nextNumber(spec);
  const end = rangeEnd(spec, cut);
  const inRange = cut.reference.width >= from && (end === null || cut.reference.width < end);
  const added: Breakpoint = {
    ...cut,
    id: `breakpoint-${number}`,
    name: `Breakpoint ${number}`,
    from,
    reference: { ...cut.reference, width: inRange ? cut.reference.width : from },
    notes: '',
  };
  const split = { ...spec, breakpoints: byWidth([...spec.breakpoints, added]) };
  const grids = withGrids(spec, (at) => (at[cut.id] ? { ...at, [added.id]: at[cut.id]! } : at));
  return { value: { spec: { ...split, ...grids }, id: added.id } };
}

/** Why no other breakpoint starts where one does. */
function startsThere({ name, from }: Breakpoint): string {
  return `${name} already starts at ${from} px. Enter another width.`;
}

/**
 * A breakpoint that starts at another width, in order of width.
 *
 *     startAt(spec, tablet, 0)   // problem: "Phone already starts at 0 px. Enter another width."
 */
export function startAt(spec: Spec, breakpoint: Breakpoint, from: number): Parsed<Spec> {
  const taken = spec.breakpoints.find((other) => other.id !== breakpoint.id && other.from === from);
  return taken ? { problem: startsThere(taken) } : { value: withBreakpoint(spec, { ...breakpoint, from }) };
}

/** A range narrower than this is no breakpoint’s that anybody means; common practice, no source. */
const LEAST_RANGE = 120;

/**
 * Where a new breakpoint is proposed: at a width that is pointed at, where both ranges would be wide enough to mean something, else
 * past the last breakpoint.
 *
 *     roomForBreakpoint(spec, 900)    // 900
 *     roomForBreakpoint(spec, 1279)   // of a range that ends at 1279: 1840, past the last
 */
export function roomForBreakpoint(spec: Spec, pointedAt: number): number {
  const { from } = breakpointAt(spec, pointedAt);
  const end = rangeEnd(spec, breakpointAt(spec, pointedAt)) ?? Infinity;
  if (pointedAt - from >= LEAST_RANGE && end - pointedAt >= LEAST_RANGE) return pointedAt;
  const last = byWidth(spec.breakpoints).at(-1)!;
  return Math.min(LIMITS.from, last.from + (last.from === 0 ? 600 : 400));
}

function nextNumber({ breakpoints }: Spec): number {
  let number = breakpoints.length + 1;
  while (breakpoints.some(({ id }) => id === `breakpoint-${number}`)) number++;
  return number;
}

/** Removes a breakpoint; the one below it takes over its range, or, for the first, the one above starts at 0. */
export function removeBreakpoint(spec: Spec, id: string): Parsed<Spec> {
  if (spec.breakpoints.length === 1)
    return { problem: 'A specification needs at least one breakpoint. Change this one instead.' };
  const [first, ...others] = byWidth(spec.breakpoints.filter((breakpoint) => breakpoint.id !== id));
  const wasFirst = byWidth(spec.breakpoints)[0]!.id === id;
  const breakpoints = [wasFirst ? { ...first!, from: 0 } : first!, ...others];
  const without: Spec = { ...spec, breakpoints };
  const layouts = withoutBreakpoint(spec, without, id);
  return {
    value: {
      ...without,
      ...withGrids(spec, ({ [id]: _gone, ...at }) => at),
      type: spec.type.map((style) => withoutSetting(spec, without, style, id)),
      layouts,
    },
  };
}

/** A text style without its setting at a breakpoint; the others keep what they took from it. */
function withoutSetting(before: Spec, after: Spec, style: TextStyle, id: string): TextStyle {
  const { [id]: _gone, ...at } = style.at;
  for (const breakpoint of after.breakpoints) {
    const had = settingAt(before, style, breakpoint);
    const has = Object.keys(at).length > 0 ? settingAt(after, { ...style, at }, breakpoint) : null;
    if (has !== had) at[breakpoint.id] = had;
  }
  return { ...style, at };
}

/**
 * Names a breakpoint. Its id, which stands in class names, stays; one that was never named takes its id from the name.
 */
export function nameBreakpoint(spec: Spec, id: string, name: string): Parsed<Spec> {
  const trimmed = name.trim();
  if (trimmed === '') return { problem: 'Enter a name, such as Tablet.' };
  if (trimmed.length > LIMITS.breakpointName)
    return { problem: `This name has ${trimmed.length} characters; the maximum is ${LIMITS.breakpointName}.` };
  const newId = UNNAMED.test(id) ? freeId(spec, trimmed, id) : id;
  const breakpoints = spec.breakpoints.map((breakpoint) =>
    breakpoint.id === id ? { ...breakpoint, name: trimmed, id: newId } : breakpoint,
  );
  const type = spec.type.map((style) => ({ ...style, at: renamedKey(style.at, id, newId) }));
  const waivers = spec.waivers.map((waiver) => (waiver.breakpoint === id ? { ...waiver, breakpoint: newId } : waiver));
  const layouts = mapLayouts(spec.layouts, { keyed: (record) => renamedKey(record, id, newId) });
  const grids = withGrids(spec, (at) => renamedKey(at, id, newId));
  return { value: { ...spec, ...grids, breakpoints, type, waivers, layouts } };
}

/** The named grids with what they give by breakpoint; nothing where a document has none. */
function withGrids({ grids }: Spec, change: (at: NamedGrid['at']) => NamedGrid['at']): Pick<Spec, 'grids'> {
  return grids === undefined ? {} : { grids: grids.map((grid) => ({ ...grid, at: change(grid.at) })) };
}

function renamedKey<T>(record: Record<string, T>, from: string, to: string): Record<string, T> {
  return from === to
    ? record
    : Object.fromEntries(Object.entries(record).map(([key, value]) => [key === from ? to : key, value]));
}

function freeId({ breakpoints }: Spec, name: string, current: string): string {
  const others = breakpoints.flatMap(({ id }) => (id === current ? [] : [id]));
  return idOf('range', name, others);
}

/** Moves the start of a breakpoint, kept between its neighbours. */
export function moveBoundary(spec: Spec, id: string, from: number): Spec {
  const sorted = byWidth(spec.breakpoints);
  const index = sorted.findIndex((breakpoint) => breakpoint.id === id);
  const lowest = (sorted[index - 1]?.from ?? -1) + 1;
  const highest = (sorted[index + 1]?.from ?? LIMITS.from + 1) - 1;
  const boundary = sorted[index]!;
  const moved = Math.min(highest, Math.max(lowest, Math.round(from)));
  return moved === boundary.from ? spec : withBreakpoint(spec, { ...boundary, from: moved });
}
