import { oncePer } from '../length/once-per';
import { grownLength } from '../length/growing';
import { lengthOf, type LengthValue } from '../length/length-value';
import { type Px, px, ZERO } from '../length/px';
import { toPx } from '../length/resolve';
import type { Screen } from '../length/units';
import { type Measure, measureOf, WIDTH_NAMES } from '../spec/measure';
import { screenOf } from '../spec/ranges';
import type { Breakpoint, Spec } from '../spec/schema';
import { columnRule, type LengthReader } from './read-rule';
import { exactNumbers, repeated } from './numbers';
import { type ColumnSolution, solveColumns } from './solve';

/** A breakpoint's columns at a viewport width, exact. */
export type SolvedColumns = ColumnSolution<Px> & {
  /** The width of the screen, or of the container, by what the document measures. */
  viewport: Px;
  measure: Measure;
  /** The panel at the end of the screen. */
  frameEnd: Px;
};

/** How much of the screen panels leave to margins and container. */
export function roomAcross({ viewport, frameStart, frameEnd }: SolvedColumns): Px {
  return viewport.sub(frameStart).sub(frameEnd);
}

/** Where panels leave off, from the viewport's start edge: the screen's own edges where there are none. */
export function screenEdges({ viewport, frameStart, frameEnd }: SolvedColumns): [Px, Px] {
  return [frameStart, viewport.sub(frameEnd)];
}

/** What margins and container share, as explanations and findings call it, and how wide it is. */
export function sharedWidth(solved: SolvedColumns): { name: string; is: Px } {
  const is = roomAcross(solved);
  return { name: is.equals(solved.viewport) ? WIDTH_NAMES[solved.measure].inSums : 'room', is };
}

/** Where the container begins and ends, from the viewport's start edge. */
export function containerEdges({ frameStart, marginStart, container }: SolvedColumns): [Px, Px] {
  const start = frameStart.add(marginStart);
  return [start, start.add(container)];
}

/**
 * Solves the columns of one breakpoint at a viewport width, by default its reference width.
 *
 *     columnsAt(spec, phone, 393)   // margins 16, 4 columns of 313/4, gutter 16, container 361
 */
export function columnsAt(
  spec: Spec,
  breakpoint: Breakpoint,
  width: Px | number = breakpoint.reference.width,
): SolvedColumns {
  // checks, tables and files ask for the drawn width again and again, and a document never changes
  return width === breakpoint.reference.width ? drawn(spec, breakpoint) : solvedAt(spec, breakpoint, width);
}

const drawn = oncePer((spec: Spec, breakpoint: Breakpoint) => solvedAt(spec, breakpoint, breakpoint.reference.width));

function solvedAt(spec: Spec, breakpoint: Breakpoint, width: Px | number): SolvedColumns {
  const screen = screenOf(spec, breakpoint, width);
  const solution = solveColumns(exactNumbers, columnRule(breakpoint.columns, exactReader(screen)));
  return { ...solution, viewport: screen.width, measure: measureOf(spec), frameEnd: screen.frame?.end ?? ZERO };
}

/** Reads a document’s lengths in exact px of a screen. */
export function exactReader(screen: Screen): LengthReader<Px> {
  const length = (value: LengthValue): Px => toPx(lengthOf(value), screen);
  return {
    numbers: exactNumbers,
    room: (screen.room ?? screen).width,
    frameStart: screen.frame?.start ?? ZERO,
    length,
    growing: (value) => grownLength(value, screen.width, length),
    safe: () => ZERO,
  };
}

/**
 * Start and end of every column, from the viewport's start edge.
 *
 *     columnEdges(desktop)[0]   // [144, 218]
 */
export function columnEdges(columns: SolvedColumns): [Px, Px][] {
  const start = columnStarts(columns);
  return Array.from({ length: columns.count }, (_, index) => {
    const from = start(index + 1);
    return [from, from.add(columns.column)];
  });
}

/** Where each column begins, from the viewport's start edge, the first being 1; also where those past the last would. */
export function columnStarts({
  column,
  gutter,
  inset,
  marginStart,
  frameStart,
}: SolvedColumns): (number: number) => Px {
  const [step, first] = [column.add(gutter), frameStart.add(marginStart).add(inset)];
  return (number) => first.add(step.mul(number - 1));
}

/** Width of a span of k columns: k·column + (k−1)·gutter. */
export function spanWidth({ column, gutter }: Pick<SolvedColumns, 'column' | 'gutter'>, span: number): Px {
  return repeated(column, gutter, span, exactNumbers);
}

/** Offset of k columns: k·(column + gutter). */
export function offsetWidth({ column, gutter }: Pick<SolvedColumns, 'column' | 'gutter'>, columns: number): Px {
  return column.add(gutter).mul(columns);
}

/** A piece of the width with its edges, from the viewport's start; columns and gutters are numbered from 1. */
export type SumSegment = {
  part: 'panel' | 'margin' | 'inset' | 'column' | 'gutter';
  number: number;
  width: Px;
  start: Px;
  end: Px;
};

/** Every piece of the width in order: (panel,) margin, (inset,) column, gutter, column, …, (inset,) margin(, panel). */
export function widthSegments(columns: SolvedColumns): SumSegment[] {
  const { count, column, gutter, inset, marginStart, marginEnd, frameStart, frameEnd } = columns;
  const inner = Array.from({ length: count * 2 - 1 }, (_, index) => ({
    part: index % 2 === 0 ? ('column' as const) : ('gutter' as const),
    number: Math.floor(index / 2) + 1,
    width: index % 2 === 0 ? column : gutter,
  }));
  const side = (number: number, panel: Px, margin: Px) => {
    const panels = panel.equals(ZERO) ? [] : [{ part: 'panel' as const, number, width: panel }];
    const insets = inset.equals(ZERO) ? [] : [{ part: 'inset' as const, number, width: inset }];
    const margins = [{ part: 'margin' as const, number, width: margin }];
    return number === 1 ? [...panels, ...margins, ...insets] : [...insets, ...margins, ...panels];
  };
  const segments: SumSegment[] = [];
  for (const piece of [...side(1, frameStart, marginStart), ...inner, ...side(2, frameEnd, marginEnd)]) {
    const start = segments.at(-1)?.end ?? ZERO;
    segments.push({ ...piece, start, end: start.add(piece.width) });
  }
  return segments;
}

/**
 * The sum line: `108 + 12 × 86 + 11 × 24 + 108 = 1512`. Where it does not come out, the end says what it should have been.
 *
 * @param write how a number is written: `numeral` for people, `exactText` for files
 */
export function sumLine(columns: SolvedColumns, write: (value: Px) => string): string {
  const { count, column, gutter, inset, marginStart, marginEnd, excess, viewport, frameStart, frameEnd } = columns;
  const panel = (width: Px): string[] => (width.equals(ZERO) ? [] : [write(width)]);
  const insets = inset.equals(ZERO) ? [] : [write(inset)];
  const inside =
    count === 1 ? [`1 × ${write(column)}`] : [`${count} × ${write(column)}`, `${count - 1} × ${write(gutter)}`];
  const total = viewport.add(excess);
  const missed = excess.equals(px(0)) ? '' : `, not ${write(viewport)}`;
  const across = [write(marginStart), ...insets, ...inside, ...insets, write(marginEnd)];
  return `${[...panel(frameStart), ...across, ...panel(frameEnd)].join(' + ')} = ${write(total)}${missed}`;
}
