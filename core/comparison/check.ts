import { counted } from '../length/present';

/** One thing of a specification, held against a page. */
export type Check = {
  /** The breakpoint's name. */
  breakpoint: string;
  /** What is held: `Gutter`, `Front, map`. */
  quantity: string;
  /** The viewport widths at which it differs, or all that were tried: `1200–1511`. */
  at: string;
  specification: string;
  page: string;
  verdict: 'same' | 'differs' | 'not-checked';
  /** What differs, or why it was not checked, in a sentence; empty where all is well. */
  sentence: string;
  /** Of what was not checked: where the reason stands, as file, line and column. */
  where?: string;
};

/** Why something was not checked, and where that stands. */
export type Reason = { why: string; where?: string };

/** A check that could not be made. */
export function notChecked(breakpoint: string, quantity: string, { why, where }: Reason, at = ''): Check {
  const sentence = `${breakpoint}, ${quantity.toLowerCase()}: not checked${at === '' ? '' : ` at ${at} px`}. ${why}`;
  const place = where === undefined ? {} : { where };
  return { breakpoint, quantity, at, specification: '', page: '', verdict: 'not-checked', sentence, ...place };
}

/** A quantity of a page and of a specification at a width. */
export type Held = { width: number; specification: string; page: string; isSame: boolean };

/** How a quantity is called, and said of a page and of a specification: `a gutter of 20 px`, `12 columns`. */
export type Called = { quantity: string; unit: string; said: (value: string) => string };

/** A length by its name: `a gutter of 20 px`. */
export function lengthCalled(quantity: string): Called {
  return {
    quantity,
    unit: ' px',
    said: (value) => `${/^[aeiou]/i.test(quantity) ? 'an' : 'a'} ${quantity.toLowerCase()} of ${value} px`,
  };
}

/** A count of things: `12 columns`. */
export function countCalled(quantity: string, thing: string): Called {
  return { quantity, unit: '', said: (value) => counted(Number(value), thing) };
}

/** What was held at several widths, as one check: of widths at which it differs, the first says how. */
export function checkOf(breakpoint: string, { quantity, unit, said }: Called, held: readonly Held[]): Check {
  const off = held.filter(({ isSame }) => !isSame);
  const shown = (off.length > 0 ? off : held)[0]!;
  const widths = (off.length > 0 ? off : held).map(({ width }) => width);
  const at = widthsText(widths);
  const where = widths.length > 1 ? `at ${shown.width} px; it is off at ${at} px` : `at ${at} px`;
  return {
    breakpoint,
    quantity,
    at,
    specification: shown.specification + unit,
    page: shown.page + unit,
    verdict: off.length === 0 ? 'same' : 'differs',
    sentence:
      off.length === 0
        ? ''
        : `${breakpoint}: the page has ${said(shown.page)} where the specification has ${shown.specification}${unit} (${where}).`,
  };
}

/** `1200–1511`, or one width. */
export function widthsText(widths: readonly number[]): string {
  const [first, last] = [Math.min(...widths), Math.max(...widths)];
  return first === last ? String(first) : `${first}–${last}`;
}
