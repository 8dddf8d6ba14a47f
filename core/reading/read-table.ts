import Papa from 'papaparse';
import { fluidColumns, newBreakpoint, newSpec } from '../document/defaults';
import { shown } from '../length/length';
import type { Parsed } from '../parsed';
import { quantityOf, type QuantityId } from '../quantities/registry';
import { writeCell } from '../quantities/write-cell';
import { LIMITS } from '../limits';
import type { Spec } from '../spec/schema';
import type { Unread } from '../site/rules';
import { type Reading, type ReadRange, readingOfCss } from './reading';

const TITLE = 'Table';
const LARGEST = 1_000_000;

/** What the rows of a grid are called in tables: labels of the sheet and of value tables first, then common practice (no source). */
const LABELS: [RegExp, QuantityId | 'end'][] = [
  [/^(name|breakpoint|size|screen)$/, 'name'],
  [/^(from( width)?|min(imum)?( width)?|starts?( at)?|breakpoint (at|from)|viewports?|container widths?)$/, 'from'],
  [/^(design (size|width)|drawn at|reference|viewport width|screen width|width|frame|artboard)$/, 'reference'],
  [/^(columns?|count|column count|cols|number of columns)$/, 'count'],
  [/^(gutters?|gutter width|gap|column gap)$/, 'gutter'],
  [/^(start margin|margins?|side margins?|outer margins?|margin start|margin left|left margin)$/, 'margin'],
  [/^(end margin|margin end|margin right|right margin)$/, 'end'],
  [/^(container|container width|max(imum)? width|content( width)?|page width)$/, 'container'],
  [/^(column|column width)$/, 'column'],
  [/^(edges|outside gutters?|half gutters?( outside)?)$/, 'outer'],
  [/^(stands at|align(ment)?)$/, 'align'],
  [/^(rounding|fractions of px)$/, 'whole'],
];

const ORDER: (QuantityId | 'end')[] = [
  'name',
  'from',
  'reference',
  'count',
  'gutter',
  'container',
  'margin',
  'end',
  'column',
  'outer',
  'align',
  'whole',
];

/**
 * A table of breakpoints, pasted from a spreadsheet or as CSV: a row or a column for each, headed by what it says, in the words of the sheet (`up to 1152`, `16 to 48 over 640 to 1416`);
 * `values.csv` as it is written, too. Nothing that a spreadsheet would run is worked out.
 */
export function readTable(text: string): Parsed<Reading> {
  if (text.length > LARGEST)
    return { problem: `This table has ${text.length} characters; at most ${LARGEST} are read.` };
  const { data } = Papa.parse<string[]>(text.replace(/^\ufeff/, '').trim(), { skipEmptyLines: 'greedy' });
  const cells = data.map((row) => row.map((cell) => cell.trim()));
  const table = isLong(cells) ? fromLong(cells) : upright(cells);
  if (!table)
    return {
      problem: `${TITLE}: neither the first row nor the first column has grid terms, such as From, Columns, Gutter, Margin.`,
    };
  const [head, ...rows] = table;
  if (rows.length > LIMITS.breakpoints)
    return {
      problem: `${TITLE}: there are ${rows.length} breakpoints; a specification can have up to ${LIMITS.breakpoints}.`,
    };
  const unread: Unread[] = [];
  const quantities = head!.map(quantityOfLabel);
  head!.forEach((label, index) => {
    if (quantities[index] === null && label !== '') unread.push({ what: shown(label), why: 'This isn’t a grid term.' });
  });
  const ranges = rows.map((row) => rangeOf(row, quantities, unread));
  return readingOfCss(TITLE, ranges, { unread });
}

function quantityOfLabel(label: string): QuantityId | 'end' | null {
  const plain = label
    .toLowerCase()
    .replace(/\(.*?\)|\bin px\b|\bpx\b|[:*]/g, '')
    .replace(/[\s_-]+/g, ' ')
    .trim();
  return LABELS.find(([pattern]) => pattern.test(plain))?.[1] ?? null;
}

const known = (labels: readonly (string | undefined)[]): number => {
  const found = labels.map((label) => quantityOfLabel(label ?? ''));
  return new Set(found.filter((each) => each !== null && each !== 'name')).size;
};

/** The table with its labels in the first row, whichever way it lies. */
function upright(cells: readonly string[][]): string[][] | null {
  const [first = []] = cells;
  const [across, down] = [known(first), known(cells.map(([label]) => label))];
  if (Math.max(across, down) < 2) return null;
  if (across >= down) return cells.map((row) => [...row]);
  const width = Math.max(...cells.map(({ length }) => length));
  const turned = Array.from({ length: width }, (_, column) => cells.map((row) => row[column] ?? ''));
  // over the labels stands nothing, or what the columns are
  const [labels, ...rows] = turned;
  const isNamed = labels!.some((label) => quantityOfLabel(label) === 'name');
  if (!isNamed && quantityOfLabel(labels![0]!) === null) labels![0] = 'Name';
  return [labels!, ...rows.filter((row) => row.slice(1).some((cell) => cell !== ''))];
}

const LONG = ['table', 'quantity', 'of', 'value'];

function isLong([head = []]: readonly string[][]): boolean {
  return LONG.every((label, index) => head[index]?.toLowerCase() === label);
}

/** `values.csv`: a line for each value. */
function fromLong(cells: readonly string[][]): string[][] | null {
  const title = cells[1]?.[0];
  const own = cells.slice(1).filter(([table]) => table === title);
  const names = [...new Set(own.map(([, , of]) => of ?? ''))];
  const labels = [...new Set(own.map(([, label]) => label ?? ''))].filter((label) => quantityOfLabel(label) !== null);
  if (labels.length < 2) return null;
  const valueOf = (label: string, name: string): string =>
    own.find(([, quantity, of]) => quantity === label && of === name)?.[3] ?? '';
  return [['Name', ...labels], ...names.map((name) => [name, ...labels.map((label) => valueOf(label, name))])];
}

type Cells = Partial<Record<QuantityId | 'end', string>>;

/** A breakpoint of a row, through the same words and the same refusals as the sheet. */
function rangeOf(
  row: readonly string[],
  quantities: readonly (QuantityId | 'end' | null)[],
  unread: Unread[],
): ReadRange {
  const said: Cells = {};
  quantities.forEach((quantity, index) => {
    const text = row[index]?.replace(/^'(?=[=+\-@])/, '') ?? '';
    if (quantity !== null && text !== '' && text !== '–' && text !== '-') said[quantity] ??= text;
  });
  const name = said.name;
  const where = name ?? 'A breakpoint without a name';
  const width = /^(\d+(?:\.\d+)?)(?:\s*px)?(?:\s*[x×*]\s*(\d+(?:\.\d+)?))?/.exec(said.reference ?? '');
  const [, start] = /^(\d+)/.exec(said.from ?? '') ?? [];
  const drawn = width ? Number(width[1]) : Math.max(Number(start ?? 0), 360);
  let spec: Spec = newSpec('Read', [
    {
      ...newBreakpoint({ id: 'read', name: 'Read', from: 0, width: drawn, height: 900 }, fluidColumns(1, '0px', '0px')),
      rows: null,
      baseline: null,
    },
  ]);
  if (said.end !== undefined && said.end !== said.margin) said.margin = `${said.margin ?? '='} | ${said.end}`;
  follow(said);
  for (const quantity of ORDER) {
    const text = said[quantity];
    if (
      text === undefined ||
      quantity === 'end' ||
      quantity === 'name' ||
      quantity === 'from' ||
      quantity === 'reference'
    )
      continue;
    const { value, problem } = /^[=+@](?=\S)/.test(text)
      ? { value: undefined, problem: `“${shown(text)}” is a formula. Paste its value instead.` }
      : writeCell(spec, 'read', quantity, text);
    if (value) spec = value;
    else unread.push({ what: `${where}, ${quantityOf(quantity).label}`, why: problem! });
  }
  const from = said.from === undefined ? undefined : start === undefined ? null : Number(start);
  if (from === null)
    unread.push({ what: `${where}, From`, why: `“${shown(said.from!)}” is not a whole number of px.` });
  const { columns } = spec.breakpoints[0]!;
  return {
    ...(name ? { name } : {}),
    ...(typeof from === 'number' && from <= LIMITS.from ? { from } : {}),
    ...(width
      ? {
          reference: {
            width: Math.min(Number(width[1]), LIMITS.screen.most),
            height: Math.min(Number(width[2] ?? 900), LIMITS.screen.most),
          },
        }
      : {}),
    columns,
  };
}

/** Tables of values say container, margins and column at once, of which one follows: a container in the middle lets its margins follow, and a column always does. */
function follow(said: Cells): void {
  const numeric = (text: string | undefined): number | null =>
    /^\d+(\.\d+)?(\s*px)?$/.test(text ?? '') ? Number.parseFloat(text!) : null;
  const [margin, container, gutter] = [numeric(said.margin), numeric(said.container), numeric(said.gutter)];
  if (said.count !== undefined && (said.gutter !== undefined || said.container !== undefined)) delete said.column;
  if (margin !== null && container !== null) {
    if (margin > 64 && margin > 3 * (gutter ?? 0)) said.margin = '=';
    else delete said.container;
  } else if (said.margin?.includes('|') && container !== null) delete said.container;
  // a half gutter outside is a length in tables of values, and a word in the sheet
  if (numeric(said.outer) !== null) said.outer = numeric(said.outer)! > 0 ? 'half' : 'none';
}
