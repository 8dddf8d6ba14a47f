import { decimal } from '../length/present';
import type { Parsed } from '../parsed';
import type { CellQuantity } from '../quantities/quantity';
import { QUANTITIES } from '../quantities/registry';
import { writeQuantity } from '../quantities/write-quantity';
import { byWidth } from '../spec/ranges';
import type { Breakpoint, Spec } from '../spec/schema';
import { cellsOf, tabSeparated } from '../text/tab-separated';
import type { Rows, SheetRange } from './place';
import { placeName } from './write-places';

/**
 * A range as tab-separated text for any spreadsheet. What follows is copied as its value behind an equals sign, which a
 * spreadsheet shows as the value and the sheet takes back as "follows".
 */
export function copyRange(
  spec: Spec,
  { top, left, bottom, right }: SheetRange,
  rows: Rows<string> = QUANTITIES,
): string {
  const breakpoints = byWidth(spec.breakpoints).slice(left, right + 1);
  const cells = rows
    .slice(top, bottom + 1)
    .map((quantity) => breakpoints.map((breakpoint) => copied(spec, breakpoint, quantity)));
  return tabSeparated(cells);
}

function copied(spec: Spec, breakpoint: Breakpoint, quantity: CellQuantity): string {
  const { text, shown: value, exact, follows } = quantity.read(spec, breakpoint);
  if (text !== '=') return text;
  return follows && exact && !/\|/.test(value) ? `= ${decimal(exact)}` : `= ${value}`;
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
  rows: Rows<string> = QUANTITIES,
): Parsed<{ spec: Spec; range: SheetRange }> {
  const ids = byWidth(spec.breakpoints).map(({ id }) => id);
  const read = cellsOf(text, { down: rows.length - top, across: ids.length - left });
  if (!read.value) return { problem: read.problem! };
  let pasted = spec;
  for (const [down, cells] of read.value.entries()) {
    for (const [across, cell] of cells.entries()) {
      const [quantity, breakpoint] = [rows[top + down]!, ids[left + across]!];
      const written = pasteCell(pasted, breakpoint, quantity, cell);
      if (!written.value) {
        const place = placeName(spec, rows, { breakpoint, quantity: quantity.id });
        return { problem: `${place}: ${written.problem} Nothing was pasted.` };
      }
      pasted = written.value;
    }
  }
  const widest = Math.max(...read.value.map((cells) => cells.length));
  const range = { top, left, bottom: top + read.value.length - 1, right: left + widest - 1 };
  return { value: { spec: pasted, range } };
}

function pasteCell(spec: Spec, id: string, quantity: CellQuantity, text: string): Parsed<Spec> {
  const trimmed = text.trim();
  const breakpoint = spec.breakpoints.find((candidate) => candidate.id === id)!;
  const cell = quantity.read(spec, breakpoint);
  // a spreadsheet gives back the value alone
  const isValue = cell.exact !== null && trimmed === decimal(cell.exact);
  if (cell.follows && (trimmed === cell.shown || isValue)) return { value: spec };
  return writeQuantity(spec, quantity, id, COPIED_FOLLOWER.test(trimmed) ? '=' : trimmed);
}

/** Copies the leftmost cells of a range over the rest of it. */
export function fillRight(
  spec: Spec,
  { top, left, bottom, right }: SheetRange,
  rows: Rows<string> = QUANTITIES,
): Parsed<Spec> {
  const ids = byWidth(spec.breakpoints).map(({ id }) => id);
  const source = spec.breakpoints.find(({ id }) => id === ids[left])!;
  let filled = spec;
  for (const quantity of rows.slice(top, bottom + 1)) {
    if (quantity.isOwn) return { problem: `${quantity.label} can’t be filled right: each breakpoint has its own.` };
    const { text } = quantity.read(spec, source);
    for (const id of ids.slice(left + 1, right + 1)) {
      const written = writeQuantity(filled, quantity, id, text);
      if (!written.value) return written;
      filled = written.value;
    }
  }
  return { value: filled };
}
