import { withBreakpoint } from '../../breakpoints/breakpoints';
import { lengthText } from '../../length/length';
import { lengthOf } from '../../length/length-value';
import type { Space } from '../../columns/relation';
import { mapped, type Parsed } from '../../parsed';
import { counted, numeral } from '../../length/present';
import { px, type Px } from '../../length/px';
import { type RowRule, withRowRule } from '../../rows/row-rule';
import { type RowSum, rowSum } from '../../rows/row-sum';
import { type SolvedRows, rowsAt } from '../../rows/rows-at';
import type { Rows } from '../../spec/schema';
import { choose } from '../choose';
import type { CellQuantity } from '../quantity';
import { IDLE, type Reading, said, worked } from '../reading';
import { heightRow, lengthReading } from './height-reading';
import {
  NONE,
  readAboveOrBelow,
  readBound,
  readHeight,
  readFieldRatio,
  readLines,
  readRowCount,
  readSpace,
} from './read-heights';

const ROW_WORDS = { none: 'none', repeat: 'repeat', fields: 'fields', divide: 'divide', modules: 'modules' } as const;

/** Rows as they are laid out at the drawn size, from which a reading is made. */
type Laid = { solved: SolvedRows; sum: RowSum; length: (value: Space) => Reading };

/** What one rule makes of a quantity: its key in the document, how it is read and typed; or that it follows, and why. */
type UnderRule = {
  key?: string;
  read: (rows: never, laid: Laid) => Reading;
  write: (text: string) => Parsed<unknown>;
};

const refused = (problem: string) => (): Parsed<never> => ({ problem });

const ONLY_DIVIDED = 'Minimum and maximum height are for rows that share one screen. Choose divide first.';

type Divided = Extract<Rows, { rule: 'divide' }>;
type Repeated = Extract<Rows, { rule: 'repeat' }>;
type Fields = Extract<Rows, { rule: 'fields' }>;
type Modules = Extract<Rows, { rule: 'modules' }>;

/** A length or a space that stands in the document under a key of the rows. */
function lengthAt<R extends Rows>(key: keyof R & string, write: UnderRule['write'] = readSpace): UnderRule {
  return { key, read: (rows: R, { length }) => length(rows[key] as Space), write } as UnderRule;
}

/** A least or greatest height, which divided rows may do without. */
function boundAt(key: 'minHeight' | 'maxHeight'): UnderRule {
  const read = (rows: Divided, { length }: Laid): Reading =>
    rows[key] === undefined ? said('none') : length(rows[key]);
  return { key, read, write: readBound } as UnderRule;
}

function linesAt(key: 'lines' | 'between', least: number, exact: (solved: SolvedRows) => Px): UnderRule {
  const read = (rows: Modules, { solved }: Laid): Reading => {
    const text = counted(rows[key], 'line');
    const height = exact(solved);
    return { text, shown: text, follows: false, px: numeral(height), exact: height };
  };
  return { key, read, write: (text) => readLines(text, least) } as UnderRule;
}

/** How high fields are: their ratio, with what that comes to. */
const ratioAt = {
  key: 'ratio',
  read: ({ ratio }: Fields, { solved: { height } }: Laid): Reading => {
    const text = ratio.includes('/') ? ratio.replace('/', ':') : `${ratio}:1`;
    return { text, shown: text, follows: false, px: numeral(height), exact: height };
  },
  write: readFieldRatio,
} as UnderRule;

const leftOver = (why: string): UnderRule => ({
  read: (_, { sum }) => worked(numeral(sum.left), sum.left),
  write: refused(why),
});
const howMany = (what: string): UnderRule => ({
  read: (_, { sum }) => worked(String(sum.whole), px(sum.whole)),
  write: refused(`${what} run down the whole page and need no count. Choose divide to share one screen.`),
});

/** `key` is where it stands under rules by which it only follows, and nothing in the document does. */
type Of = Pick<CellQuantity, 'label' | 'hint' | 'kind'> & {
  key: string;
  name?: string;
  emptied?: string;
  place?: number;
};

function ofRows<const Id extends string>(
  id: Id,
  { key, place, ...others }: Of,
  under: Partial<Record<RowRule, UnderRule>>,
): CellQuantity<Id> {
  const quantity: CellQuantity<Id> = {
    id,
    group: 'rows',
    name: `Rows, ${others.label.toLowerCase()}`,
    ...others,
    address: ({ id: breakpoint, rows }) => ['breakpoints', breakpoint, 'rows', (rows && under[rows.rule]?.key) ?? key],
    read: (spec, breakpoint) => {
      const { rows } = breakpoint;
      const one = rows && under[rows.rule];
      const solved = one ? rowsAt(spec, breakpoint) : null;
      if (!one || !solved) return IDLE;
      const length = (value: Space): Reading => lengthReading(spec, breakpoint, value);
      return one.read(rows as never, { solved, sum: rowSum(solved), length });
    },
    write: (spec, breakpoint, text) => {
      const { rows } = breakpoint;
      if (rows === null)
        return { problem: 'There are no rows yet. Choose a rule first: repeat, fields, divide or modules.' };
      const one = under[rows.rule];
      if (!one) return { problem: ONLY_DIVIDED };
      return mapped(one.write(text), (value) =>
        one.key ? withBreakpoint(spec, { ...breakpoint, rows: withKey(rows, one.key, value) }) : spec,
      );
    },
    weighs: 'minor',
  };
  return place === undefined ? quantity : { ...quantity, tabled: [heightRow(quantity, place)] };
}

/** The rows with another value under a key; what is undefined is left out. */
function withKey(rows: Rows, key: string, value: unknown): Rows {
  const { [key]: _before, ...others } = rows as Record<string, unknown>;
  return (value === undefined ? others : { ...rows, [key]: value }) as Rows;
}

const rule = {
  id: 'rowRule',
  group: 'rows',
  label: 'Rule',
  name: 'Rows, rule',
  kind: 'choice',
  choices: Object.values(ROW_WORDS),
  hint: 'repeat bands from the top, fields as high as columns are wide, divide one screen, or modules of baselines. Delete for none.',
  emptied: 'none',
  address: ({ id }) => ['breakpoints', id, 'rows'],
  read: (_, { rows }) => said(ROW_WORDS[rows?.rule ?? 'none']),
  write: (spec, breakpoint, text) => {
    const base = lengthText(lengthOf(spec.spacing.base));
    return choose(NONE.test(text) ? 'none' : text, ROW_WORDS, (choice) => ({
      value: withBreakpoint(spec, withRowRule(breakpoint, choice === 'none' ? null : choice, base)),
    }));
  },
  weighs: 'minor',
} as const satisfies CellQuantity;

/** The rows of a breakpoint. */
export const ROWS = [
  { ...rule, tabled: [heightRow(rule, 10)] },
  ofRows(
    'rowCount',
    {
      key: 'count',
      label: 'How many',
      name: 'Whole rows',
      kind: 'count',
      hint: 'How many rows share the screen. For bands and modules, how many fit.',
      place: 11,
    },
    {
      repeat: howMany('Bands'),
      fields: howMany('Fields'),
      modules: howMany('Modules'),
      divide: { key: 'count', read: ({ count }: Divided) => said(String(count)), write: readRowCount } as UnderRule,
    },
  ),
  ofRows(
    'rowHeight',
    {
      key: 'height',
      label: 'Height',
      kind: 'length',
      hint: 'Band height, such as 8; module height, such as 6 lines; of fields width : height, such as 4:3. Divided rows are calculated.',
      place: 12,
    },
    {
      repeat: lengthAt<Repeated>('height', (text) => readHeight(text, 'A band')),
      fields: ratioAt,
      modules: linesAt('lines', 1, ({ height }) => height),
      divide: {
        read: (_, { solved: { height } }) => worked(numeral(height), height),
        write: (text) =>
          NONE.test(text)
            ? { value: undefined }
            : { problem: 'Divided rows are calculated from the screen. Change the count, gap or margins.' },
      },
    },
  ),
  ofRows(
    'rowGap',
    {
      key: 'gap',
      label: 'Gap',
      kind: 'length',
      hint: 'Between two rows, such as 8 or 1 gutter; between two modules 1 line.',
      place: 13,
    },
    {
      repeat: lengthAt<Repeated>('gap'),
      fields: lengthAt<Fields>('gap'),
      modules: linesAt('between', 0, ({ gap }) => gap),
      divide: lengthAt<Divided>('gap'),
    },
  ),
  ofRows(
    'rowTop',
    { key: 'offset', label: 'Above', kind: 'length', hint: 'From the top of the page to the first row.', place: 14 },
    {
      repeat: lengthAt<Repeated>('offset', readAboveOrBelow),
      fields: lengthAt<Fields>('offset', readAboveOrBelow),
      modules: {
        read: (_, { solved: { offset } }) => worked(numeral(offset), offset),
        write: refused('Modules start at the first baseline. Change the baseline’s offset.'),
      },
      divide: lengthAt<Divided>('marginTop', readAboveOrBelow),
    },
  ),
  ofRows(
    'rowBottom',
    {
      key: 'below',
      label: 'Below',
      kind: 'length',
      hint: 'Below the last divided row. For bands and modules, the space left over.',
      place: 15,
    },
    {
      repeat: leftOver('This is the space left over. Change the height, gap or start.'),
      fields: leftOver('This is the space left over. Change the ratio, gap or start.'),
      modules: leftOver('This is the space left over. Change the module’s lines or the baseline.'),
      divide: lengthAt<Divided>('marginBottom', readAboveOrBelow),
    },
  ),
  ofRows(
    'rowLeast',
    {
      key: 'minHeight',
      label: 'Minimum height',
      kind: 'length',
      hint: 'Divided rows never share less than this, such as 600.',
      emptied: 'none',
    },
    { divide: boundAt('minHeight') },
  ),
  ofRows(
    'rowMost',
    {
      key: 'maxHeight',
      label: 'Maximum height',
      kind: 'length',
      hint: 'Divided rows never share more than this, such as 1200.',
      emptied: 'none',
    },
    { divide: boundAt('maxHeight') },
  ),
] as const;
