import * as z from 'zod';
import { type Layout, layoutsSchema } from './layout-schema';
import { baseline, columns, frame, namedGrids, rows } from './grid-schema';
import { length, plainNumber, ratioUpTo } from './length-schema';
import { LIMITS } from '../limits';
import { guides, mesh, overlays } from './overlay-schema';
import { idText, plainText } from './text-schema';
import { textStyles } from './type-schema';

/** Zod schema of the spec document, version 4. Unknown keys are refused with their path. */

const screenSize = plainNumber(LIMITS.screen);

const breakpoint = z.strictObject({
  id: idText('An id is lower-case letters, digits and hyphens, such as "phone".'),
  name: plainText(LIMITS.breakpointName, 'A breakpoint needs a name.'),
  from: z.number().int('A breakpoint starts at a whole px.').min(0).max(LIMITS.from),
  reference: z.strictObject({ width: screenSize, height: screenSize }),
  /** Bars and panels at the screen’s sides, beside which the grid stands. */
  frame: frame.optional(),
  columns,
  rows: rows.nullable(),
  baseline: baseline.nullable(),
  /** Lines by hand. */
  guides: guides.optional(),
  notes: plainText(LIMITS.notes),
});

const waiver = z.strictObject({
  rule: z.string().max(80),
  breakpoint: z.string().max(40).nullable(),
  /** The named grid in which it was found; none: the main one. */
  grid: z.string().max(40).optional(),
  values: z
    .record(z.string().max(40), plainText(20_000))
    .refine(
      (values) => Object.keys(values).length <= LIMITS.thresholds,
      `A waiver holds at most ${LIMITS.thresholds} numbers.`,
    ),
  reason: plainText(LIMITS.reason, 'A waiver needs a reason.'),
  by: plainText(LIMITS.name),
});

/** What a spec changes about one rule; what it does not say stays as the rule has it. */
const ruleSetting = z.strictObject({
  on: z.boolean().optional(),
  weight: z.enum(['must-fix', 'weigh', 'note']).optional(),
  thresholds: z.record(z.string().max(40), plainNumber({ least: 0, most: LIMITS.length, places: 3 })).optional(),
});

/** The name of a spec, as documents and forms take it. */
export const specName = z
  .string()
  .trim()
  .min(1, 'Enter a name.')
  .max(LIMITS.name, `A name has at most ${LIMITS.name} characters.`)
  .pipe(plainText(LIMITS.name));

export const specSchema = z.strictObject({
  ypsiline: z.literal(5),
  name: specName,
  /** Of what ranges and widths are: of the screen, or of the element in which the grid stands. */
  measure: z.enum(['viewport', 'container']).optional(),
  rootFontSize: plainNumber(LIMITS.rootFontSize),
  pixelsPerInch: z.union([z.literal(72), z.literal(96)]),
  spacing: z.strictObject({
    base: length,
    halfSteps: z.boolean(),
    steps: z
      .array(
        z.strictObject({
          name: plainText(60, 'A spacing step needs a name.'),
          times: ratioUpTo(
            LIMITS.stepTimes,
            `A step is a multiple of the base unit: more than 0 and at most ${LIMITS.stepTimes}, such as "3/2".`,
          ),
        }),
      )
      .max(LIMITS.steps),
  }),
  breakpoints: z
    .array(breakpoint)
    .min(1, 'A specification needs at least one breakpoint.')
    .max(LIMITS.breakpoints, `A specification has at most ${LIMITS.breakpoints} breakpoints.`)
    .superRefine((breakpoints, context) => {
      const ids = breakpoints.map(({ id }) => id);
      const twice = ids.find((id, index) => ids.indexOf(id) !== index);
      if (twice)
        context.addIssue({ code: 'custom', message: `Two breakpoints have the id “${twice}”. Rename one of them.` });
    }),
  /** Grids of a page beside the main one. */
  grids: namedGrids.optional(),
  type: textStyles,
  layouts: layoutsSchema as z.ZodType<Layout[]>,
  waivers: z.array(waiver).max(LIMITS.waivers),
  /** A mesh of unit squares over the page. */
  mesh: mesh.optional(),
  overlays: overlays.optional(),
  /** Rules that are held otherwise here, by the rule's id. */
  rules: z.record(z.string().max(80), ruleSetting).optional(),
});

export type Spec = z.infer<typeof specSchema>;
export type Breakpoint = Spec['breakpoints'][number];
export type Columns = Breakpoint['columns'];
export type Rows = NonNullable<Breakpoint['rows']>;
export type Baseline = NonNullable<Breakpoint['baseline']>;
export type NamedGrid = NonNullable<Spec['grids']>[number];
export type Waiver = Spec['waivers'][number];
export type RuleSetting = z.infer<typeof ruleSetting>;
export type { Guide, OverlayInk } from './overlay-schema';
export type { Block, CardGrid, Holds } from './holds-schema';
export type { Ground, Layout, Section } from './layout-schema';
export type { BlockHeight, Leaving, Placement, SectionSpace } from './placement-schema';
export type { Font, Leading, TextStyle, TypeSetting } from './type-schema';
