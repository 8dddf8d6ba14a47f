import * as z from 'zod';
import { length, plainNumber, ratioUpTo } from './length-schema';
import { LIMITS } from '../limits';
import { idText, plainText } from './text-schema';

/** Zod schemas of where blocks stand, and of white space. */

export const breakpointId = idText('Placements use breakpoint ids as keys.');

/** A column line, counted in columns: a whole number, or `6.5` for a block that ends half a column further. */
const columnNumber = plainNumber({ least: 0, most: LIMITS.columns + 1, places: 3 });
const columns = z.tuple([columnNumber, columnNumber]).refine(([first, last]) => first >= 1 && last > first - 1, {
  message: 'A block spans columns, such as [1, 6].',
});

const lane = z.number().int().min(1, 'Lanes are counted from 1.').max(LIMITS.lanes);
const lanes = z
  .tuple([lane, lane])
  .refine(([first, last]) => first <= last, { message: 'A block spans lanes, such as [1, 2].' });

export const ratio = ratioUpTo(
  LIMITS.ratio,
  `A ratio is width / height, more than 0 and at most ${LIMITS.ratio}, such as "16/9".`,
);

export const rowCount = z.number().int().min(0).max(LIMITS.rowsInLayout);

/**
 * How tall a block is: rows of its section, baselines, base units, px, lines of its style, a ratio of its width; as what it holds is without a height, all of its
 * lanes, or the whole section.
 */
const height = z.union([
  z.enum(['content', 'lanes', 'section']),
  z.strictObject({ rows: rowCount.min(1, 'A block is at least 1 row tall.') }),
  z.strictObject({ baselines: rowCount.min(1, 'A block is at least 1 baseline tall.') }),
  z.strictObject({ units: rowCount.min(1, 'A block is at least 1 base unit tall.') }),
  z.strictObject({ px: length }),
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
const placement = z
  .strictObject({
    /** It is not shown, and takes no place. */
    hidden: z.boolean().optional(),
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
    /** Both of its edges are there, which needs no reason; `leaves` of a wider breakpoint ends it. */
    bleeds: z.enum(['margin', 'screen']).optional(),
    /** Why it lies over another block. */
    over: reason.optional(),
  })
  .refine(({ bleeds, leaves = [] }) => bleeds === undefined || leaves.length === 0, {
    message: 'A block that bleeds has both edges there. Leave out "bleeds" or "leaves".',
  });

export const placements = z.record(breakpointId, placement);

/** White space in rows; what is not said follows from the next narrower breakpoint. */
export const space = z.record(
  breakpointId,
  z.strictObject({
    above: rowCount.optional(),
    between: z.array(rowCount).max(LIMITS.lanes).optional(),
    below: rowCount.optional(),
  }),
);

export type Placement = z.infer<typeof placement>;
export type BlockHeight = NonNullable<Placement['height']>;
export type Leaving = NonNullable<Placement['leaves']>[number];
export type SectionSpace = z.infer<typeof space>[string];
