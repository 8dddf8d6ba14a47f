import type { CellName } from '../checks/rule';

/** A row of the sheet. */
export type SheetQuantity = {
  id: CellName;
  group: 'screen' | 'columns' | 'rows' | 'baseline';
  label: string;
  hint: string;
  choices?: readonly string[];
};

export const OUTER_WORDS = { none: 'none', half: 'half' } as const;
export const ALIGN_WORDS = { start: 'start', centre: 'centre', end: 'end' } as const;
export const WHOLE_WORDS = { no: 'keep', margins: 'margins', container: 'container' } as const;
export const ROW_WORDS = { none: 'none', repeat: 'repeat', divide: 'divide', modules: 'modules' } as const;

export const QUANTITIES: readonly SheetQuantity[] = [
  { id: 'name', group: 'screen', label: 'Name', hint: 'Type a new name; Delete removes the breakpoint.' },
  {
    id: 'from',
    group: 'screen',
    label: 'From',
    hint: 'The viewport width at which this breakpoint starts, such as 1200.',
  },
  {
    id: 'reference',
    group: 'screen',
    label: 'Drawn at',
    hint: 'Width × height at which you draw it, such as 1512 × 982.',
  },
  {
    id: 'notes',
    group: 'screen',
    label: 'Notes',
    hint: 'What readers should know of this breakpoint; it stands on the reading page.',
  },
  { id: 'count', group: 'columns', label: 'Count', hint: 'How many columns: 1 to 64, or = to let the count follow.' },
  {
    id: 'container',
    group: 'columns',
    label: 'Container',
    hint: 'fills, 1296, up to 1696, 75 % of screen, or = to let it follow.',
  },
  { id: 'margin', group: 'columns', label: 'Margin', hint: '32, or start and end as 16 | 24, or = to let it follow.' },
  { id: 'gutter', group: 'columns', label: 'Gutter', hint: '24, 1.5rem, 1/4 column, or = to let it follow.' },
  { id: 'column', group: 'columns', label: 'Column', hint: 'A column’s width such as 72, or = to let it follow.' },
  {
    id: 'outer',
    group: 'columns',
    label: 'Outside gutters',
    hint: 'none, or half a gutter outside the first and last column.',
    choices: Object.values(OUTER_WORDS),
  },
  {
    id: 'align',
    group: 'columns',
    label: 'Stands at',
    hint: 'Where the container stands when there is space left: start, centre, end.',
    choices: Object.values(ALIGN_WORDS),
  },
  {
    id: 'whole',
    group: 'columns',
    label: 'Fractions of px',
    hint: 'keep them, or round the columns and let the margins or the container take the difference.',
    choices: Object.values(WHOLE_WORDS),
  },
  {
    id: 'rowRule',
    group: 'rows',
    label: 'Rule',
    hint: 'repeat bands from the top, divide one screen, or modules of baselines; Delete for none.',
    choices: Object.values(ROW_WORDS),
  },
  {
    id: 'rowCount',
    group: 'rows',
    label: 'How many',
    hint: 'How many share the screen; bands and modules go on by themselves, and it says how many fit.',
  },
  {
    id: 'rowHeight',
    group: 'rows',
    label: 'Height',
    hint: 'A band’s height such as 8, or a module as 6 lines; divided rows follow from the screen.',
  },
  { id: 'rowGap', group: 'rows', label: 'Gap', hint: 'Between two rows, such as 8; between two modules 1 line.' },
  { id: 'rowTop', group: 'rows', label: 'Above', hint: 'From the top of the page to the first row.' },
  {
    id: 'rowBottom',
    group: 'rows',
    label: 'Below',
    hint: 'Under the last divided row; under bands and modules, what is left over.',
  },
  {
    id: 'rowLeast',
    group: 'rows',
    label: 'Least height',
    hint: 'Divided rows never share less than this, such as 600.',
  },
  {
    id: 'rowMost',
    group: 'rows',
    label: 'Greatest height',
    hint: 'Divided rows never share more than this, such as 1200.',
  },
  { id: 'step', group: 'baseline', label: 'Step', hint: 'From one baseline to the next, such as 4; Delete for none.' },
  { id: 'baselineOffset', group: 'baseline', label: 'Offset', hint: 'From the top of the page to the first baseline.' },
  {
    id: 'lines',
    group: 'baseline',
    label: 'Lines in screen',
    hint: 'How often the step goes into the screen; key l finds a leading that divides it.',
  },
];

/** A quantity by a name that says its group: `Gutter`, `Row height`, `Baseline step`. */
export function quantityName({ id, group, label }: SheetQuantity): string {
  if (id === 'rowCount') return 'Rows';
  if (group === 'rows') return `Rows, ${label.toLowerCase()}`;
  return group === 'baseline' ? `Baseline, ${label.toLowerCase()}` : label;
}

/** The row of a quantity in the sheet. */
export function rowOf(quantity: CellName): number {
  return QUANTITIES.findIndex(({ id }) => id === quantity);
}
