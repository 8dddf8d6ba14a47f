import type Fraction from 'fraction.js';

/** What a cell of the sheet holds. */
export type SheetCell = {
  /** The text as a person types or edits it. */
  text: string;
  /** The text at rest; for a quantity that follows, its value. */
  shown: string;
  follows: boolean;
  /** The value in px, where the text does not say it. */
  px: string | null;
  /** The exact value in px, for hover and copy. */
  exact: Fraction | null;
  /** Nothing can stand here as long as the rule of the rows is another. */
  idle?: true;
};

/** A cell that says what was given. */
export function said(text: string): SheetCell {
  return { text, shown: text, follows: false, px: null, exact: null };
}

/** A cell whose value follows from the others. */
export function worked(value: string, exact: Fraction): SheetCell {
  return { text: '=', shown: value, follows: true, px: null, exact };
}

/** A cell in which nothing can stand now. */
export const IDLE: SheetCell = { text: '', shown: '–', follows: false, px: null, exact: null, idle: true };
