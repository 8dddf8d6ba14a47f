import type { Parsed } from '../parsed';
import { lengthText, parseLength, shown } from './length';

/** Lengths added up, those with a minus taken off, where one unit cannot say them: `100% - 40`. */
export type LengthSum = { sum: string[] };

export const [LEAST_TERMS, MOST_TERMS] = [2, 6];

/** The term of a margin that stands for what a screen keeps free at that side by itself: `20px + safe`. */
export const SAFE = 'safe';

export function isSum(value: unknown): value is LengthSum {
  return typeof value === 'object' && value !== null && 'sum' in value;
}

/** The lengths of a sum, each with whether it is taken off: of `100% - 40`, 100% and then 40px. */
export function termsOf({ sum }: LengthSum): { length: string; isLess: boolean }[] {
  return sum.map((text) => ({ length: text.replace(/^-/, ''), isLess: text.startsWith('-') }));
}

/**
 * What a sum comes to, over any kind of number.
 *
 *     addedUp({ sum: ['100%', '-40px'] }, length, exactNumbers)   // 1472 at 1512
 */
export function addedUp<T>(
  value: LengthSum,
  length: (text: string) => T,
  { add, sub }: { add(a: T, b: T): T; sub(a: T, b: T): T },
): T {
  const [first, ...rest] = termsOf(value).map((term) => ({ ...term, is: length(term.length) }));
  const start = first!.isLess ? sub(sub(first!.is, first!.is), first!.is) : first!.is;
  return rest.reduce((total, { is, isLess }) => (isLess ? sub(total, is) : add(total, is)), start);
}

/** The sum as a person types it: `100% - 40`. */
export function sumText(value: LengthSum): string {
  return termsOf(value)
    .map(({ length, isLess }, index) => {
      const text = length.replace(/px$/, '');
      return index === 0 ? (isLess ? `-${text}` : text) : `${isLess ? '-' : '+'} ${text}`;
    })
    .join(' ');
}

/**
 * Reads a sum of lengths of different units; null where it is none, and where one unit says it (that is arithmetic).
 *
 *     readSum('50vw - 12')                         // { sum: ['50vw', '-12px'] }
 *     readSum('20 + safe', { mayBeSafe: true })    // { sum: ['20px', 'safe'] }
 *
 * @param mayBeSafe may `safe` be one of its terms? In margins alone
 */
export function readSum(typed: string, { mayBeSafe = false } = {}): Parsed<LengthSum> | null {
  const parts = typed
    .replace(/^calc\((.*)\)$/i, '$1')
    .replaceAll('−', '-')
    .trim()
    .split(mayBeSafe ? /\s*([+-])\s*(?=[\d.]|safe\b)/i : /\s*([+-])\s*(?=[\d.])/);
  const texts = parts[0] === '' ? parts.slice(1) : ['+', ...parts];
  const signs = texts.filter((_, index) => index % 2 === 0);
  const terms = texts.filter((_, index) => index % 2 === 1).map((text) => termOf(text, mayBeSafe));
  if (terms.length < LEAST_TERMS || terms.includes(null)) return null;
  const units = new Set(terms.map((term) => /[a-z%]+$/.exec(term!)?.[0]));
  if (units.size === 1 && !units.has(SAFE)) return null;
  if (terms.length > MOST_TERMS)
    return { problem: `“${shown(typed)}” adds up ${terms.length} lengths; the maximum is ${MOST_TERMS}.` };
  return {
    value: { sum: terms.map((term, index) => `${signs[index] === '-' ? '-' : ''}${term!}`) },
  };
}

/** One term as a document has it; null where it is no length. */
function termOf(text: string, mayBeSafe: boolean): string | null {
  if (mayBeSafe && text.toLowerCase() === SAFE) return SAFE;
  const { value } = parseLength(text);
  return value ? lengthText(value) : null;
}
