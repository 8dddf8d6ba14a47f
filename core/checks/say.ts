import { numeral, spoken } from '../length/present';
import { px } from '../length/px';

/** Names, counts and lengths behind a sentence; a length is exact text, in px. */
export type Facts = Readonly<Record<string, string | number>>;

/** A length as a figure: `77½`. */
export function figure(length: string | number | undefined): string {
  return numeral(px(length!));
}

/** A length within a sentence: `1,328`. */
export function lengthInWords(length: string | number | undefined): string {
  return spoken(px(length!));
}
