import { sizeText } from '../length/size';
import { LIMITS } from '../limits';
import { mapped } from '../parsed';
import type { CardGrid, Holds } from '../spec/schema';
import {
  countField,
  fixedLength,
  type HeldField,
  itemsField,
  lengthField,
  lineField,
  padsField,
  ratioField,
  styleField,
  wordsField,
} from './field-forms';
import { kindOf, type HoldsOf, type Kind } from '../spec/block-kinds';

type Of<K extends Kind> = (holds: HoldsOf<K>) => HeldField[];

/**
 * Everything of a block that can be typed or chosen beside the page.
 *
 *     heldFields({ logo: '5/1', high: '32px' }).map(({ label }) => label)   // ["Ratio", "Height"]
 */
export function heldFields(holds: Holds): HeldField[] {
  return (FIELDS[kindOf(holds)] as Of<Kind>)(holds as HoldsOf<Kind>);
}

const FIELDS: { [K in Kind]: Of<K> } = {
  text: (holds) => [styleField('Style', holds.text, (text) => ({ ...holds, text })), wordsField(holds)],
  area: () => [],
  picture: (holds) => [
    ratioField(holds.picture, (picture) => ({ ...holds, picture })),
    {
      id: 'cropped',
      label: 'Cropped to rows',
      name: 'Cropped to rows',
      title: 'Cropped to whole rows; its own height may be off the grid',
      input: 'switch',
      read: holds.cropped ? 'on' : '',
      write: (text) => ({ value: text === 'on' ? { ...holds, cropped: true } : { picture: holds.picture } }),
    },
  ],
  button: (holds) => [
    styleField('Style', holds.button, (button) => ({ ...holds, button })),
    wordsField(holds),
    padsField(holds),
    {
      id: 'width',
      label: 'As wide as its words',
      name: 'As wide as its words',
      title: 'Its block keeps its columns; the button in it is as wide as its words and padding',
      input: 'switch',
      read: holds.width ? 'on' : '',
      write: (text) => {
        const { width: _width, ...others } = holds;
        return { value: text === 'on' ? { ...others, width: 'words' } : others };
      },
    },
  ],
  field: (holds) => [
    styleField('Style', holds.field, (field) => ({ ...holds, field })),
    lineField('label', 'Label', holds.label, (label) => ({ ...holds, label })),
    wordsField(holds),
    padsField(holds),
  ],
  list: (holds) => [
    styleField('Style', holds.list, (list) => ({ ...holds, list })),
    itemsField('Items', holds.items, LIMITS.items, LIMITS.words, (items) => ({ ...holds, items })),
    countField('gap', 'Gap', 'Rows between two items', holds.gap, 0, LIMITS.rowsInLayout, (gap) => ({ ...holds, gap })),
  ],
  quote: (holds) => [
    styleField('Style', holds.quote, (quote) => ({ ...holds, quote })),
    wordsField(holds),
    lineField('who', 'By', holds.who, (who) => ({ ...holds, who })),
    { ...styleField('Style of the name', holds.by, (by) => ({ ...holds, by })), id: 'by' },
  ],
  logo: (holds) => [
    ratioField(holds.logo, (logo) => ({ ...holds, logo })),
    lengthField('high', 'Height', holds.high, (high) => ({ ...holds, high })),
  ],
  table: (holds) => [
    styleField('Style', holds.table, (table) => ({ ...holds, table })),
    itemsField('Heads', holds.heads, LIMITS.tableColumns, LIMITS.name, (heads) => ({ ...holds, heads })),
    countField('rows', 'Rows', 'Rows, the head included', holds.rows, 1, LIMITS.tableRows, (rows) => ({
      ...holds,
      rows,
    })),
    lengthField('pad', 'Padding', holds.pad, (pad) => ({ ...holds, pad })),
  ],
  card: ({ card }) => [
    lengthField('padding', 'Padding', card.padding, (padding) => ({ card: { ...card, padding } })),
    cardColumns(card),
    cardBaseline(card),
  ],
};

/** On columns of its own, `3, 16` (their count and gutter), or on the `page`’s. */
function cardColumns(card: CardGrid): HeldField {
  const { columns } = card;
  return {
    id: 'columns',
    label: 'Columns',
    name: 'Columns in the card',
    title: 'page, or a count and gutter such as 3, 16',
    input: 'line',
    read: columns === 'page' ? 'page' : `${columns.count}, ${sizeText(columns.gutter)}`,
    write: (text) => {
      const typed = text.trim().toLowerCase();
      if (typed === 'page' || typed === '') return { value: { card: { ...card, columns: 'page' } } };
      const [, count, gutter] = /^(\d{1,2})(?:\s*(?:columns?)?\s*[,;]\s*(?:gutter\s*)?(.+))?$/.exec(typed) ?? [];
      if (!count || Number(count) < 1 || Number(count) > LIMITS.columns)
        return { problem: `Enter page, or a count and gutter, such as 3, 16, with up to ${LIMITS.columns} columns.` };
      return mapped(fixedLength(gutter ?? '16'), (length) => ({
        card: { ...card, columns: { count: Number(count), gutter: length } },
      }));
    },
  };
}

/** Its own baseline: its step, such as `4`; `page` takes the page’s rows. */
function cardBaseline(card: CardGrid): HeldField {
  return {
    id: 'baseline',
    label: 'Baseline',
    name: 'Baseline in the card',
    title: 'page, or a step such as 4',
    input: 'line',
    read: card.baseline ? sizeText(card.baseline.step) : 'page',
    write: (text) => {
      const typed = text.trim().toLowerCase();
      const { baseline: _baseline, ...others } = card;
      if (typed === 'page' || typed === '') return { value: { card: others } };
      return mapped(fixedLength(typed), (step) => ({ card: { ...card, baseline: { step, offset: '0px' } } }));
    },
  };
}
