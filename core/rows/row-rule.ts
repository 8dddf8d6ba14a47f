import { sizeText } from '../length/size';
import type { Baseline, Breakpoint, Rows } from '../spec/schema';

/** The three ways to lay rows. */
export type RowRule = Rows['rule'];

/**
 * The rows of a breakpoint under another rule, or without any. What both rules have is kept; the rest starts with what
 * is usual: bands of one base unit, six divided rows from edge to edge, fields of six baselines.
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
        rows: { rule, height: base, gap, offset: rows?.rule === 'divide' ? rows.marginTop : '0px' },
      };
    case 'divide': {
      const marginTop = rows?.rule === 'repeat' ? rows.offset : '0px';
      return { ...breakpoint, rows: { rule, count: 6, gap, marginTop, marginBottom: '0px' } };
    }
    case 'modules':
      return {
        ...breakpoint,
        rows: { rule, lines: 6, between: 1 },
        baseline: breakpoint.baseline ?? { step: base, offset: '0px' },
      };
  }
}

/** How the rows of a breakpoint behave, in a sentence with the numbers; null where it has none. */
function rowBehaviour({ rows, baseline }: Breakpoint): string | null {
  if (rows === null) return null;
  switch (rows.rule) {
    case 'repeat': {
      const offset = sizeText(rows.offset) === '0' ? 'from the top' : `from ${px(rows.offset)} below the top`;
      return `Rows are bands of ${px(rows.height)} with gaps of ${px(rows.gap)}, ${offset}, down the whole page.`;
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
  const from = sizeText(offset) === '0' ? 'from the top' : `from ${px(offset)} below the top`;
  return `Baselines lie every ${px(step)}, ${from}.`;
}

/** ` of 600 px to 1200 px`, ` of at least 600 px`, or nothing. */
function heightWords({ minHeight, maxHeight }: Extract<Rows, { rule: 'divide' }>): string {
  if (minHeight === undefined) return maxHeight === undefined ? '' : ` of at most ${px(maxHeight)}`;
  return maxHeight === undefined ? ` of at least ${px(minHeight)}` : ` of ${px(minHeight)} to ${px(maxHeight)}`;
}

/** `8 px`, `1.5rem`. */
function px(value: Parameters<typeof sizeText>[0]): string {
  const text = sizeText(value);
  return /^[\d.]+$/.test(text) ? `${text} px` : text;
}
