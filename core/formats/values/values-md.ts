import { columnsAt, sumLine } from '../../columns/columns-at';
import { allTables } from '../../edition/all-tables';
import type { ReadTable } from '../../edition/read-table';
import { numeral } from '../../length/present';
import { byWidth, rangeText } from '../../spec/ranges';
import type { Spec } from '../../spec/schema';

/** The tables of a spec as Markdown, for wikis and notes: exact numbers as people read them, and the sum of each breakpoint. */
export function valuesMd(spec: Spec, { version }: { version: string }): string {
  const sums = byWidth(spec.breakpoints).map((breakpoint) => {
    const sum = sumLine(columnsAt(spec, breakpoint), numeral);
    return `- ${cell(breakpoint.name)}, ${rangeText(spec, breakpoint)}: ${sum}`;
  });
  const tables = allTables(spec).map(({ title, says, table }) => `## ${title}\n\n${says}\n\n${markdownTable(table)}`);
  return `# ${cell(spec.name)} ${cell(version)}\n\n${sums.join('\n')}\n\n${tables.join('\n\n')}\n`;
}

function markdownTable({ head, rows }: ReadTable): string {
  const line = (cells: string[]): string => `| ${cells.map(cell).join(' | ')} |`;
  const values = rows.map(({ label, values: own }) =>
    line([label, ...own.map((value) => (value === null ? '' : [value.shown, value.note].filter(Boolean).join('; ')))]),
  );
  return [line(['', ...head]), `| --- | ${head.map(() => '---:').join(' | ')} |`, ...values].join('\n');
}

/** Text of a person as text, on one line: what Markdown or HTML would take for something else is escaped. */
function cell(text: string): string {
  return text.replace(/\s+/g, ' ').replace(/([\\`*_[\]<>|#~])/g, '\\$1');
}
