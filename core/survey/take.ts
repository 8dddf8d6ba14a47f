import { usualHeight, usualNames } from '../breakpoints/usual-screens';
import { addBreakpoint, withBreakpoint } from '../breakpoints/breakpoints';
import { fluidColumns, newBreakpoint, newSpec } from '../document/defaults';
import type { Parsed } from '../parsed';
import { breakpointAt } from '../spec/ranges';
import type { Breakpoint, Columns, Spec } from '../spec/schema';
import { idOf } from '../spec/slug';
import type { FoundGrid } from './find-grids';
import type { Together } from './together';
import type { Verticals } from './verticals';

/** What a found grid becomes in the sheet: columns between margins, or in a container of so many px. */
export type Fills = 'margins' | 'container';

/** Where a found grid goes: the breakpoint that applies at its width, or a new one that starts there. */
export type Where = 'own' | 'new';

/** A measured length as a designer would write it: browsers and pictures round, so that 23.98 was 24 and 15.52 was 15.5. */
export function plainPx(length: number): string {
  const half = Math.round(length * 2) / 2;
  const near = Math.abs(Math.round(length) - length) <= 0.27 ? Math.round(length) : half;
  return `${Object.is(near, -0) ? 0 : near}px`;
}

/** Margins of more gutters than this, and of more px, stand around a container (common practice, no source). */
const WIDE_MARGIN = { gutters: 3, px: 64 };

/** How a found grid fills the screen, by its look: even and wide margins stand around a container. */
export function fillsOf({ start, end, width, gutter }: Pick<FoundGrid, 'start' | 'end' | 'width' | 'gutter'>): Fills {
  const isEven = Math.abs(start - (width - end)) <= 1;
  return isEven && start > WIDE_MARGIN.gutters * gutter && start > WIDE_MARGIN.px ? 'container' : 'margins';
}

/**
 * A found grid as the columns of a breakpoint; its columns follow.
 *
 *     columnsOf({ start: 108, end: 1404, count: 12, gutter: 24, width: 1512 }, 'container')   // container 1296px, margin auto
 */
export function columnsOf(
  { start, end, width, count, gutter }: Pick<FoundGrid, 'start' | 'end' | 'width' | 'count' | 'gutter'>,
  fills: Fills,
  outer: Columns['outer'] = 'none',
): Columns {
  const outside = outer === 'half' ? gutter / 2 : 0;
  const [before, after] = [start - outside, width - end - outside];
  const isEven = Math.abs(before - after) <= 1;
  const columns = { ...fluidColumns(count, plainPx(gutter), '0px'), outer };
  if (fills === 'container' && isEven)
    return { ...columns, container: plainPx(end - start + 2 * outside), margin: 'auto' };
  const [first, last] = [Math.max(0, before), Math.max(0, after)].map(plainPx) as [string, string];
  return { ...columns, margin: isEven ? plainPx(Math.max(0, (before + after) / 2)) : { start: first, end: last } };
}

/**
 * A spec with a found grid in its sheet, and the breakpoint in which it stands now. What else the breakpoint says (rows, baseline, notes) stays.
 */
export function takeGrid(
  spec: Spec,
  grid: FoundGrid,
  { where, fills, outer }: { where: Where; fills: Fills; outer: Columns['outer'] },
): Parsed<{ spec: Spec; id: string }> {
  const columns = columnsOf(grid, fills, outer);
  if (where === 'own') {
    const own = breakpointAt(spec, grid.width);
    return { value: { spec: withBreakpoint(spec, { ...own, columns }), id: own.id } };
  }
  const { value, problem } = addBreakpoint(spec, Math.round(grid.width));
  if (!value) return { problem: problem! };
  const added = value.spec.breakpoints.find(({ id }) => id === value.id)!;
  const reference = { ...added.reference, width: Math.round(grid.width) };
  return { value: { spec: withBreakpoint(value.spec, { ...added, columns, reference }), id: value.id } };
}

/** What of the unit down the pages goes into a spec. */
export type TakenVerticals = { base: boolean; baseline: boolean; rows: boolean };

/** A spec whose base unit, baseline or rows are the unit that tops and feet stand on; baseline and rows at one breakpoint. */
export function takeVerticals(
  spec: Spec,
  { unit, offset }: Pick<Verticals, 'unit' | 'offset'>,
  breakpoint: string,
  taken: TakenVerticals,
): Spec {
  if (unit === null) return spec;
  const own = spec.breakpoints.find(({ id }) => id === breakpoint);
  const step = plainPx(unit);
  const from = plainPx(offset);
  const based = taken.base ? { ...spec, spacing: { ...spec.spacing, base: step } } : spec;
  if (!own) return based;
  return withBreakpoint(based, {
    ...own,
    ...(taken.baseline ? { baseline: { step, offset: from } } : {}),
    ...(taken.rows ? { rows: { rule: 'repeat', height: step, gap: '0px', offset: from } } : {}),
  });
}

/**
 * A new spec from a survey: a breakpoint for each surveyed width, which starts there (the narrowest at 0), on the unit that was found
 * down the pages.
 */
export function specOfSurvey(name: string, together: Together, verticals: Pick<Verticals, 'unit'>): Spec {
  const base = verticals.unit !== null && verticals.unit <= 32 ? verticals.unit : 8;
  const ids: string[] = [];
  const names = usualNames(together.grids.map(({ width }) => Math.round(width)));
  const breakpoints = together.grids.map((grid, index): Breakpoint => {
    const width = Math.round(grid.width);
    const own = names[index]!;
    const id = idOf('range', own, ids);
    ids.push(id);
    const isCapped = together.outside.cap !== null && width >= together.outside.cap.from;
    const fills = isCapped ? 'container' : together.grids.length > 1 ? 'margins' : fillsOf(grid);
    return newBreakpoint(
      { id, name: own, from: index === 0 ? 0 : width, width, height: usualHeight(width) },
      columnsOf(grid, fills, together.outer),
      base,
    );
  });
  return newSpec(name, breakpoints, base);
}
