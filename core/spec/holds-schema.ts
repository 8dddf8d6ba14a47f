import * as z from 'zod';
import { length } from './length-schema';
import { LIMITS } from '../limits';
import { placements, type Placement, ratio, rowCount, type SectionSpace, space } from './placement-schema';
import { idText, plainText } from './text-schema';

/** Zod schemas of what blocks hold. */

export const id = idText('An id is lower-case letters, digits and hyphens, such as "opening".');

const style = idText('A text uses one of the specification’s styles.');
const words = plainText(LIMITS.words);
const label = plainText(LIMITS.name);
/** Between an edge and the words: above and below, before and after. */
const pads = z.tuple([length, length]);

const text = z.strictObject({ text: style, words });
const picture = z.strictObject({ picture: ratio, cropped: z.boolean().optional() });
const area = z.strictObject({ area: z.literal('plain') });
/** Its block takes its columns; the button in it is as wide as these, or as its words. */
const button = z.strictObject({ button: style, words, pad: pads, width: z.literal('words').optional() });
/** A label over a box for words to be entered. */
const field = z.strictObject({ field: style, label, words, pad: pads });
const list = z.strictObject({
  list: style,
  items: z.array(words).min(1, 'A list has at least 1 item.').max(LIMITS.items),
  /** Rows between two items. */
  gap: rowCount,
});
/** Words, and under them who said them. */
const quote = z.strictObject({ quote: style, by: style, words, who: label });
/** At the start of its columns, so high. */
const logo = z.strictObject({ logo: ratio, high: length });
/** Rows, that of the heads among them, each with a pad over and under its line. */
const table = z.strictObject({
  table: style,
  rows: z.number().int().min(1, 'A table has at least 1 row.').max(LIMITS.tableRows),
  pad: length,
  heads: z.array(label).min(1, 'A table has at least 1 column.').max(LIMITS.tableColumns),
});

const blocksOf = (holds: z.ZodType) =>
  z
    .array(
      z.strictObject({ id, name: plainText(LIMITS.breakpointName, 'A block needs a name.'), holds, at: placements }),
    )
    .max(LIMITS.blocks, `A layout has at most ${LIMITS.blocks} blocks.`);

/** A card: blocks inside a block, on the page’s columns or its own, and on its own baseline or rows from its top. */
const cardOf = (holds: z.ZodType) =>
  z.strictObject({
    card: z.strictObject({
      padding: length,
      columns: z.union([
        z.literal('page'),
        z.strictObject({ count: z.number().int().min(1).max(LIMITS.columns), gutter: length }),
      ]),
      baseline: z.strictObject({ step: length, offset: length }).optional(),
      rows: z.strictObject({ height: length, gap: length }).optional(),
      space,
      blocks: blocksOf(holds),
    }),
  });

const KINDS = [text, picture, area, button, field, list, quote, logo, table] as const;
const plain = z.union(KINDS);
const holds = z.union([...KINDS, cardOf(z.union([...KINDS, cardOf(plain)]))]);

/** Blocks of a section, or copied ones. */
export const blocksSchema = blocksOf(holds);

export type CardGrid = {
  padding: z.infer<typeof length>;
  columns: 'page' | { count: number; gutter: z.infer<typeof length> };
  baseline?: { step: z.infer<typeof length>; offset: z.infer<typeof length> } | undefined;
  rows?: { height: z.infer<typeof length>; gap: z.infer<typeof length> } | undefined;
  space: Record<string, SectionSpace>;
  blocks: Block[];
};
export type Holds = z.infer<typeof plain> | { card: CardGrid };
export type Block = { id: string; name: string; holds: Holds; at: Record<string, Placement> };
