import { evaluateArithmetic } from './arithmetic';
import { exactLength, type Length, lengthText, parseLength, shown } from './length';
import type { Parsed } from '../parsed';

/** A length as a document holds it: text, a bare number of px, or typed arithmetic with what it comes to. */
export type LengthValue = string | number | { typed: string; is: string };

const SIGNS = /[-+*/()−×÷·]/;

/** A comma between digits. Before three digits it may as well mark thousands. */
const COMMA = /(\d),(\d+)/g;

/** Decimal commas as points; what could be read either way is refused. */
function withPoints(text: string): Parsed<string> {
  for (const [written, before, after] of text.matchAll(COMMA))
    if (after!.length === 3)
      return {
        problem: `“${shown(written)}” could mean ${before}.${after} or ${before}${after}. Use a point or leave out the comma.`,
      };
  return { value: text.replace(COMMA, '$1.$2') };
}

/**
 * Reads what a person typed as a length. Arithmetic is kept beside its result; a decimal comma is taken where it can be
 * nothing else.
 *
 *     parseLengthValue('24')             // "24px"
 *     parseLengthValue('1,5rem')         // "1.5rem"
 *     parseLengthValue('(1512-1296)/2')  // { typed: "(1512-1296)/2", is: "108px" }
 */
export function parseLengthValue(text: string): Parsed<LengthValue> {
  const pointed = withPoints(text);
  if (pointed.problem !== undefined) return pointed;
  const trimmed = pointed.value.trim();
  const plain = parseLength(trimmed);
  if (plain.value && !trimmed.includes('/')) return { value: lengthText(plain.value) };
  const isSum = SIGNS.test(trimmed.slice(1)) || trimmed.startsWith('(');
  if (!isSum) return { problem: plain.problem ?? '' };
  const sum = evaluateArithmetic(trimmed);
  return sum.value ? { value: { typed: trimmed, is: lengthText(sum.value) } } : { problem: sum.problem! };
}

/** A document names the same few lengths again and again, and a check of it asks for each some hundred times. */
const known = new Map<string, Length>();
const MOST_KNOWN = 2000;

/**
 * The length that a document's value stands for.
 *
 * @throws when the value is no length; documents are checked by the schema first
 */
export function lengthOf(value: LengthValue): Length {
  const text = String(typeof value === 'object' ? value.is : value);
  const read = known.get(text);
  if (read) return read;
  // a value that was worked out and is tried, such as that of a mend, may be more than a document keeps
  const length = exactLength(text);
  if (!length) throw new Error(parseLength(text).problem);
  if (known.size >= MOST_KNOWN) known.clear();
  known.set(text, length);
  return length;
}

/** The value as a person typed it, px without the unit: "24", "1.5rem", "(1512-1296)/2". */
export function typedText(value: LengthValue): string {
  if (typeof value === 'object') return value.typed;
  return String(value).replace(/px$/, '');
}
