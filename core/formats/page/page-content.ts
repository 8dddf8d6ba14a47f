import { RULES } from '../../checks/registry';
import { behaviourText } from '../../columns/behaviour';
import { columnEdges, columnsAt, type SolvedColumns, sumLine, widthSegments } from '../../columns/columns-at';
import { allTables } from '../../edition/all-tables';
import { LAYOUT_SAYS, layoutTable, WHITE_SPACE_SAYS, whiteSpaceTable } from '../../edition/layout-table';
import type { ReadTable } from '../../edition/read-table';
import { decimal, numeral } from '../../length/present';
import { heightBehaviour } from '../../rows/row-rule';
import { type FrameArea, frameAreas } from '../../overlay/frame-areas';
import { guidesAt } from '../../overlay/guides';
import { isOutlined } from '../../overlay/inks';
import { rowLine, rowSumAt } from '../../rows/row-sum';
import { rowEdges, rowsAt } from '../../rows/rows-at';
import { byWidth, rangeText } from '../../spec/ranges';
import { solvedAt } from '../../layouts/solved-at';
import type { Breakpoint, Layout, Spec, TextStyle } from '../../spec/schema';
import { fontName, STANDS_WORDS } from '../../type/style-text';
import { stepOf, textAt } from '../../type/text-at';
import type { Origin } from '../grid-css/grid-css';
import { type Mark, marksOf } from './page-marks';

/** A stretch of a drawing, in px. */
export type Stretch = [from: number, length: number];

/** A breakpoint in words, sums and lines. */
export type BreakpointContent = {
  name: string;
  range: string;
  width: number;
  height: number;
  columns: Stretch[];
  rows: Stretch[];
  /** Are columns and rows drawn as outlines? */
  isOutlined: boolean;
  /** Bars and panels, which cover what lies under them; and guides. */
  frame: FrameArea[];
  guides: { axis: 'x' | 'y'; at: number; name: string }[];
  /** What is written over the drawing: margins, a column, a gutter. */
  measures: { text: string; from: number; length: number }[];
  sums: string[];
  says: string[];
  notes: string;
};

/** A text style on its baselines; lengths in px. */
export type SpecimenContent = {
  name: string;
  breakpoint: string;
  says: string;
  /** The font’s file, as the document names it. */
  file: string;
  size: number;
  leading: number;
  /** Down to the first baseline, which lies on a line. */
  first: number;
  step: number;
};

/** A table whose cells are texts: what is shown, and under it what is said beside. */
export type TableContent = { title: string; says: string; head: string[]; rows: { label: string; cells: string[] }[] };

/** A box of a drawing, in px. */
export type Box = { name: string; x: number; y: number; width: number; height: number };

/** A trial layout: drawn at each breakpoint, and every measure of its blocks. */
export type LayoutContent = {
  name: string;
  notes: string;
  drawings: {
    name: string;
    width: number;
    height: number;
    columns: Stretch[];
    isOutlined: boolean;
    marks: Mark[];
    blocks: Box[];
  }[];
  table: TableContent;
};

/** What a page of an edition says, whatever it is written in. */
export type PageContent = {
  name: string;
  version: string;
  /** What the edition brings; empty where it is not known. */
  note: string;
  published: string;
  sha256: string;
  breakpoints: BreakpointContent[];
  specimens: SpecimenContent[];
  tables: TableContent[];
  layouts: LayoutContent[];
  /** White space and waivers. */
  last: TableContent[];
};

/** More rows than this are not drawn one by one. */
const MOST_ROWS = 400;

/** An edition as a page to read without the application: each breakpoint drawn and in sums, every table, layouts, waivers. */
export function pageContent(spec: Spec, { version, published, sha256, note = '' }: Origin): PageContent {
  return {
    name: spec.name,
    version,
    note,
    published,
    sha256,
    breakpoints: byWidth(spec.breakpoints).map((breakpoint) => breakpointContent(spec, breakpoint)),
    specimens: spec.type.map((style) => specimenContent(spec, style)),
    tables: allTables(spec)
      .map(({ title, says, table }) => tableContent(title, says, table))
      .filter(hasRows),
    layouts: spec.layouts.map((layout) => layoutContent(spec, layout)),
    last: [
      ...(spec.layouts.length > 0 ? [tableContent('White space', WHITE_SPACE_SAYS, whiteSpaceTable(spec))] : []),
      waiverTable(spec),
    ].filter(hasRows),
  };
}

function hasRows({ rows }: TableContent): boolean {
  return rows.length > 0;
}

function layoutContent(spec: Spec, layout: Layout): LayoutContent {
  const { name, notes } = layout;
  const drawings = byWidth(spec.breakpoints).map((breakpoint) => {
    const solved = solvedAt(spec, layout, breakpoint);
    return {
      name: breakpoint.name,
      width: solved.width.valueOf(),
      height: Math.max(1, solved.height.valueOf()),
      columns: columnEdges(columnsAt(spec, breakpoint)).map(stretchOf),
      isOutlined: isOutlined(spec),
      marks: marksOf(spec, layout, solved),
      blocks: solved.blocks.map(({ x, y, width, height, placed: { block } }) => ({
        name: block.name,
        x: x.valueOf(),
        y: y.valueOf(),
        width: Math.max(0, width.valueOf()),
        height: Math.max(0, height.valueOf()),
      })),
    };
  });
  return { name, notes, drawings, table: tableContent(`Blocks of ${name}`, LAYOUT_SAYS, layoutTable(spec, layout)) };
}

function stretchOf([from, to]: readonly [{ valueOf(): number }, { valueOf(): number }]): Stretch {
  return [from.valueOf(), Math.max(0, to.valueOf() - from.valueOf())];
}

/** Findings that were accepted; without any, a table without rows. */
function waiverTable({ waivers, breakpoints }: Spec): TableContent {
  const names = new Map(breakpoints.map(({ id, name }) => [id, name]));
  return {
    title: 'Waivers',
    says: 'findings that were accepted, with the reason',
    head: ['Breakpoint', 'Reason', 'By'],
    rows: waivers.map(({ rule, breakpoint, reason, by }) => ({
      label: RULES.find(({ id }) => id === rule)?.title ?? rule,
      cells: [breakpoint === null ? 'All' : (names.get(breakpoint) ?? breakpoint), reason, by],
    })),
  };
}

function breakpointContent(spec: Spec, breakpoint: Breakpoint): BreakpointContent {
  const { name, notes, reference } = breakpoint;
  const solved = columnsAt(spec, breakpoint);
  const heights = rowSumAt(spec, breakpoint);
  const rows = rowsAt(spec, breakpoint);
  return {
    name,
    range: rangeText(spec, breakpoint),
    ...reference,
    columns: columnEdges(solved).map(stretchOf),
    isOutlined: isOutlined(spec),
    rows: rows && rows.count <= MOST_ROWS ? rowEdges(rows).map(stretchOf) : [],
    frame: frameAreas(spec, breakpoint, reference.width, reference.height),
    guides: guidesAt(spec, breakpoint).map(({ axis, at, name: of }) => ({ axis, at: at.valueOf(), name: of })),
    measures: measuresOf(solved),
    sums: [sumLine(solved, numeral), ...(heights ? [rowLine(heights, numeral)] : [])],
    says: [...behaviourText(spec, breakpoint), ...heightBehaviour(breakpoint)],
    notes,
  };
}

/** Both margins, the first column and the first gutter. */
function measuresOf(solved: SolvedColumns): BreakpointContent['measures'] {
  return widthSegments(solved)
    .filter(({ part, number }) => part === 'margin' || part === 'panel' || (part !== 'inset' && number === 1))
    .map(({ start, width }) => ({ text: numeral(width), from: start.valueOf(), length: width.valueOf() }));
}

function specimenContent(spec: Spec, style: TextStyle): SpecimenContent {
  const widest = byWidth(spec.breakpoints).at(-1)!;
  const text = textAt(spec, style, widest);
  return {
    name: style.name,
    breakpoint: widest.name,
    says: `${decimal(text.size)} / ${decimal(text.leading)}, ${fontName(style.font)}, on its ${STANDS_WORDS[style.stands]}`,
    file: style.font.file,
    size: text.size.valueOf(),
    leading: text.leading.valueOf(),
    first: text.shift.add(text.baseline).valueOf(),
    step: stepOf(spec, widest).valueOf(),
  };
}

function tableContent(title: string, says: string, { head, rows }: ReadTable): TableContent {
  return {
    title,
    says,
    head,
    rows: rows.map(({ label, values }) => ({
      label,
      cells: values.map((value) => (value === null ? '' : [value.shown, value.note].filter(Boolean).join('\n'))),
    })),
  };
}
