import { z } from 'zod';
import { evaluateArithmetic } from '../length/arithmetic';
import { lengthText, parseLength } from '../length/length';

/** Zod schema of the spec document, version 1. Unknown keys are refused with their path. */

const lengthString = z.string().superRefine((text, context) => {
  const { problem } = parseLength(text);
  if (problem) context.addIssue({ code: 'custom', message: problem });
});

const typedLength = z
  .strictObject({ typed: z.string().max(200), is: lengthString })
  .superRefine(({ typed, is }, context) => {
    const result = evaluateArithmetic(typed);
    const stated = parseLength(is);
    if (result.problem) context.addIssue({ code: 'custom', message: result.problem, path: ['typed'] });
    else if (stated.value && lengthText(stated.value) !== lengthText(result.value!)) {
      context.addIssue({
        code: 'custom',
        message: `“${typed}” comes to ${lengthText(result.value!)}, not ${is}.`,
        path: ['is'],
      });
    }
  });

const length = z.union([lengthString, z.number().min(0).max(100_000), typedLength]);

/** What a growing length begins and ends with does not itself change with the screen. */
const fixedLength = lengthString.refine((text) => !/(%|vw)\s*$/i.test(text), {
  message: 'A growing length begins and ends with a fixed length, such as 16px and 48px.',
});

const growing = z
  .strictObject({
    between: z.tuple([fixedLength, fixedLength]),
    over: z.tuple([z.number().min(0), z.number().positive()]),
  })
  .refine(({ over }) => over[0] < over[1], {
    message: 'A growing length needs two widths, the smaller first, such as [600, 1440].',
    path: ['over'],
  });

const RATIO = /^(\d+(?:\.\d+)?)(?:\/([1-9]\d*))?$/;
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
  z.strictObject({ rule: z.literal('modules'), lines: z.number().int().min(1), between: z.number().int().min(0) }),
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
  type: open,
  layouts: open,
  waivers: z.array(waiver).max(500),
});

export type Spec = z.infer<typeof specSchema>;
export type Breakpoint = Spec['breakpoints'][number];
export type Columns = Breakpoint['columns'];
export type Rows = NonNullable<Breakpoint['rows']>;
export type Waiver = Spec['waivers'][number];
