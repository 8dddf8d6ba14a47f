import { baselineAt } from '../baseline/baseline-at';
import { type Px, px, ZERO } from '../length/px';
import { rowsAt } from '../rows/rows-at';
import { baseUnit } from '../spacing/scale';
import { screenOf } from '../spec/ranges';
import type { Breakpoint, Section, Spec } from '../spec/schema';
import { type Even, type RowFrame, rowFrame } from './row-frame';

/** What is counted: rows of the breakpoint, baselines where it has none that go on, base units where it has neither. */
export type UnitName = 'row' | 'baseline' | 'unit';

/** One of what is counted, and the gap to the next. */
export type Unit = Pick<Even, 'height' | 'gap'> & { name: UnitName };

/** How rows are counted at a breakpoint, at a screen of a width and a height. */
export type RowFrames = {
  /** Do rows go on down the page, through all sections? Else each section counts its own, from its top. */
  goOn: boolean;
  /** Rows of a section that is as tall as its content, whose top is given. */
  content: (top: Px) => RowFrame;
  /** The same rows, counted from a section's own top. */
  fromTop: (top: Px) => RowFrame;
  /** Rows of a section that is as tall as the screen. */
  screen: (top: Px) => RowFrame;
  /** How tall such a section is: the screen, within the least and the greatest that divided rows share. */
  screenHeight: Px;
  /** Bars above and below the page. */
  sides: { top: Px; bottom: Px };
  /** The rows by which blocks of a section say how tall they are, and of a card there that has none of its own. */
  unit: Record<Section['tall'], Unit>;
  /** A baseline step where one stands, else a base unit; and a base unit. */
  line: Px;
  base: Px;
};

/**
 * Repeating rows and modules go on from the top of the page; divided rows belong to each screen, and other sections beside
 * them count baselines, else base units. Where there are no rows, baselines are counted, else base units.
 */
export function rowFramesAt(spec: Spec, breakpoint: Breakpoint, width: Px | number, height: Px | number): RowFrames {
  const rows = rowsAt(spec, breakpoint, height, width);
  const sides = screenOf(spec, breakpoint, width, height).frame ?? { top: ZERO, bottom: ZERO };
  const lines = baselineRows(spec, breakpoint, width, height);
  const steps = { line: lines.height, base: countableBase(spec) };
  // rows that leave no room for themselves are reported elsewhere, and cannot be counted
  const isCountable = rows !== null && rows.height.add(rows.gap).compare(0) > 0;
  if (rows?.rule === 'divide') {
    const { screen, offset, height: row, gap } = rows;
    const content = (top: Px): RowFrame => rowFrame({ origin: top, ...lines });
    const divided = (top: Px): RowFrame =>
      isCountable ? rowFrame({ origin: top, offset, height: row, gap }) : content(top);
    const unit = { content: lines, screen: isCountable ? { name: 'row' as const, height: row, gap } : lines };
    return { goOn: false, content, fromTop: content, screen: divided, screenHeight: screen, sides, unit, ...steps };
  }
  const even = isCountable ? { name: 'row' as const, offset: rows.offset, height: rows.height, gap: rows.gap } : lines;
  const page = rowFrame({ origin: sides.top, ...even });
  return {
    goOn: true,
    content: () => page,
    fromTop: (top) => rowFrame({ origin: top, ...even }),
    screen: () => page,
    screenHeight: px(height).sub(sides.top).sub(sides.bottom),
    sides,
    unit: { content: even, screen: even },
    ...steps,
  };
}

/** Baselines as rows without gaps, else base units; px where that is 0. */
function baselineRows(
  spec: Spec,
  breakpoint: Breakpoint,
  width: Px | number,
  height: Px | number,
): Omit<Even, 'origin'> & { name: UnitName } {
  const baseline = baselineAt(spec, breakpoint, px(height).valueOf(), width);
  if (baseline && baseline.step.compare(0) > 0)
    return { name: 'baseline', offset: baseline.offset, height: baseline.step, gap: ZERO };
  return { name: 'unit', offset: ZERO, height: countableBase(spec), gap: ZERO };
}

/** A base unit by which something can be counted: a px where it is 0. */
export function countableBase(spec: Spec): Px {
  const base = baseUnit(spec);
  return base.equals(0) ? px(1) : base;
}
