import { typedText } from '../length/length-value';
import { exactText, type Px, ZERO } from '../length/px';
import { screenOf } from '../spec/ranges';
import type { Breakpoint, Spec } from '../spec/schema';
import { type ColumnRule, isShare } from './column-rule';
import { explainBetween, explainRelation } from './explain-relations';
import type { Explanation } from './explanation';
import { columnRule } from './read-rule';
import { columnsAt, exactReader, sharedWidth, type SolvedColumns } from './columns-at';
import type { ColumnQuantity } from './let-follow';
import { guttersInside } from './solve';

type Write = (value: Px) => string;

/**
 * Where a value at a viewport width comes from, or null for one that is given.
 *
 *     explain(spec, desktop, 'column')
 *     // { formula: "column = (container − 11 × gutter) / 12", numbers: "(1296 − 11 × 24) / 12", result: "86" }
 *
 * @param write how a number is written: `numeral` for people, `exactText` (the default) for files
 */
export function explain(
  spec: Spec,
  breakpoint: Breakpoint,
  quantity: ColumnQuantity,
  width: number = breakpoint.reference.width,
  write: Write = exactText,
): Explanation | null {
  const solved = columnsAt(spec, breakpoint, width);
  if (solved.undetermined) return null;
  const rule = columnRule(breakpoint.columns, exactReader(screenOf(spec, breakpoint, width)));
  switch (quantity) {
    case 'column':
      return explainBetween(quantity, breakpoint.columns, rule, solved, write) ?? explainColumn(rule, solved, write);
    case 'gutter':
      return explainBetween(quantity, breakpoint.columns, rule, solved, write) ?? explainGutter(rule, solved, write);
    case 'container':
      return explainContainer(breakpoint, rule, solved, write);
    case 'margin':
      return explainRelation(breakpoint.columns, solved, write) ?? explainMargin(rule, solved, write);
    case 'count':
      return explainCount(rule, solved, write);
  }
}

/** The explanation as the one line that is shown and copied. */
export function explanationLine({ formula, numbers, result }: Explanation): string {
  return `${formula} = ${numbers} = ${result}`;
}

function explainColumn(
  rule: ColumnRule<Px>,
  { count, column, gutter, wantedContainer }: SolvedColumns,
  write: Write,
): Explanation | null {
  if (rule.column.is === 'held') return null;
  const gutters = guttersInside(count, rule.outer);
  const round = { no: ['', ''], margins: ['⌊', '⌋'], container: ['round(', ')'] }[rule.whole] as [string, string];
  const rounded = (inside: string): string => `${round[0]}${inside}${round[1]}`;
  const result = write(column);
  if (rule.gutter.is === 'ofColumn') {
    const share = rule.gutter.share.toFraction();
    return {
      formula: `column = ${rounded(`container / (${count} + ${gutters} × ${share})`)}`,
      numbers: rounded(`${write(wantedContainer)} / (${count} + ${gutters} × ${share})`),
      result,
    };
  }
  if (gutters === 0) return { formula: 'column = container', numbers: write(wantedContainer), result };
  return {
    formula: `column = ${rounded(`(container − ${gutters} × gutter) / ${count}`)}`,
    numbers: rounded(`(${write(wantedContainer)} − ${gutters} × ${write(gutter)}) / ${count}`),
    result,
  };
}

function explainGutter(
  rule: ColumnRule<Px>,
  { count, column, gutter, wantedContainer }: SolvedColumns,
  write: Write,
): Explanation | null {
  if (rule.gutter.is === 'held') return null;
  const result = write(gutter);
  if (rule.gutter.is === 'ofColumn') {
    const share = rule.gutter.share.toFraction();
    return { formula: `gutter = ${share} × column`, numbers: `${share} × ${write(column)}`, result };
  }
  const gutters = guttersInside(count, rule.outer);
  if (gutters === 0) return null;
  return {
    formula: `gutter = (container − ${count} × column) / ${gutters}`,
    numbers: `(${write(wantedContainer)} − ${count} × ${write(column)}) / ${gutters}`,
    result,
  };
}

function explainContainer(
  { columns }: Breakpoint,
  rule: ColumnRule<Px>,
  solved: SolvedColumns,
  write: Write,
): Explanation | null {
  const { count, column, gutter, container, wantedContainer } = solved;
  const { name, is: room } = sharedWidth(solved);
  const result = write(container);
  if (!container.equals(wantedContainer) || isMadeOfParts(rule, solved)) {
    const gutters = guttersInside(count, rule.outer);
    return {
      formula: `container = ${count} × column + ${gutters} × gutter`,
      numbers: `${count} × ${write(column)} + ${gutters} × ${write(gutter)}`,
      result,
    };
  }
  if (isShare(columns.container)) {
    const share = columns.container.share.slice(0, -1);
    const [formula, numbers] = [`${share} % of ${name}`, `${share} / 100 × ${write(room)}`];
    const { upTo } = columns.container;
    if (upTo === undefined) return { formula: `container = ${formula}`, numbers, result };
    const most = typedText(upTo);
    return { formula: `container = min(${formula}, ${most})`, numbers: `min(${numbers}, ${most})`, result };
  }
  if (rule.container.is === 'fixed') return null;
  const margins = [rule.marginStart, rule.marginEnd].map((margin) => margin ?? ZERO) as [Px, Px];
  const left = `${write(room)} − ${write(margins[0])} − ${write(margins[1])}`;
  if (rule.container.is === 'upTo' && container.equals(rule.container.width)) {
    return { formula: 'container = its greatest width', numbers: write(rule.container.width), result };
  }
  return { formula: `container = ${name} − margin − margin`, numbers: left, result };
}

/** Is the container what its columns and gutters come to, all three of which are held? */
function isMadeOfParts(rule: ColumnRule<Px>, { excess }: SolvedColumns): boolean {
  const inside = rule.count !== 'auto' && rule.column.is === 'held' && rule.gutter.is !== 'follows';
  return inside && rule.container.is !== 'fixed' && rule.container.is !== 'upTo' && excess.equals(0);
}

function explainMargin(rule: ColumnRule<Px>, solved: SolvedColumns, write: Write): Explanation | null {
  const { marginStart, marginEnd, container } = solved;
  const { name, is: room } = sharedWidth(solved);
  const { marginStart: start, marginEnd: end, align } = rule;
  if (start !== null && end !== null) return null;
  const left = `${write(room)} − ${write(container)}`;
  if (end !== null)
    return {
      formula: `start margin = ${name} − container − end margin`,
      numbers: `${left} − ${write(end)}`,
      result: write(marginStart),
    };
  if (start !== null)
    return {
      formula: `end margin = ${name} − container − start margin`,
      numbers: `${left} − ${write(start)}`,
      result: write(marginEnd),
    };
  if (align === 'start')
    return { formula: `end margin = ${name} − container`, numbers: left, result: write(marginEnd) };
  if (align === 'end')
    return { formula: `start margin = ${name} − container`, numbers: left, result: write(marginStart) };
  if (!marginStart.equals(marginEnd)) {
    return {
      formula: `start margin = ⌊(${name} − container) / 2⌋`,
      numbers: `⌊(${left}) / 2⌋`,
      result: write(marginStart),
    };
  }
  return { formula: `margin = (${name} − container) / 2`, numbers: `(${left}) / 2`, result: write(marginStart) };
}

function explainCount(
  rule: ColumnRule<Px>,
  { count, column, gutter, wantedContainer }: SolvedColumns,
  write: Write,
): Explanation | null {
  if (rule.count !== 'auto') return null;
  const [plus, added] = rule.outer === 'half' ? ['', ''] : [' + gutter', ` + ${write(gutter)}`];
  return {
    formula: `count = ⌊(container${plus}) / (column + gutter)⌋`,
    numbers: `⌊(${write(wantedContainer)}${added}) / (${write(column)} + ${write(gutter)})⌋`,
    result: String(count),
  };
}
