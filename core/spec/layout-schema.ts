import * as z from 'zod';
import { length, plainNumber, ratioUpTo } from './length-schema';
import { LIMITS } from '../limits';
import { idText, plainText } from './text-schema';

/** Zod schemas of the trial layouts in a document (version 2). */

const id = idText('An id is lower-case letters, digits and hyphens, such as "opening".');
const breakpointId = idText('Placements use breakpoint ids as keys.');

/** A column line, counted in columns: a whole number, or `6.5` for a block that ends half a column further. */
const columnNumber = plainNumber({ least: 0, most: LIMITS.columns + 1, places: 3 });
const columns = z.tuple([columnNumber, columnNumber]).refine(([first, last]) => first >= 1 && last > first - 1, {
  message: 'A block spans columns, such as [1, 6].',
});

const lane = z.number().int().min(1, 'Lanes are counted from 1.').max(LIMITS.lanes);
const lanes = z
  .tuple([lane, lane])
  .refine(([first, last]) => first <= last, { message: 'A block spans lanes, such as [1, 2].' });

const ratio = ratioUpTo(
  LIMITS.ratio,
  `A ratio is width / height, more than 0 and at most ${LIMITS.ratio}, such as "16/9".`,
);

const rowCount = z.number().int().min(0).max(LIMITS.rowsInLayout);

/** How tall a block is: rows, lines of its style, a ratio of its width, all of its lanes, or the whole section. */
const height = z.union([
  z.enum(['lanes', 'section']),
  z.strictObject({ rows: rowCount.min(1, 'A block is at least 1 row tall.') }),
  z.strictObject({ lines: z.number().int().min(1, 'A text has at least 1 line.').max(LIMITS.rowsInLayout) }),
  z.strictObject({ ratio }),
]);

const beyond = z.union([
  z.enum(['margin', 'screen']),
  length,
  z.strictObject({ ofColumn: ratioUpTo(LIMITS.columns, 'A share of a column is more than 0, such as "1/2".') }),
]);

const reason = plainText(LIMITS.reason, 'Exceptions need a reason.');

/** Where a block stands at a breakpoint; what is not said follows from the next narrower one. */
const placement = z.strictObject({
  columns: columns.optional(),
  lanes: lanes.optional(),
  height: height.optional(),
  stands: z.enum(['top', 'middle', 'foot', 'caps', 'x-height', 'baseline']).optional(),
  /** Edges that are meant to be off a column line. */
  leaves: z
    .array(z.strictObject({ side: z.enum(['start', 'end']), to: beyond, reason }))
    .max(2)
    .refine((list) => new Set(list.map(({ side }) => side)).size === list.length, {
      message: 'A side can break the grid only once.',
    })
    .optional(),
  /** Why it lies over another block. */
  over: reason.optional(),
});

/** White space in rows; what is not said follows from the next narrower breakpoint. */
const space = z.record(
  breakpointId,
  z.strictObject({
    above: rowCount.optional(),
    between: z.array(rowCount).max(LIMITS.lanes).optional(),
    below: rowCount.optional(),
  }),
);

const text = z.strictObject({
  text: idText('A text uses one of the specification’s styles.'),
  words: plainText(LIMITS.words),
});
const picture = z.strictObject({ picture: ratio, cropped: z.boolean().optional() });
const area = z.strictObject({ area: z.literal('plain') });

const blocksOf = (holds: z.ZodType) =>
  z
    .array(
      z.strictObject({ id, name: plainText(LIMITS.breakpointName, 'A block needs a name.'), holds, at: placements }),
    )
    .max(LIMITS.blocks, `A layout has at most ${LIMITS.blocks} blocks.`);

const placements = z.record(breakpointId, placement);

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

const plain = z.union([text, picture, area]);
const holds = z.union([text, picture, area, cardOf(z.union([text, picture, area, cardOf(plain)]))]);

/** Blocks of a section, or copied ones. */
export const blocksSchema = blocksOf(holds);

const section = z.strictObject({
  id,
  name: plainText(LIMITS.breakpointName, 'A section needs a name.'),
  /** As tall as its content, or as one screen. */
  tall: z.enum(['content', 'screen']),
  /** The grid on which it stands, by its id; none: the main one. */
  grid: z.string().max(40).optional(),
  space,
  blocks: blocksSchema,
});

const layout = z.strictObject({
  id,
  name: plainText(LIMITS.breakpointName, 'A layout needs a name.'),
  notes: plainText(LIMITS.layoutNotes),
  sections: z.array(section).max(LIMITS.sections, `A layout has at most ${LIMITS.sections} sections.`),
});

export const layoutsSchema = z
  .array(layout)
  .max(LIMITS.layouts, `A specification has at most ${LIMITS.layouts} layouts.`);

export type Placement = z.infer<typeof placement>;
export type BlockHeight = NonNullable<Placement['height']>;
export type Leaving = NonNullable<Placement['leaves']>[number];
export type SectionSpace = z.infer<typeof space>[string];
export type Words = z.infer<typeof text>;
export type CardGrid = {
  padding: z.infer<typeof length>;
  columns: 'page' | { count: number; gutter: z.infer<typeof length> };
  baseline?: { step: z.infer<typeof length>; offset: z.infer<typeof length> } | undefined;
  rows?: { height: z.infer<typeof length>; gap: z.infer<typeof length> } | undefined;
  space: Record<string, SectionSpace>;
  blocks: Block[];
};
export type Holds = Words | z.infer<typeof picture> | z.infer<typeof area> | { card: CardGrid };
export type Block = { id: string; name: string; holds: Holds; at: Record<string, Placement> };
export type Section = Omit<z.infer<typeof section>, 'blocks'> & { blocks: Block[] };
export type Layout = Omit<z.infer<typeof layout>, 'sections'> & { sections: Section[] };
