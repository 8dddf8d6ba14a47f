import { type Parsed } from '../parsed';
import type { Columns } from '../spec/schema';
import { px } from '../length/px';
import { fitColumns, type Sample } from './fit-columns';
import type { Element } from './elements';
import { compoundsIn } from './compounds';
import { readPage } from './page-elements';
import { readStyleSheets, type Sheet, type SiteRule, type StyleSheet, type Unread } from './rules';
import { shareFamilies } from './shares';
import { SiteGrids } from './systems';
import { besideText, type GridSystem, type RoleChoice } from './grid-systems';
import { BEYOND } from './widths';

/** A range of a page, with the columns that a breakpoint would have there. */
export type SiteRange = {
  from: number;
  /** Its last width and one more; null where it goes on. */
  end: number | null;
  columns: Columns;
};

/** What style sheets say of grids. */
export type SiteReading = {
  sheet: StyleSheet;
  /** The page itself, where its markup is there. */
  root: Element | null;
  grids: SiteGrids;
  /** The grid that is read, and the others that there are. */
  system: GridSystem | null;
  ranges: SiteRange[];
  unread: Unread[];
};

const ROOT = 16;
const WIDEST_TRIED = 3840;
const TRIED = 12;
/** More widths than this are no ranges that somebody designs for. */
const MOST_BOUNDS = 120;

/**
 * The grid in style sheets: its ranges from media queries, its columns from the widths, paddings and margins of a container, its row and its columns, as a
 * browser would place them. Only what a breakpoint's columns give at every width that is tried is answered; the rest is named.
 *
 * @param around where there is no page: the classes of an element that is thought of around everything; null for none
 *
 *     readSite([bootstrap]).value.ranges[3]   // { from: 992, end: 1200, columns: { count: 12, gutter: "1.5rem", container: "960px", … } }
 */
export function readSite(
  texts: readonly (string | Sheet)[],
  choice: RoleChoice = {},
  page: Sheet | null = null,
  around: ((rules: readonly SiteRule[]) => string | null) | null = null,
): Parsed<SiteReading> {
  const markup = page && readPage(page);
  if (markup && !markup.value) return { problem: markup.problem };
  const { value: sheet, problem } = readStyleSheets([...texts, ...(markup?.value.sheets ?? [])]);
  if (!sheet) return { problem: problem! };
  sheet.unread.push(...(markup?.value.unread ?? []));
  const missing = unmatched(sheet.rules, choice);
  if (missing) return { problem: missing };
  const root = markup?.value.root ?? null;
  const grids = new SiteGrids(sheet, choice, root, root ? null : (around?.(sheet.rules) ?? null));
  const [system] = grids.systems;
  const unread = [...sheet.unread];
  if (!system) return { value: { sheet, root, grids, system: null, ranges: [], unread } };
  const ranges: SiteRange[] = [];
  const bounds = grids.boundsOf(system);
  if (bounds.length > MOST_BOUNDS)
    return {
      problem: `${system.name} changes at ${bounds.length} widths; at most ${MOST_BOUNDS} are checked. Use the style sheets of a single page.`,
    };
  bounds.forEach((from, index) => {
    const end = bounds[index + 1] ?? null;
    const own = rangeOf(grids, system, from, end);
    if ('why' in own) {
      unread.push({
        what: `${system.name}, ${end === null ? `${from} px and up` : `${from}–${end - 1} px`}`,
        why: own.why,
      });
      return;
    }
    const last = ranges.at(-1);
    if (last && last.end === from && JSON.stringify(last.columns) === JSON.stringify(own.columns)) last.end = end;
    else ranges.push({ from, end, columns: own.columns });
  });
  const beside = besideText(system);
  if (beside) unread.push({ what: system.name, why: beside });
  return { value: { sheet, root, grids, system, ranges, unread } };
}

/** What is said of style sheets that make no grid. */
export function noGridIn(texts: readonly (string | Sheet)[]): string {
  const which = texts.length === 1 ? 'this style sheet' : 'these style sheets';
  const isUtilities = texts.some((each) => UTILITIES.test(typeof each === 'string' ? each : each.text));
  return isUtilities
    ? `No grid of columns was found in ${which}: column counts stand in utility classes: give the page with --page, or as an HTML file beside them.`
    : `No grid of columns was found in ${which}; it needs grid-template-columns, or classes whose widths are shares of a row.`;
}

/** Classes that say nothing but a count: `.grid-cols-12`. */
const UTILITIES = /\.(?:[\w-]+\\:)?[\w-]*cols?-\d+\s*\{\s*grid-template-columns/;

/** That what was chosen to look at is not there, by its name; null where all of it is. */
function unmatched(rules: readonly SiteRule[], choice: RoleChoice): string | null {
  const said = Object.entries(choice).filter(([, text]) => text !== undefined);
  if (said.length === 0) return null;
  const classes = new Set(
    rules.flatMap((rule) => compoundsIn(rule).flatMap((each) => (each ?? []).flatMap((own) => own.classes))),
  );
  for (const [role, text] of said) {
    if (role === 'columns') {
      if (shareFamilies(rules).some(({ stem }) => stem === text)) continue;
      return `No classes of columns begin with “${text}-”. Use the part before the number, such as col.`;
    }
    const missing = text.split(' ').find((name) => !classes.has(name));
    if (missing !== undefined) return `No rule has the ${role} class “${missing}”.`;
  }
  return null;
}

function rangeOf(
  grids: SiteGrids,
  system: GridSystem,
  from: number,
  end: number | null,
): { columns: Columns } | { why: string } {
  const samples: Sample[] = [];
  for (const width of widthsTried(from, end)) {
    const grid = grids.at(system, width);
    const other = grids.at(system, width, { initial: px(20), otherwise: px(20) });
    if ('why' in grid) return grid;
    if ('why' in other) return other;
    samples.push({ width, grid, other });
  }
  const columns = fitColumns(samples, { rootFontSize: ROOT });
  return columns
    ? { columns }
    : { why: 'Its columns and margins change with the width in a way no breakpoint describes.' };
}

/** Widths of a range to hold columns against: both ends, and some between. */
export function widthsTried(from: number, end: number | null): number[] {
  const first = Math.max(from, from === 0 ? Math.min(320, (end ?? BEYOND) - 1) : from);
  const last = end === null ? Math.max(WIDEST_TRIED, first + 400) : end - 1;
  const step = (last - first) / TRIED;
  const widths = Array.from({ length: TRIED + 1 }, (_, index) => Math.round(first + step * index));
  return [...new Set(widths)];
}
