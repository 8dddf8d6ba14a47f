import * as z from 'zod';
import { parseLength } from '../length/length';
import { lengthOf } from '../length/length-value';
import { changesWithScreen } from '../length/units';
import { LIMITS } from '../limits';
import { length } from './length-schema';
import { plainText } from './text-schema';

/** Zod schemas of what is laid over a page beside its grids: a mesh of units, guides, and how all of them are drawn. */

const place = z.string().superRefine((text, context) => {
  const { problem } = parseLength(text.replace(/^-/, ''));
  if (problem) context.addIssue({ code: 'custom', message: problem });
});

/** A line by hand, over the whole height (`x`) or the whole width (`y`) of a screen. */
const guide = z
  .strictObject({
    name: plainText(LIMITS.breakpointName, 'A guide needs a name.'),
    /** What is measured: `x` along the width, so that the line is upright. */
    axis: z.enum(['x', 'y']),
    at: place,
    from: z.enum(['start', 'end', 'centre']),
  })
  .refine(({ at, from }) => from === 'centre' || !at.startsWith('-'), {
    message: 'Only a guide from the centre can be below 0: it then lies before it.',
    path: ['at'],
  });

export const guides = z
  .array(guide)
  .max(LIMITS.guides, `A breakpoint has at most ${LIMITS.guides} guides.`)
  .superRefine((all, context) => {
    const names = all.map(({ name }) => name);
    const twice = names.find((name, index) => names.indexOf(name) !== index);
    if (twice !== undefined)
      context.addIssue({ code: 'custom', message: `Two guides are called “${twice}”. Rename one of them.` });
  });

/** A mesh of squares that begins with the container and under the top bar. */
export const mesh = z.strictObject({
  /** The side of a square; by default the base unit. */
  square: length
    .refine((value) => !changesWithScreen(lengthOf(value).unit), {
      message: 'A square of the mesh is a fixed length, such as "8px". This one changes with the screen.',
    })
    .optional(),
  /** A strong line every so many squares; by default none is. */
  strong: z
    .number()
    .int()
    .min(2, 'A strong line comes every 2 to 100 squares.')
    .max(100, 'A strong line comes every 2 to 100 squares.')
    .optional(),
});

/** Everything that is laid over a page. */
export const OVERLAY_IDS = ['columns', 'rows', 'baseline', 'mesh', 'guides'] as const;

const ink = z.strictObject({
  colour: z.string().regex(/^#[0-9a-f]{6}$/, 'A colour is six hexadecimal digits, such as "#6b3a78".'),
  /** In percent. */
  strength: z.number().int().min(5).max(100),
});

const combination = z.strictObject({
  name: plainText(LIMITS.breakpointName, 'A combination needs a name.'),
  key: z.string().regex(/^[1-9]$/, 'A combination has a key from "1" to "9".'),
  shows: z
    .array(z.enum(OVERLAY_IDS))
    .refine((ids) => new Set(ids).size === ids.length, { message: 'A combination names each overlay once.' }),
});

/** How overlays are drawn: inks that differ from the usual ones, filled or as outlines, and named combinations of them. */
export const overlays = z.strictObject({
  columns: ink.optional(),
  rows: ink.optional(),
  baseline: ink.optional(),
  mesh: ink.optional(),
  guides: ink.optional(),
  drawn: z.enum(['filled', 'outlines']).optional(),
  combinations: z
    .array(combination)
    .max(LIMITS.combinations, `A specification has at most ${LIMITS.combinations} combinations of overlays.`)
    .superRefine((all, context) => {
      for (const part of ['name', 'key'] as const) {
        const twice = all.map((each) => each[part]).find((value, index, values) => values.indexOf(value) !== index);
        if (twice !== undefined)
          context.addIssue({
            code: 'custom',
            message: `Two combinations have the ${part} “${twice}”. Change one of them.`,
          });
      }
    })
    .optional(),
});

export type OverlayInk = z.infer<typeof ink>;
export type Guide = z.infer<typeof guide>;
