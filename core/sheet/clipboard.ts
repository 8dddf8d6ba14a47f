import type { CellName } from '../checks/rule';
import { shown } from '../length/length';
import { decimal } from '../length/present';
import type { Parsed } from '../length/parsed';
import { byWidth } from '../spec/ranges';
import type { Spec } from '../spec/schema';
import { cellOf } from './cell-of';
import { QUANTITIES } from './quantities';
import { cellsOf, tabSeparated } from '../text/tab-separated';
import { writeCell } from './write-cell';

/** A rectangle of the sheet, by row of quantities and column of breakpoints; both ends included. */
export type SheetRange = { top: number; left: number; bottom: number; right: number };

/**
 * A range as tab-separated text for any spreadsheet. What follows is copied as its value behind an equals sign, which a
 * spreadsheet shows as the value and the sheet takes back as "follows".
 */
export function copyRange(spec: Spec, { top, left, bottom, right }: SheetRange): string {
  const breakpoints = byWidth(spec.breakpoints).slice(left, right + 1);
  const rows = QUANTITIES.slice(top, bottom + 1).map(({ id }) =>
    breakpoints.map((breakpoint) => {
      const { text, shown: value, exact, follows } = cellOf(spec, breakpoint, id);
      if (text !== '=') return text;
      return follows && exact && !/\|/.test(value) ? `= ${decimal(exact)}` : `= ${value}`;
    }),
  );
  return tabSeparated(rows);
}

/** A value that was copied behind an equals sign: a number, or two margins. */
const COPIED_FOLLOWER = /^=\s*[−≈\d.⁰¹²³⁴⁵⁶⁷⁸⁹⁄₀₁₂₃₄₅₆₇₈₉½⅓⅔¼¾⅕⅖⅗⅘⅙⅚⅛⅜⅝⅞]+( \| \S+)?$/;

/**
 * The spec after tab-separated text was pasted with its first cell at a place. All of it is taken or, when one cell is
 * not understood, nothing.
 */
export function pasteRange(
  spec: Spec,
  top: number,
  left: number,
  text: string,
): Parsed<{ spec: Spec; range: SheetRange }> {
  const ids = byWidth(spec.breakpoints).map(({ id }) => id);
  const read = cellsOf(text, { down: QUANTITIES.length - top, across: ids.length - left });
  if (!read.value) return { problem: read.problem! };
  const rows = read.value;
  let pasted = spec;
  for (const [rowIndex, row] of rows.entries()) {
    for (const [columnIndex, cell] of row.entries()) {
      const quantity = QUANTITIES[top + rowIndex]!;
      const written = pasteCell(pasted, ids[left + columnIndex]!, quantity.id, cell);
      if (!written.value)
        return {
          problem: `${quantity.label}, ${nameOf(spec, ids[left + columnIndex]!)}: ${written.problem} Nothing was pasted.`,
        };
      pasted = written.value;
    }
  }
  return {
    value: {
      spec: pasted,
      range: { top, left, bottom: top + rows.length - 1, right: left + Math.max(...rows.map((row) => row.length)) - 1 },
    },
  };
}

function nameOf(spec: Spec, id: string): string {
  return shown(spec.breakpoints.find((breakpoint) => breakpoint.id === id)!.name);
}

function pasteCell(spec: Spec, id: string, quantity: CellName, text: string): Parsed<Spec> {
  const trimmed = text.trim();
  const breakpoint = spec.breakpoints.find((candidate) => candidate.id === id)!;
  const cell = cellOf(spec, breakpoint, quantity);
  // a spreadsheet gives back the value alone
  const isValue = cell.exact !== null && trimmed === decimal(cell.exact);
  if (cell.follows && (trimmed === cell.shown || isValue)) return { value: spec };
  return writeCell(spec, id, quantity, COPIED_FOLLOWER.test(trimmed) ? '=' : trimmed);
}

/** Copies the leftmost cells of a range over the rest of it. */
export function fillRight(spec: Spec, { top, left, bottom, right }: SheetRange): Parsed<Spec> {
  const ids = byWidth(spec.breakpoints).map(({ id }) => id);
  const source = spec.breakpoints.find(({ id }) => id === ids[left])!;
  let filled = spec;
  for (const { id: quantity, label } of QUANTITIES.slice(top, bottom + 1)) {
    if (quantity === 'from' || quantity === 'name')
      return { problem: `${label} cannot be filled right: each breakpoint has its own.` };
    const { text } = cellOf(spec, source, quantity);
    for (const id of ids.slice(left + 1, right + 1)) {
      const written = writeCell(filled, id, quantity, text);
      if (!written.value) return written;
      filled = written.value;
    }
  }
  return { value: filled };
}
