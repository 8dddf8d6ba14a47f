import type Fraction from 'fraction.js';
import { decimal, numeral } from '../length/present';
import type { Px } from '../length/px';

/** What a quantity says now. */
export type Reading = {
  /** The text as a person types or edits it. */
  text: string;
  /** The text at rest; for a quantity that follows, its value. */
  shown: string;
  follows: boolean;
  /** The value in px, where the text does not say it. */
  px: string | null;
  /** Is something else drawn than what was given? Then `px` says what. */
  overruled?: boolean;
  /** The exact value in px, for hover and copy. */
  exact: Fraction | null;
  /** Nothing can stand here as long as the rule of the rows is another. */
  idle?: true;
};

/** What was given. */
export function said(text: string): Reading {
  return { text, shown: text, follows: false, px: null, exact: null };
}

/** What follows from the others. */
export function worked(value: string, exact: Fraction): Reading {
  return { text: '=', shown: value, follows: true, px: null, exact };
}

/** A length that was given, with its px where the text does not say them. */
export function given(text: string, exact: Fraction): Reading {
  return { text, shown: text, follows: false, px: /^[\d.]+$/.test(text) ? null : numeral(exact), exact };
}

/** What cannot stand here now. */
export const IDLE: Reading = { text: '', shown: '–', follows: false, px: null, exact: null, idle: true };

/** What a field starts with; left as it is, it changes nothing. */
export function fieldText({ text, shown }: Reading): string {
  return text === '=' ? shown : text;
}

/** One value: as a person reads it (`78¼`), as it is copied (`78.25`), and what stands under it. */
export type ReadValue = { shown: string; copy: string; note?: string };

/** A length as a reader takes it: a fraction to read, its decimal to copy. */
export function lengthValue(value: Px): ReadValue {
  return { shown: numeral(value), copy: decimal(value) };
}

/** Words, read as they are copied. */
export function words(text: string): ReadValue {
  return { shown: text, copy: text };
}
