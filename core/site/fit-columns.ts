import Fraction from 'fraction.js';
import { columnsAt } from '../columns/columns-at';
import { fluidColumns, newBreakpoint, newSpec } from '../document/defaults';
import { lengthText } from '../length/length';
import { type Unit } from '../length/units';
import { HALF, type Px, px, ZERO } from '../length/px';
import type { LengthValue } from '../length/length-value';
import type { GrowingLength } from '../length/growing';
import { specSchema, type Columns } from '../spec/schema';
import type { SiteGrid } from './columns-in';

/** A page's columns at a width; `other` are those of the same page on a root font size of 20 px, which tells rem from px. */
export type Sample = { width: number; grid: SiteGrid; other: SiteGrid };

/** Nearer than this is the same: browsers place boxes on 64ths of a px. */
export const SAME = new Fraction(1, 64);

export function isSamePx(a: Px, b: Px): boolean {
  return a.sub(b).abs().compare(SAME) <= 0;
}

type Size = LengthValue | GrowingLength;

/** A quantity at the widths that were tried, on a root font size of 16 and of 20 px. */
type Course = { width: number; value: Px; other: Px }[];

/** Between the sides of the container and its columns there may be half a gutter. */
function outerOf(samples: readonly Sample[]): Columns['outer'] {
  const isHalf = samples.every(({ grid: { gutter, start, end, container } }) => {
    const half = gutter.mul(HALF);
    return half.compare(0) > 0 && isSamePx(start.sub(container[0]), half) && isSamePx(container[1].sub(end), half);
  });
  return isHalf ? 'half' : 'none';
}

/**
 * The columns of a breakpoint that give what a page does, at all the widths that were tried; null where no form of a breakpoint's columns does.
 * What it proposes is solved and held against the page, so that what is answered is never a guess.
 */
export function fitColumns(samples: readonly Sample[], spec: { rootFontSize: number }): Columns | null {
  const outer = outerOf(samples);
  const course = (of: (grid: SiteGrid, width: number) => Px): Course =>
    samples.map(({ width, grid, other }) => ({ width, value: of(grid, width), other: of(other, width) }));
  const inset = (grid: SiteGrid): Px => (outer === 'half' ? grid.gutter.mul(HALF) : ZERO);
  const margin = {
    start: course((grid) => grid.start.sub(inset(grid))),
    end: course((grid, width) => px(width).sub(grid.end).sub(inset(grid))),
  };
  const container = course((grid) => grid.end.sub(grid.start).add(inset(grid).mul(2)));
  const insides = insideForms(samples, course);
  const outsides = outsideForms(margin, container);
  for (const inside of insides) {
    for (const outside of outsides) {
      const columns: Columns = { ...fluidColumns(1, '0px', '0px'), ...inside, ...outside, outer };
      if (holds(columns, samples, spec)) return columns;
    }
  }
  return null;
}

/** Is it taken by the schema, and does it give what the page does at every width? */
function holds(columns: Columns, samples: readonly Sample[], { rootFontSize }: { rootFontSize: number }): boolean {
  const breakpoint = newBreakpoint({ id: 'page', name: 'Page', from: 0, width: 1280, height: 900 }, columns);
  const spec = { ...newSpec('Page', [breakpoint]), rootFontSize };
  if (!specSchema.safeParse(spec).success) return false;
  return samples.every(({ width, grid }) => {
    const solved = columnsAt(spec, breakpoint, width);
    const start = solved.marginStart.add(solved.inset);
    const end = px(width).sub(solved.marginEnd).sub(solved.inset);
    return (
      solved.count === grid.count &&
      isSamePx(solved.gutter, grid.gutter) &&
      isSamePx(solved.column, grid.column) &&
      isSamePx(start, grid.start) &&
      isSamePx(end, grid.end)
    );
  });
}

/** How count, gutter and column could be said. */
function insideForms(
  samples: readonly Sample[],
  course: (of: (grid: SiteGrid) => Px) => Course,
): Pick<Columns, 'count' | 'gutter' | 'column'>[] {
  const [first] = samples;
  const { count, column, gutter } = first!.grid;
  const gutters = sizeForms(
    course((grid) => grid.gutter),
    'vw',
  );
  if (samples.some(({ grid }) => grid.count !== count)) {
    const columns = sizeForms(
      course((grid) => grid.column),
      'vw',
    );
    return columns.flatMap((each) =>
      typeof each === 'string' ? gutters.map((own) => ({ count: 'auto' as const, gutter: own, column: each })) : [],
    );
  }
  const ofColumn =
    column.compare(0) > 0 && gutter.compare(0) > 0
      ? [{ count, gutter: { ofColumn: gutter.div(column).toFraction() }, column: 'auto' as const }]
      : [];
  return [...gutters.map((own) => ({ count, gutter: own, column: 'auto' as const })), ...ofColumn];
}

/** How margins and container could be said. */
function outsideForms(
  margin: { start: Course; end: Course },
  container: Course,
): Pick<Columns, 'margin' | 'container'>[] {
  const isEven = margin.start.every(({ value }, index) => isSamePx(value, margin.end[index]!.value));
  const widest = container.reduce((most, each) => (each.value.compare(most.value) >= 0 ? each : most));
  const below = container.map(({ value }) => value.compare(widest.value) < 0);
  const free = below.some(Boolean) ? margin.start.filter((_, index) => below[index]) : margin.start;
  const starts = sizeForms(margin.start, '%');
  const ends = sizeForms(margin.end, '%');
  const fixed = sizeForms(container, '%');
  const cap = sizeForms([widest, widest], '%')[0];
  const share = container[0]!.value.div(container[0]!.width).mul(100);
  const percentage = `${share.round(6).valueOf()}%`;
  const found: Pick<Columns, 'margin' | 'container'>[] = [];
  if (isEven) {
    // a single width says nothing of what stays, and so do margins that do
    if (isSamePx(container[0]!.value, container.at(-1)!.value) && container.length > 1)
      found.push(...fixed.map((each) => ({ container: each, margin: 'auto' as const })));
    const capped = sizeForms(free, '%').flatMap((each) =>
      typeof cap === 'string' ? [{ container: { upTo: cap }, margin: each }] : [],
    );
    found.push(...starts.map((each) => ({ container: 'fill' as const, margin: each })));
    found.push(...capped);
    // what is capped could be said as margins that grow up to the widest screen
    if (below.some(Boolean) && container.length > 1 && isSamePx(container.at(-2)!.value, widest.value))
      found.unshift(...capped);
    found.push({ container: { share: percentage }, margin: 'auto' });
    found.push(...fixed.map((each) => ({ container: each, margin: 'auto' as const })));
  } else {
    for (const start of starts) {
      found.push(...ends.map((end) => ({ container: 'fill' as const, margin: { start, end } })));
      found.push(...fixed.map((each) => ({ container: each, margin: { start, end: 'auto' as const } })));
    }
    for (const end of ends)
      found.push(...fixed.map((each) => ({ container: each, margin: { start: 'auto' as const, end } })));
  }
  return found;
}

/** The lengths that a quantity could be: one that stays, in px or rem; a share of the screen; one that grows between two widths. */
function sizeForms(course: Course, share: Extract<Unit, 'vw' | '%'>): Size[] {
  const [first] = course;
  const last = course.at(-1)!;
  if (!first) return [];
  if (isSamePx(first.value, last.value) && course.every(({ value }) => isSamePx(value, first.value))) {
    const isRem = !isSamePx(first.value, first.other) && isSamePx(first.value.div(16), first.other.div(20));
    return [
      isRem
        ? lengthText({ amount: first.value.div(16), unit: 'rem' })
        : lengthText({ amount: first.value, unit: 'px' }),
    ];
  }
  const forms: Size[] = [];
  const ofScreen = first.value.div(first.width || 1).mul(100);
  if (ofScreen.compare(0) > 0) forms.push(lengthText({ amount: ofScreen.round(6), unit: share }));
  const grown = growingForm(course);
  if (grown) forms.push(grown);
  return forms;
}

/** One length up to a width, another from a second one on, and a straight way between. */
function growingForm(course: Course): GrowingLength | null {
  const first = course[0]!;
  const last = course.at(-1)!;
  const steps = course.slice(1).map((point, index) => {
    const before = course[index]!;
    return { before, point, slope: point.value.sub(before.value).div(point.width - before.width || 1) };
  });
  const rising = steps.filter(({ before, point }) => !isSamePx(before.value, point.value));
  // of the pieces on the way the steepest lies wholly on it
  const way = rising.reduce((most, step) => (step.slope.abs().compare(most.slope.abs()) > 0 ? step : most), rising[0]!);
  if (!way) return null;
  const meets = (value: Px): number =>
    Math.round(value.sub(way.before.value).div(way.slope).add(way.before.width).valueOf());
  const over: [number, number] = [Math.max(0, meets(first.value)), meets(last.value)];
  if (over[0] >= over[1]) return null;
  return {
    between: [lengthText({ amount: first.value, unit: 'px' }), lengthText({ amount: last.value, unit: 'px' })],
    over,
  };
}
