import { shown } from '../length/length';
import type { Parsed } from '../parsed';

const RANGE = /^(\d+)\s*(?:to|–|-|\.\.)\s*(\d+)$/i;

export type NumbersAsked = { name: string; least: number; most: number };

/**
 * Whole numbers as a person types them: one, several, ranges.
 *
 *     readNumbers('10 12 16', { name: 'count', least: 1, most: 64 })   // [10, 12, 16]
 *     readNumbers('1140, 1200 to 1203', { name: 'container', least: 1, most: 9999 })   // [1140, 1200, 1201, 1202, 1203]
 */
export function readNumbers(text: string, asked: NumbersAsked): Parsed<number[]> {
  const parts = listed(text)
    .split(',')
    .map((part) => part.trim());
  const numbers = new Set<number>();
  for (const part of parts) {
    const range = RANGE.exec(part);
    const [from, to] = range ? [Number(range[1]), Number(range[2])] : [Number(part), Number(part)];
    const problem =
      part !== '' && (range || /^\d+$/.test(part)) ? problemOfRange(from, to, asked) : notNumbers(text, asked);
    if (problem) return { problem };
    for (let number = from; number <= to; number++) numbers.add(number);
  }
  return { value: [...numbers].sort((a, b) => a - b) };
}

/** A range of two whole numbers, or one number for both ends: `0 to 48`. */
export function readRange(text: string, asked: NumbersAsked): Parsed<{ from: number; to: number }> {
  const numbers = readNumbers(text, asked);
  if (numbers.problem !== undefined) return numbers;
  if (listed(text).includes(',')) return { problem: `The ${asked.name} is one range, such as 0 to 48.` };
  return { value: { from: numbers.value[0]!, to: numbers.value.at(-1)! } };
}

/** Numbers with nothing but a space between them are a list too: `10 12 16`. */
function listed(text: string): string {
  return text.trim().replace(/(\d)\s+(?=\d)/g, '$1, ');
}

function problemOfRange(from: number, to: number, { name, least, most }: NumbersAsked): string | null {
  if (from > to) return `${from} to ${to} is the wrong way round. Enter ${to} to ${from}.`;
  if (from < least || to > most)
    return `The ${name} goes from ${least} to ${most}; ${from < least ? from : to} is outside that.`;
  return null;
}

function notNumbers(text: string, { name, least }: NumbersAsked): string {
  const example = Math.max(least, 8);
  const right = `whole numbers or a range, such as ${example} or ${example} to ${example * 2}`;
  return text.trim() === '' ? `Enter a ${name}: ${right}.` : `“${shown(text)}” isn’t a ${name}. Enter ${right}.`;
}
