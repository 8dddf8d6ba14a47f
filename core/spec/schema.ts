import { z } from 'zod';
import { growing, length, lengthString, RATIO, typedLength } from './length-schema';
import { textStyles } from './type-schema';

/** Zod schema of the spec document, version 1. Unknown keys are refused with their path. */

const share = z.strictObject({
  ofColumn: z
    .string()
    .regex(RATIO, 'A share of a column is a fraction such as "1/4".')
    .refine((text) => !/^0+(\.0+)?(\/|$)/.test(text) && ratio(text) <= 10, {
      message: 'A gutter is more than 0 and at most 10 columns wide, such as "1/4".',
    }),
});

function ratio(text: string): number {
  const [numerator, denominator] = text.split('/');
  return Number(numerator) / Number(denominator ?? 1);
}

const margin = z.union([length, growing, z.literal('auto')]);

const columns = z.strictObject({
  count: z.union([
    z.number().int().min(1, 'A grid has at least 1 column.').max(64, 'A grid has at most 64 columns.'),
    z.literal('auto'),
  ]),
  gutter: z.union([z.literal('auto'), length, growing, share]),
  margin: z.union([margin, z.strictObject({ start: margin, end: margin })]),
  container: z.union([
    z.enum(['fill', 'auto']),
    length,
    growing,
    z.strictObject({ upTo: z.union([lengthString, typedLength]) }),
    z.strictObject({
      share: z.string().regex(/^\d+(\.\d+)?%$/, 'A share of the screen is a percentage such as "90%".'),
    }),
  ]),
  column: z.union([z.literal('auto'), length]),
  outer: z.enum(['none', 'half']),
  align: z.enum(['start', 'centre', 'end']),
  whole: z.enum(['no', 'margins', 'container']),
});

const rows = z.discriminatedUnion('rule', [
  z.strictObject({ rule: z.literal('repeat'), height: length, gap: length, offset: length }),
  z.strictObject({
    rule: z.literal('divide'),
    count: z.number().int().min(1).max(500),
    gap: length,
    marginTop: length,
    marginBottom: length,
    minHeight: length,
    maxHeight: length,
  }),
  z.strictObject({
    rule: z.literal('modules'),
    lines: z.number().int().min(1).max(1000),
    between: z.number().int().min(0).max(1000),
  }),
]);

const screenSize = z.number().positive().max(100_000);

const breakpoint = z.strictObject({
  id: z.string().regex(/^[a-z][a-z0-9-]{0,39}$/, 'An id is lower-case letters, digits and hyphens, such as "phone".'),
  name: z.string().min(1).max(60),
  from: z.number().int('A breakpoint starts at a whole px.').min(0).max(100_000),
  reference: z.strictObject({ width: screenSize, height: screenSize }),
  columns,
  rows: rows.nullable(),
  baseline: z.strictObject({ step: length, offset: length }).nullable(),
  notes: z.string().max(5000),
});

const open = z.array(z.record(z.string(), z.json())).max(500);

const waiver = z.strictObject({
  rule: z.string().max(80),
  breakpoint: z.string().nullable(),
  values: z.record(z.string(), z.string()),
  reason: z.string().min(1).max(1000),
  by: z.string().max(120),
});

const overlay = z.strictObject({
  colour: z.string().regex(/^#[0-9a-f]{6}$/, 'A colour is six hexadecimal digits, such as "#6b3a78".'),
  /** In percent. */
  strength: z.number().int().min(5).max(100),
});

/** What a spec changes about one rule; what it does not say stays as the rule has it. */
const ruleSetting = z.strictObject({
  on: z.boolean().optional(),
  weight: z.enum(['must-fix', 'weigh', 'note']).optional(),
  thresholds: z.record(z.string().max(40), z.number().min(0).max(100_000)).optional(),
});

export const specSchema = z.strictObject({
  ypsiline: z.literal(1),
  name: z.string().trim().min(1, 'A specification needs a name.').max(120, 'A name has at most 120 characters.'),
  rootFontSize: z.number().positive().max(200),
  pixelsPerInch: z.union([z.literal(72), z.literal(96)]),
  spacing: z.strictObject({
    base: length,
    halfSteps: z.boolean(),
    steps: z.array(z.strictObject({ name: z.string().min(1).max(60), times: z.string().regex(RATIO) })).max(100),
  }),
  breakpoints: z
    .array(breakpoint)
    .min(1, 'A specification has at least one breakpoint.')
    .max(24, 'A specification has at most 24 breakpoints.')
    .superRefine((breakpoints, context) => {
      const ids = breakpoints.map(({ id }) => id);
      const twice = ids.find((id, index) => ids.indexOf(id) !== index);
      if (twice)
        context.addIssue({ code: 'custom', message: `Two breakpoints have the id “${twice}”; give each its own.` });
    }),
  type: textStyles,
  layouts: open,
  waivers: z.array(waiver).max(500),
  /** Colours of the overlays that differ from the usual ones. */
  overlays: z
    .strictObject({ columns: overlay.optional(), rows: overlay.optional(), baseline: overlay.optional() })
    .optional(),
  /** Rules that are held otherwise here, by the rule's id. */
  rules: z.record(z.string().max(80), ruleSetting).optional(),
});

export type Spec = z.infer<typeof specSchema>;
export type Breakpoint = Spec['breakpoints'][number];
export type Columns = Breakpoint['columns'];
export type Rows = NonNullable<Breakpoint['rows']>;
export type Baseline = NonNullable<Breakpoint['baseline']>;
export type Waiver = Spec['waivers'][number];
export type RuleSetting = z.infer<typeof ruleSetting>;
export type OverlayInk = z.infer<typeof overlay>;
export type { Font, Leading, TextStyle, TypeSetting } from './type-schema';
