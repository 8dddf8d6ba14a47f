import Papa from 'papaparse';
import type { Parsed } from '../parsed';

/** A paste into a sheet has at most this many characters; a full sheet has about 4,000. */
export const LARGEST_PASTE = 50_000;

/** Cells as tab-separated text, which any spreadsheet takes. */
export function tabSeparated(rows: string[][]): string {
  return Papa.unparse(rows, { delimiter: '\t', newline: '\n' });
}

/**
 * The cells of tab-separated text, for a place from which there is room for so many down and across; a sentence where
 * they do not fit.
 *
 *     cellsOf('8\t16\n24\t32', { down: 2, across: 3 })   // [["8", "16"], ["24", "32"]]
 */
export function cellsOf(text: string, { down, across }: { down: number; across: number }): Parsed<string[][]> {
  if (text.length > LARGEST_PASTE) {
    return {
      problem: `The clipboard holds ${text.length.toLocaleString('en')} characters; you can paste up to ${LARGEST_PASTE.toLocaleString('en')}. Nothing was pasted.`,
    };
  }
  const rows = Papa.parse<string[]>(text.replace(/\r?\n$/, ''), { delimiter: '\t' }).data;
  const widest = Math.max(...rows.map((row) => row.length));
  if (rows.length > down || widest > across) {
    return {
      problem: `The clipboard holds ${rows.length} × ${widest} cells; there’s only room for ${down} × ${across}. Nothing was pasted.`,
    };
  }
  return { value: rows };
}
