import { evaluateArithmetic } from './arithmetic';
import { type Length, lengthText, parseLength } from './length';
import type { Parsed } from './parsed';

/** A length as a document holds it: text, a bare number of px, or typed arithmetic with what it comes to. */
export type LengthValue = string | number | { typed: string; is: string };

const SIGNS = /[-+*/()−×÷·]/;

/**
 * Reads what a person typed as a length. Arithmetic is kept beside its result.
 *
 *     parseLengthValue('24')             // "24px"
 *     parseLengthValue('(1440-1152)/2')  // { typed: "(1440-1152)/2", is: "144px" }
 */
export function parseLengthValue(text: string): Parsed<LengthValue> {
  const trimmed = text.trim();
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
  const parsed = parseLength(text);
  if (!parsed.value) throw new Error(parsed.problem);
  if (known.size >= MOST_KNOWN) known.clear();
  known.set(text, parsed.value);
  return parsed.value;
}

/** The value as a person typed it, px without the unit: "24", "1.5rem", "(1440-1152)/2". */
export function typedText(value: LengthValue): string {
  if (typeof value === 'object') return value.typed;
  return String(value).replace(/px$/, '');
}
