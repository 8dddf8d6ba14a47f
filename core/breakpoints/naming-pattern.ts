import { columnsAt } from '../columns/columns-at';
import type { Parsed } from '../parsed';
import { decimal } from '../length/present';
import { baseUnit } from '../spacing/scale';
import type { Breakpoint, Spec } from '../spec/schema';

/** What stands in braces in a naming pattern, and what each is for a breakpoint. */
const PARTS = {
  name: (_spec: Spec, { name }: Breakpoint) => name,
  count: (spec: Spec, breakpoint: Breakpoint) => String(columnsAt(spec, breakpoint).count),
  column: (spec: Spec, breakpoint: Breakpoint) => decimal(columnsAt(spec, breakpoint).column),
  gutter: (spec: Spec, breakpoint: Breakpoint) => decimal(columnsAt(spec, breakpoint).gutter),
  margin: (spec: Spec, breakpoint: Breakpoint) => decimal(columnsAt(spec, breakpoint).marginStart),
  container: (spec: Spec, breakpoint: Breakpoint) => decimal(columnsAt(spec, breakpoint).container),
  width: (_spec: Spec, { reference }: Breakpoint) => String(reference.width),
  height: (_spec: Spec, { reference }: Breakpoint) => String(reference.height),
  from: (_spec: Spec, { from }: Breakpoint) => String(from),
  base: (spec: Spec) => decimal(baseUnit(spec)),
};

/** The longest pattern. */
export const LONGEST_PATTERN = 200;

const NAMES = Object.keys(PARTS);

/** A pattern that can be used, or the sentence that says what in it cannot. */
export function readPattern(text: string): Parsed<string> {
  const pattern = text.trim();
  if (pattern.length > LONGEST_PATTERN)
    return { problem: `A naming pattern has at most ${LONGEST_PATTERN} characters.` };
  const wrong = [...pattern.matchAll(/\{([^{}]*)\}/g)].map(([, part]) => part!).find((part) => !NAMES.includes(part));
  if (wrong !== undefined)
    return {
      problem: `A pattern can’t use {${wrong.slice(0, 40)}}. Use ${NAMES.map((each) => `{${each}}`).join(', ')}.`,
    };
  if (/[{}]/.test(pattern.replace(/\{[a-z]+\}/g, '')))
    return { problem: 'A brace is missing its partner. Write {count}.' };
  return { value: pattern };
}

/**
 * The name of a breakpoint’s grid by a team’s pattern.
 *
 *     patternName('{name}: {count} × {column} + {gutter}', spec, desktop)   // "Desktop: 12 × 86 + 24"
 */
export function patternName(pattern: string, spec: Spec, breakpoint: Breakpoint): string {
  return pattern.replace(/\{([a-z]+)\}/g, (whole, part: string) =>
    Object.hasOwn(PARTS, part) ? PARTS[part as keyof typeof PARTS](spec, breakpoint) : whole,
  );
}
