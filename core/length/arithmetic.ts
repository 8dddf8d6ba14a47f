import { unitPattern } from './units';
import Fraction from 'fraction.js';
import { decimalOrFraction, LARGEST, type Length, parseLength, shown } from './length';
import { type Unit } from './units';
import type { Parsed } from '../parsed';

/** A value inside a sum: with a unit it is a length, without one a plain number. */
type Term = { amount: Fraction; unit: Unit | null };

const LONGEST = 200;
const TOKEN = new RegExp(String.raw`\s*(?:(\d+(?:\.\d+)?|\.\d+)(?:\s*(${unitPattern()}))?|([-+*/()−×÷·]))`, 'iy');

/**
 * Works out typed arithmetic exactly: + − × ÷ and brackets over lengths of one unit and plain numbers. A result
 * without a unit is px. Exact and with units, which is why no general expression library serves here.
 *
 *     evaluateArithmetic('(1512-1296)/2')   // 108 px
 *     evaluateArithmetic('2 * 1.5rem')      // 3 rem
 *     evaluateArithmetic('1rem + 4px')      // a problem: the units differ
 */
export function evaluateArithmetic(text: string): Parsed<Length> {
  if (text.length > LONGEST)
    return { problem: `That sum is ${text.length} characters long; ${LONGEST} is the maximum.` };
  const tokens = tokenise(text);
  if (tokens.problem !== undefined) return { problem: tokens.problem };
  try {
    const { amount, unit } = new Reader(tokens.value, text).whole();
    if (amount.compare(0) < 0)
      return { problem: `${shown(text)} equals ${decimalOrFraction(amount)}. Enter 0 or more.` };
    if (amount.compare(LARGEST) > 0)
      return { problem: `${shown(text)} is wider than any screen; the maximum is 100,000.` };
    const { problem } = parseLength(decimalOrFraction(amount));
    if (problem) return { problem: `${shown(text)} gives a number that can’t be stored: ${problem}` };
    return { value: { amount, unit: unit ?? 'px' } };
  } catch (error) {
    if (error instanceof Unreadable) return { problem: error.message };
    throw error;
  }
}

class Unreadable extends Error {}

type Token = Term | string;

function tokenise(text: string): Parsed<Token[]> {
  const tokens: Token[] = [];
  const source = text.trimEnd();
  TOKEN.lastIndex = 0;
  while (TOKEN.lastIndex < source.length) {
    const at = TOKEN.lastIndex;
    const match = TOKEN.exec(source);
    if (!match)
      return {
        problem: `“${shown(source.slice(at).trim())}” can’t be used in a calculation. Use numbers, + − × ÷ and brackets, such as (1512-1296)/2.`,
      };
    const [, digits, unit, sign] = match;
    tokens.push(
      digits === undefined
        ? plainSign(sign!)
        : { amount: new Fraction(digits), unit: (unit?.toLowerCase() as Unit) ?? null },
    );
  }
  return { value: tokens };
}

function plainSign(sign: string): string {
  return { '−': '-', '×': '*', '·': '*', '÷': '/' }[sign] ?? sign;
}

/** Reads sums before products before brackets, left to right. */
class Reader {
  private at = 0;
  constructor(
    private readonly tokens: Token[],
    private readonly text: string,
  ) {}

  whole(): Term {
    const result = this.sum();
    if (this.at < this.tokens.length) throw this.stopped();
    return result;
  }

  private sum(): Term {
    let left = this.product();
    for (let sign = this.sign('+', '-'); sign; sign = this.sign('+', '-')) {
      const right = this.product();
      left = {
        amount: sign === '+' ? left.amount.add(right.amount) : left.amount.sub(right.amount),
        unit: oneUnit(left, right),
      };
    }
    return left;
  }

  private product(): Term {
    let left = this.single();
    for (let sign = this.sign('*', '/'); sign; sign = this.sign('*', '/')) {
      const right = this.single();
      left = sign === '*' ? multiply(left, right) : divide(left, right);
    }
    return left;
  }

  private single(): Term {
    const token = this.tokens[this.at++];
    if (token === '-') {
      const { amount, unit } = this.single();
      return { amount: amount.neg(), unit };
    }
    if (token === '(') {
      const inside = this.sum();
      if (!this.sign(')')) throw new Unreadable(`Close the bracket in “${shown(this.text)}”.`);
      return inside;
    }
    if (token === undefined || typeof token === 'string') throw this.stopped();
    return token;
  }

  private sign(...wanted: string[]): string | null {
    const token = this.tokens[this.at];
    if (typeof token !== 'string' || !wanted.includes(token)) return null;
    this.at++;
    return token;
  }

  private stopped(): Unreadable {
    return new Unreadable(`“${shown(this.text)}” isn’t complete. Write it like (1512-1296)/2.`);
  }
}

function oneUnit(left: Term, right: Term): Unit | null {
  const [a, b] = [left.unit, right.unit];
  if (a === b) return a;
  if ((a ?? 'px') === (b ?? 'px')) return 'px';
  throw new Unreadable(`${a ?? 'px'} and ${b ?? 'px'} can’t be added. Use one unit.`);
}

function multiply(left: Term, right: Term): Term {
  if (left.unit && right.unit)
    throw new Unreadable('A length can’t be multiplied by a length. Multiply by a plain number.');
  return { amount: left.amount.mul(right.amount), unit: left.unit ?? right.unit };
}

function divide(left: Term, right: Term): Term {
  if (right.amount.equals(0)) throw new Unreadable('You can’t divide by zero.');
  // a unit behind a fraction is the whole fraction's: 1/4 rem
  if (right.unit && !left.unit) return { amount: left.amount.div(right.amount), unit: right.unit };
  if (right.unit && right.unit !== left.unit) throw new Unreadable('A length can only be divided by a plain number.');
  return { amount: left.amount.div(right.amount), unit: right.unit ? null : left.unit };
}
