import type { CellName } from '../checks/rule';
import { baselineAt } from '../baseline/baseline-at';
import { lengthOf, type LengthValue } from '../length/length-value';
import { counted, numeral } from '../length/present';
import { px, type Px } from '../length/px';
import { toPx } from '../length/resolve';
import { sizeText } from '../length/size';
import { rowSum } from '../rows/row-sum';
import { rowsAt } from '../rows/rows-at';
import { screenOf } from '../spec/ranges';
import type { Breakpoint, Spec } from '../spec/schema';
import { ROW_WORDS } from './quantities';
import { IDLE, said, type SheetCell, worked } from './sheet-cell';

const ROW_QUANTITIES = [
  'rowRule',
  'rowCount',
  'rowHeight',
  'rowGap',
  'rowTop',
  'rowBottom',
  'rowLeast',
  'rowMost',
] as const satisfies CellName[];
const BASELINE_QUANTITIES = ['step', 'baselineOffset', 'lines'] as const satisfies CellName[];

export type RowQuantity = (typeof ROW_QUANTITIES)[number];
export type BaselineQuantity = (typeof BASELINE_QUANTITIES)[number];

export function isRowQuantity(quantity: CellName): quantity is RowQuantity {
  return (ROW_QUANTITIES as readonly CellName[]).includes(quantity);
}

export function isBaselineQuantity(quantity: CellName): quantity is BaselineQuantity {
  return (BASELINE_QUANTITIES as readonly CellName[]).includes(quantity);
}

/** The cell of a quantity of the rows, solved at the reference height. */
export function rowCell(spec: Spec, breakpoint: Breakpoint, quantity: RowQuantity): SheetCell {
  const { rows } = breakpoint;
  if (quantity === 'rowRule') return said(ROW_WORDS[rows?.rule ?? 'none']);
  const solved = rowsAt(spec, breakpoint);
  if (rows === null || solved === null) return IDLE;
  const given = (value: LengthValue): SheetCell => lengthCell(spec, breakpoint, value);
  const sum = rowSum(solved, px(breakpoint.reference.height));
  switch (quantity) {
    case 'rowCount':
      return rows.rule === 'divide' ? said(String(rows.count)) : worked(String(sum.whole), px(sum.whole));
    case 'rowHeight':
      if (rows.rule === 'divide') return worked(numeral(solved.height), solved.height);
      return rows.rule === 'repeat' ? given(rows.height) : linesCell(rows.lines, solved.height);
    case 'rowGap':
      return rows.rule === 'modules' ? linesCell(rows.between, solved.gap) : given(rows.gap);
    case 'rowTop':
      if (rows.rule === 'modules') return worked(numeral(solved.offset), solved.offset);
      return given(rows.rule === 'divide' ? rows.marginTop : rows.offset);
    case 'rowBottom':
      return rows.rule === 'divide' ? given(rows.marginBottom) : worked(numeral(sum.left), sum.left);
    case 'rowLeast':
      return rows.rule === 'divide' ? heightCell(rows.minHeight, given) : IDLE;
    case 'rowMost':
      return rows.rule === 'divide' ? heightCell(rows.maxHeight, given) : IDLE;
  }
}

/** A least or greatest height, which divided rows may do without. */
function heightCell(value: LengthValue | undefined, given: (value: LengthValue) => SheetCell): SheetCell {
  return value === undefined ? said('none') : given(value);
}

/** The cell of a quantity of the baseline. */
export function baselineCell(spec: Spec, breakpoint: Breakpoint, quantity: BaselineQuantity): SheetCell {
  const { baseline } = breakpoint;
  if (baseline === null) return quantity === 'step' ? said('none') : IDLE;
  if (quantity === 'step') return lengthCell(spec, breakpoint, baseline.step);
  if (quantity === 'baselineOffset') return lengthCell(spec, breakpoint, baseline.offset);
  const { step, offset } = baselineAt(spec, breakpoint)!;
  if (step.equals(0)) return IDLE;
  const lines = px(breakpoint.reference.height).sub(offset).div(step);
  return worked(numeral(lines), lines);
}

function lengthCell(spec: Spec, breakpoint: Breakpoint, value: LengthValue): SheetCell {
  const exact = toPx(lengthOf(value), screenOf(spec, breakpoint), 'height');
  const text = sizeText(value);
  return { text, shown: text, follows: false, px: /^[\d.]+$/.test(text) ? null : numeral(exact), exact };
}

function linesCell(lines: number, exact: Px): SheetCell {
  const text = counted(lines, 'line');
  return { text, shown: text, follows: false, px: numeral(exact), exact };
}
