import { columnsAt, sumLine } from '../../columns/columns-at';
import { MOST_COLUMNS } from '../../columns/solve';
import { marginSides } from '../../columns/read-rule';
import { numeral } from '../../length/present';
import { isSum, SAFE } from '../../length/sum';
import { baselineBehaviour } from '../../rows/row-rule';
import { rowLine, rowSumAt } from '../../rows/row-sum';
import { byWidth, rangeEnd, rangeText } from '../../spec/ranges';
import { measureOf } from '../../spec/measure';
import { specOfGrid } from '../../spec/named-grids';
import type { Breakpoint, NamedGrid, Spec } from '../../spec/schema';
import { containerCss, type GutterForm, spanCss, startCss } from './container-css';
import { cssText } from './css-numbers';
import { meshSum } from './css-reader';
import { frameCss, frameProperties, linesByHand, hasFrame } from './frame-css';
import { overlayCss } from './overlay-css';
import { insideProperties, rangeProperties } from './range-properties';
import { rowProperties } from './row-properties';
import { spacingCss } from './spacing-css';
import { typeCss, typeProperties } from './type-css';

/** Where the numbers of a file come from; pages for people also say what the edition brings. */
export type Origin = { version: string; published: string; sha256: string; note?: string };

/**
 * A spec as CSS: the sums in the head comment, spacing steps, a container class `.grid`, a class for each text style, an
 * overlay of rows and baselines, custom properties for each range, and for each range the classes `.span-k` and `.start-k`, also as `.span-k-desktop` for that range alone.
 */
export function gridCss(spec: Spec, origin: Origin): string {
  const breakpoints = byWidth(spec.breakpoints);
  const parts = gridCssParts(spec);
  return [headComment(spec, breakpoints, origin), parts.shared, ...parts.ranges.values()].join('\n\n') + '\n';
}

export function headComment(
  spec: Spec,
  breakpoints: Breakpoint[],
  { version, published, sha256 }: Origin,
  container = '.grid',
): string {
  const sums = breakpoints.flatMap((breakpoint) => [
    `${breakpoint.name}: ${rangeText(spec, breakpoint)}, drawn at ${breakpoint.reference.width} × ${breakpoint.reference.height}`,
    `  ${sumLine(columnsAt(spec, breakpoint), numeral)}`,
    ...heightLines(spec, breakpoint).map((line) => `  ${line}`),
  ]);
  const lines = [
    `${spec.name}, edition ${version}, published ${published}`,
    `SHA-256 of the specification: ${sha256}`,
    '',
    ...sums,
    '',
    `Lengths in rem count on a root font size of ${spec.rootFontSize}px.`,
    measureOf(spec) === 'container'
      ? `Put ${container.replace('grid', 'grid-region')} on the element whose width counts, and ${container} directly in it: percentages are of that width.`
      : hasFrame(spec)
        ? `Put ${container} in an element with .grid-frame, which keeps clear of bars and panels: percentages are of what they leave.`
        : `Put ${container} on an element that is as wide as the viewport: percentages are of that width.`,
  ];
  return `/*\n${lines.map((line) => ` * ${inComment(line)}`.trimEnd()).join('\n')}\n */`;
}

/** Rows and baselines of a breakpoint in words, for the head comment. */
function heightLines(spec: Spec, breakpoint: Breakpoint): string[] {
  const rows = rowSumAt(spec, breakpoint);
  const { baseline } = breakpoint;
  return [...(rows ? [`rows: ${rowLine(rows, numeral)}`] : []), ...(baseline ? [baselineBehaviour(baseline)] : [])];
}

/** A name that a person typed must not end the comment. */
export function inComment(text: string): string {
  return text.replaceAll('*/', '* /');
}

/** The style sheet in its parts, without the head comment: what holds everywhere, and each range by its breakpoint's id. */
export function gridCssParts(spec: Spec, form: GutterForm = 'gap'): { shared: string; ranges: Map<string, string> } {
  const named = (spec.grids ?? []).map(({ id }) => containerCss(form, `.grid-${id}`));
  const shared = [
    spacingCss(spec),
    regionCss(spec),
    frameCss(spec),
    containerCss(form),
    ...named,
    typeCss(spec),
    overlayCss(spec),
  ].filter((part) => part !== null);
  const ranges = byWidth(spec.breakpoints).map((breakpoint) => [breakpoint.id, range(spec, breakpoint, form)] as const);
  return { shared: shared.join('\n\n'), ranges: new Map(ranges) };
}

function range(spec: Spec, breakpoint: Breakpoint, form: GutterForm): string {
  const root = [
    ...declared('grid', gridProperties(spec, breakpoint, form)),
    ...declared('frame', frameProperties(spec, breakpoint)),
    ...declared('grid', meshProperties(spec, breakpoint)),
    ...declared('guide', linesByHand(spec, breakpoint)),
    // what is gone to stops below the top bar
    ...(hasFrame(spec) ? ['    scroll-padding-block: var(--frame-top) var(--frame-bottom);'] : []),
    ...declared('type', typeProperties(spec, breakpoint)),
  ];
  const inside = [
    block(measureOf(spec) === 'viewport' ? ':root' : '.grid-region > *', root),
    ...(hasSafe(breakpoint) ? [block(`:root[dir='rtl']`, mirroredSafe(spec, breakpoint, form))] : []),
    insideGrid(spec, breakpoint),
    ...spanClasses(spec, breakpoint, form),
    ...(spec.grids ?? []).flatMap((grid) => namedGridCss(spec, grid, breakpoint, form)),
  ].join('\n');
  return `/* ${inComment(breakpoint.name)} */\n${rangeRule(spec, mediaQuery(spec, breakpoint))} {\n${inside}\n}`;
}

/** The element by whose width the ranges of a document go that is measured by its container; null for any other. */
function regionCss(spec: Spec): string | null {
  if (measureOf(spec) === 'viewport') return null;
  return `/* The element by whose width ranges go. Nothing queries itself: what a range says holds in its children. */
.grid-region {
  container: grid-region / inline-size;
}`;
}

/** A range of widths as a rule: of the screen, or of the container. */
export function rangeRule(spec: Spec, query: string): string {
  if (measureOf(spec) === 'viewport') return `@media ${query}`;
  return `@container grid-region ${query === 'all' ? '(width >= 0px)' : query}`;
}

/** The side of a square of the mesh, and where the first begins; none where the document has no mesh. */
function meshProperties(spec: Spec, breakpoint: Breakpoint): Record<string, string> {
  if (spec.mesh === undefined) return {};
  return { mesh: cssText(meshSum(spec)), 'mesh-start': insideProperties(spec, breakpoint)['margin-start']! };
}

/** A named grid in a range: its properties on its own class, and the spans that are others on its columns. */
function namedGridCss(spec: Spec, grid: NamedGrid, { id }: Breakpoint, form: GutterForm): string[] {
  const own = specOfGrid(spec, grid);
  const breakpoint = own.breakpoints.find((each) => each.id === id)!;
  const selector = `.grid-${grid.id}`;
  return [
    block(selector, declared('grid', gridProperties(own, breakpoint, form))),
    ...(hasSafe(breakpoint) ? [block(`:root[dir='rtl'] ${selector}`, mirroredSafe(own, breakpoint, form))] : []),
    insideGrid(own, breakpoint, selector),
    ...spanClasses(own, breakpoint, form, {
      within: `${selector} > `,
      most: Math.max(mostColumns(spec), mostColumns(own)),
    }),
  ];
}

/** Does a margin add what the screen keeps free? Its left and right change places with the direction. */
function hasSafe({ columns: { margin } }: Breakpoint): boolean {
  return marginSides(margin).some((side) => isSum(side) && side.sum.some((term) => term.replace(/^-/, '') === SAFE));
}

function mirroredSafe(spec: Spec, breakpoint: Breakpoint, form: GutterForm): string[] {
  return declared('grid', rangeProperties(spec, breakpoint, form, 'rtl') as Record<string, string>);
}

/** In what stands on the grid a percentage is of a column’s width: there the properties are of the viewport’s. */
function insideGrid(spec: Spec, breakpoint: Breakpoint, grid = '.grid'): string {
  const own = (direction: 'ltr' | 'rtl'): string[] => declared('grid', insideProperties(spec, breakpoint, direction));
  const mirrored = hasSafe(breakpoint) ? [block(`:root[dir='rtl'] ${grid} > *`, own('rtl'))] : [];
  return [block(`${grid} > *`, own('ltr')), ...mirrored].join('\n');
}

function block(selector: string, declarations: readonly string[]): string {
  return `  ${selector} {\n${declarations.join('\n')}\n  }`;
}

/** Custom properties of a range’s columns, rows and baselines, by name without `--grid-`. */
export function gridProperties(spec: Spec, breakpoint: Breakpoint, form: GutterForm = 'gap'): Record<string, string> {
  return { ...rangeProperties(spec, breakpoint, form), ...rowProperties(spec, breakpoint) };
}

export function declared(family: string, properties: Record<string, string>): string[] {
  return Object.entries(properties).map(([name, value]) => `    --${family}-${name}: ${value};`);
}

export function mediaQuery(spec: Spec, breakpoint: Breakpoint): string {
  const isFirst = byWidth(spec.breakpoints)[0]!.id === breakpoint.id;
  return queryOf(isFirst ? null : breakpoint.from, rangeEnd(spec, breakpoint));
}

/** Media Queries 4, range syntax: leaves no gap between 599 and 600 on zoomed screens. Null where there is no bound. */
export function queryOf(from: number | null, end: number | null): string {
  if (end === null) return from === null ? 'all' : `(width >= ${from}px)`;
  return from === null ? `(width < ${end}px)` : `(${from}px <= width < ${end}px)`;
}

/** Spans beyond the range's columns take the whole width, so that a layout for 12 columns stands on 4 as well. */
function spanClasses(
  spec: Spec,
  breakpoint: Breakpoint,
  form: GutterForm,
  { within = '', most = mostColumns(spec) } = {},
): string[] {
  const { id } = breakpoint;
  if (breakpoint.columns.count === 'auto') {
    const all = form === 'shares' ? 'inline-size: 100%' : 'grid-column: 1 / -1';
    return [`  ${within}.span-all { ${all}; }`, `  ${within}.span-all-${id} { ${all}; }`];
  }
  const count = breakpoint.columns.count;
  // a class of one range comes after those of all, whatever their numbers; a start after the spans, which it goes with
  const [span, start] = [
    (index: number) => spanCss(form, Math.min(index, count), count),
    (index: number) => startCss(form, index, count),
  ];
  const classes = (name: string, last: number, declares: (index: number) => string): string[] =>
    ['', `-${id}`].flatMap((range) =>
      numbers(last).map((index) => `  ${within}.${name}-${index}${range} { ${declares(index)} }`),
    );
  return [...classes('span', most, span), ...classes('start', count, start)];
}

/** The most columns at any breakpoint. */
function mostColumns({ breakpoints }: Spec): number {
  const counts = breakpoints.map(({ columns }) => (columns.count === 'auto' ? 1 : columns.count));
  return Math.min(MOST_COLUMNS, Math.max(...counts));
}

function numbers(last: number): number[] {
  return Array.from({ length: last }, (_, index) => index + 1);
}
