import type { Breakpoint, Spec } from '../spec/schema';
import { fluidColumns, newBreakpoint, newSpec } from '../document/defaults';
import { readSpec } from '../document/read';
import { usualHeight, usualNames } from '../breakpoints/usual-screens';
import { LIMITS } from '../limits';
import { type Measure, withMeasure } from '../spec/measure';
import { idOf } from '../spec/slug';
import type { Parsed } from '../parsed';
import type { Unread } from '../site/rules';

/** What of a breakpoint a file said. */
export type ReadPart = 'columns' | 'rows' | 'baseline';

/** What was understood of a file and what was not; nothing is taken yet. */
export type Reading = {
  /** What it was read as: `Style sheet`. */
  title: string;
  /** Everything that was understood, as a document that can be opened; what the file says nothing of is as in a new one. */
  document: Spec;
  /** What the file said of each breakpoint, by its id. */
  parts: Record<string, ReadPart[]>;
  /** Whose width its ranges go by; null where it does not say. */
  measure: Measure | null;
  /** Did it say the base unit and the steps? */
  spacing: boolean;
  unread: Unread[];
};

/** A breakpoint as a file has it: its name and what it says; what is not there follows from its width. */
export type ReadRange = Partial<Pick<Breakpoint, 'name' | 'from' | 'reference' | 'columns' | 'rows' | 'baseline'>>;

/**
 * A document of what was read. Breakpoints that do not say where they begin do so where they are drawn, the narrowest at 0; what has no name is called by its width.
 */
export function readingOfCss(
  title: string,
  ranges: readonly ReadRange[],
  more: { name?: string; measure?: Measure | null; spacing?: Spec['spacing'] | undefined; unread: Unread[] },
): Parsed<Reading> {
  if (ranges.length === 0) return { problem: `${title}: no breakpoint with columns was found.` };
  if (ranges.length > LIMITS.breakpoints)
    return {
      problem: `${title}: there are ${ranges.length} breakpoints; a specification can have up to ${LIMITS.breakpoints}.`,
    };
  const placed = ranges.map((range) => ({ ...range, start: range.from ?? range.reference?.width ?? 0 }));
  placed.sort((a, b) => a.start - b.start);
  const starts = placed.map(({ start, from }, index) => (index === 0 && from === undefined ? 0 : Math.round(start)));
  const widths = placed.map(({ reference }, index) => reference?.width ?? Math.max(starts[index]!, 360));
  const usual = usualNames(widths);
  const ids: string[] = [];
  const breakpoints = placed.map((range, index): Breakpoint => {
    const name = (range.name ?? usual[index]!).trim().slice(0, LIMITS.breakpointName) || usual[index]!;
    const id = idOf('range', name, ids);
    ids.push(id);
    const width = widths[index]!;
    const height = range.reference?.height ?? usualHeight(width);
    return {
      ...newBreakpoint(
        { id, name, from: starts[index]!, width, height },
        range.columns ?? fluidColumns(1, '0px', '0px'),
      ),
      rows: range.rows ?? null,
      baseline: range.baseline ?? null,
    };
  });
  const measure = more.measure ?? null;
  const own = withMeasure(
    newSpec(more.name?.trim().slice(0, LIMITS.name) || 'Import', breakpoints),
    measure ?? 'viewport',
  );
  const { value: document, problem } = readSpec({ ...own, ...(more.spacing ? { spacing: more.spacing } : {}) });
  if (!document) return { problem: `${title}: ${problem}` };
  const parts = Object.fromEntries(
    placed.map((range, index) => [
      ids[index]!,
      (['columns', 'rows', 'baseline'] as const).filter((part) => range[part] !== undefined && range[part] !== null),
    ]),
  );
  return { value: { title, document, parts, measure, spacing: more.spacing !== undefined, unread: more.unread } };
}
