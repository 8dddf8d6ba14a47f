import * as z from 'zod';

/** The greatest number that the database keeps in an `integer` column. */
const GREATEST = 2 ** 31 - 1;

const SAYS = `A revision is a whole number from 1 to ${GREATEST.toLocaleString('en')}.`;

/** The number of a revision, in a body. */
export const revisionNumber = z.int(SAYS).min(1, SAYS).max(GREATEST, SAYS);

/** The number of a revision as it stands in an address or a header; null: none. */
export function readRevision(text: unknown): number | null {
  return typeof text === 'string' && /^[1-9]\d{0,9}$/.test(text) && Number(text) <= GREATEST ? Number(text) : null;
}

/** The number of a row, as it stands in an address. */
export function isNumber(part: string): boolean {
  return /^\d{1,18}$/.test(part);
}
