import * as z from 'zod';
import { LIMITS } from '../limits';
import { growing, length, marginSum, ratioUpTo, relation, sum } from './length-schema';
import { idText, plainText } from './text-schema';

/** Zod schemas of a grid: columns, rows and baselines, of the main grid and of those beside it. */

const share = z.strictObject({
  ofColumn: ratioUpTo(
    LIMITS.gutterOfColumn,
    `A gutter is more than 0 and at most ${LIMITS.gutterOfColumn} columns wide, such as "1/4".`,
  ),
});

const margin = z.union([length, growing, marginSum, relation, z.literal('auto')]);

const SHARE = 'A share of the screen is a percentage of more than 0 and at most 100, such as "90%".';

export const columns = z.strictObject({
  count: z.union([
    z
      .number()
      .int()
      .min(1, 'A grid has at least 1 column.')
      .max(LIMITS.columns, `A grid has at most ${LIMITS.columns} columns.`),
    z.literal('auto'),
  ]),
  gutter: z.union([z.literal('auto'), length, growing, share]),
  margin: z.union([margin, z.strictObject({ start: margin, end: margin })]),
  container: z.union([
    z.enum(['fill', 'auto']),
    length,
    growing,
    sum,
    z.strictObject({ upTo: length }),
    z.strictObject({
      share: z
        .string()
        .regex(/^\d{1,3}(\.\d{1,6})?%$/, SHARE)
        .refine((text) => Number.parseFloat(text) > 0 && Number.parseFloat(text) <= 100, { message: SHARE }),
      /** It is never wider than this. */
      upTo: length.optional(),
    }),
  ]),
  column: z.union([z.literal('auto'), length]),
  outer: z.enum(['none', 'half']),
  align: z.enum(['start', 'centre', 'end']),
  whole: z.enum(['no', 'margins', 'container']),
});

/** Between and around rows: a length, or so much of what stands across. */
const space = z.union([length, relation]);

export const rows = z.discriminatedUnion('rule', [
  z.strictObject({ rule: z.literal('repeat'), height: length, gap: space, offset: space }),
  /** Rows as high as columns are wide, or in this ratio of width to height. */
  z.strictObject({
    rule: z.literal('fields'),
    ratio: ratioUpTo(
      LIMITS.ratio,
      `A ratio is width / height, more than 0 and at most ${LIMITS.ratio}, such as "4/3".`,
    ),
    gap: space,
    offset: space,
  }),
  z.strictObject({
    rule: z.literal('divide'),
    count: z.number().int().min(1).max(LIMITS.dividedRows),
    gap: space,
    marginTop: space,
    marginBottom: space,
    /** The least and the greatest height that the rows share; without them, it is the screen’s, whatever that is. */
    minHeight: length.optional(),
    maxHeight: length.optional(),
  }),
  z.strictObject({
    rule: z.literal('modules'),
    lines: z.number().int().min(1).max(LIMITS.moduleLines),
    between: z.number().int().min(0).max(LIMITS.moduleLines),
  }),
]);

export const baseline = z.strictObject({ step: length, offset: length });

const side = z.union([length, growing]).optional();

/** What stands fixed at the sides of a screen; a side left out has nothing. */
export const frame = z.strictObject({ top: side, bottom: side, start: side, end: side });

/** Names of classes in `grid.css` that begin with `grid-`. */
export const RESERVED_GRIDS = ['overlay', 'region', 'frame', 'inside'];

const namedGrid = z.strictObject({
  id: idText('An id is lower-case letters, digits and hyphens, such as "article".').refine(
    (id) => !RESERVED_GRIDS.includes(id),
    {
      message: `A grid can’t have the id ${RESERVED_GRIDS.join(', ')}: grid.css has classes of these names.`,
    },
  ),
  name: plainText(LIMITS.breakpointName, 'A grid needs a name.'),
  /** What it gives at a breakpoint; the rest is the main grid’s. */
  at: z.record(
    z.string().max(40),
    z.strictObject({
      columns: columns.partial().optional(),
      rows: rows.nullable().optional(),
      baseline: baseline.nullable().optional(),
    }),
  ),
});

export const namedGrids = z
  .array(namedGrid)
  .max(LIMITS.grids, `A specification has at most ${LIMITS.grids} grids beside the main one.`)
  .superRefine((grids, context) => {
    const ids = grids.map(({ id }) => id);
    const twice = ids.find((id, index) => ids.indexOf(id) !== index);
    if (twice) context.addIssue({ code: 'custom', message: `Two grids have the id “${twice}”. Rename one of them.` });
  });
