import * as z from 'zod';
import { growing, length, ratioUpTo } from './length-schema';
import { LIMITS } from '../limits';
import { idText, plainText } from './text-schema';

/** Zod schemas of the text styles in a document. */

const units = z.number().int().max(100_000);

/**
 * A font with its measures in font units, as they were read from its file: a document can be worked out without the
 * file, and an edition keeps its numbers when the file changes.
 */
export const font = z.strictObject({
  /** `shipped:source-serif-4` or, for a font that a team brought, `team:` and the SHA-256 of its file. */
  file: z.string().regex(/^(shipped:[a-z0-9-]+|team:[0-9a-f]{64})$/, 'A font is "shipped:name" or "team:SHA-256".'),
  family: plainText(LIMITS.name, 'A font has a family name.'),
  unitsPerEm: units.min(16),
  ascent: units.min(0),
  descent: units.min(0),
  lineGap: units.min(0),
  capHeight: units.min(1),
  xHeight: units.min(1),
  /** Advance of a letter of English text, spaces included, on average. */
  averageWidth: units.min(1),
  /** The cut: weight from 1 to 1000 where it is not 400, and whether it is italic. */
  weight: z.number().int().min(1).max(1000).optional(),
  italic: z.literal(true).optional(),
});

const size = z.union([length, growing]);

const setting = z.strictObject({
  size,
  /** A length, one that grows, or a multiple of the size. */
  leading: z.union([
    size,
    z.strictObject({
      times: ratioUpTo(LIMITS.leadingTimes, 'A leading in sizes is a number of more than 0, such as "1.5".'),
    }),
  ]),
  /** How many columns the text runs over. */
  span: z.number().int().min(1).max(LIMITS.columns),
});

const textStyle = z.strictObject({
  name: idText('A style is named in lower-case letters, digits and hyphens, such as "body".'),
  role: z.enum(['body', 'heading', 'label']),
  font,
  /** What of a line stands on the grid: its line box, or the text trimmed to its caps or its x-height. */
  stands: z.enum(['line-box', 'caps', 'x-height']),
  /** By breakpoint id; a breakpoint that is not named takes the nearest narrower one that is. */
  at: z
    .record(idText('Settings use breakpoint ids as keys.'), setting)
    .refine((at) => Object.keys(at).length > 0, 'A style needs a size somewhere.'),
});

export const textStyles = z
  .array(textStyle)
  .max(LIMITS.textStyles, `A specification has at most ${LIMITS.textStyles} text styles.`)
  .superRefine((styles, context) => {
    const names = styles.map(({ name }) => name);
    const twice = names.find((name, index) => names.indexOf(name) !== index);
    if (twice)
      context.addIssue({ code: 'custom', message: `Two text styles are named “${twice}”. Rename one of them.` });
  });

export type Font = z.infer<typeof font>;
export type TypeSetting = z.infer<typeof setting>;
export type Leading = TypeSetting['leading'];
export type TextStyle = z.infer<typeof textStyle>;
