import Papa from 'papaparse';

/** What a spreadsheet would run as a formula; a number with its sign is none. */
const FORMULA = /^[=+\-@\t\r](?!\d)/;

/** Cells as CSV (RFC 4180). A cell that a spreadsheet would take for a formula begins with an apostrophe. */
export function commaSeparated(rows: string[][]): string {
  return `${Papa.unparse(rows, { newline: '\r\n', escapeFormulae: FORMULA })}\r\n`;
}
