import { type Space, spaceText } from '../columns/relation';
import type { Baseline, Breakpoint, Rows } from '../spec/schema';

/** The ways to lay rows. */
export type RowRule = Rows['rule'];

/**
 * The rows of a breakpoint under another rule, or without any. What both rules have is kept; the rest starts with what
 * is usual: bands of one base unit, squares, six divided rows from edge to edge, modules of six baselines.
 */
export function withRowRule(breakpoint: Breakpoint, rule: RowRule | null, base: string): Breakpoint {
  const { rows } = breakpoint;
  if (rule === (rows?.rule ?? null)) return breakpoint;
  const gap = rows && 'gap' in rows ? rows.gap : base;
  switch (rule) {
    case null:
      return { ...breakpoint, rows: null };
    case 'repeat':
      return {
        ...breakpoint,
        rows: { rule, height: base, gap, offset: topOf(rows) },
      };
    case 'fields':
      return {
        ...breakpoint,
        rows: { rule, ratio: '1', gap: rows && 'gap' in rows ? gap : { ofGutter: '1' }, offset: topOf(rows) },
      };
    case 'divide': {
      return { ...breakpoint, rows: { rule, count: 6, gap, marginTop: topOf(rows), marginBottom: '0px' } };
    }
    case 'modules':
      return {
        ...breakpoint,
        rows: { rule, lines: 6, between: 1 },
        baseline: breakpoint.baseline ?? { step: base, offset: '0px' },
      };
  }
}

/** What stands above the first row. */
function topOf(rows: Rows | null): Space {
  if (rows?.rule === 'divide') return rows.marginTop;
  return rows && 'offset' in rows ? rows.offset : '0px';
}

/** How the rows of a breakpoint behave, in a sentence with the numbers; null where it has none. */
function rowBehaviour({ rows, baseline }: Breakpoint): string | null {
  if (rows === null) return null;
  switch (rows.rule) {
    case 'repeat': {
      return `Rows are bands of ${px(rows.height)} with gaps of ${px(rows.gap)}, ${fromTop(rows.offset)}, down the whole page.`;
    }
    case 'fields': {
      const high = rows.ratio === '1' ? 'as high as columns are wide' : `as high as a column over ${rows.ratio}`;
      return `Rows are ${high}, with gaps of ${px(rows.gap)}, ${fromTop(rows.offset)}, down the whole page.`;
    }
    case 'divide':
      return `${rows.count} rows share one screen${heightWords(rows)}, with gaps of ${px(rows.gap)} between them, ${px(rows.marginTop)} above and ${px(rows.marginBottom)} below.`;
    case 'modules':
      return `Rows are fields of ${rows.lines} baselines, ${rows.between} from one field to the next${baseline ? `, on a baseline of ${px(baseline.step)}` : ''}.`;
  }
}

/** Rows and baselines of a breakpoint, a sentence each. */
export function heightBehaviour(breakpoint: Breakpoint): string[] {
  const rows = rowBehaviour(breakpoint);
  return [...(rows ? [rows] : []), ...(breakpoint.baseline ? [baselineBehaviour(breakpoint.baseline)] : [])];
}

/** Where the baselines lie, in a sentence. */
export function baselineBehaviour({ step, offset }: Baseline): string {
  return `Baselines lie every ${px(step)}, ${fromTop(offset)}.`;
}

function fromTop(offset: Space): string {
  return spaceText(offset) === '0' ? 'from the top' : `from ${px(offset)} below the top`;
}

/** ` of 600 px to 1200 px`, ` of at least 600 px`, or nothing. */
function heightWords({ minHeight, maxHeight }: Extract<Rows, { rule: 'divide' }>): string {
  if (minHeight === undefined) return maxHeight === undefined ? '' : ` of at most ${px(maxHeight)}`;
  return maxHeight === undefined ? ` of at least ${px(minHeight)}` : ` of ${px(minHeight)} to ${px(maxHeight)}`;
}

/** `8 px`, `1.5rem`. */
function px(value: Space): string {
  const text = spaceText(value);
  return /^[\d.]+$/.test(text) ? `${text} px` : text;
}
