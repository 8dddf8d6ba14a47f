import * as z from 'zod';
import { type Block, blocksSchema, id } from './holds-schema';
import { LIMITS } from '../limits';
import { breakpointId, rowCount, space } from './placement-schema';
import { plainText } from './text-schema';

/** Zod schemas of the trial layouts in a document. */

/** What is drawn behind a section, down to the next: a tint of its own, as wide as the screen or as its container. */
const ground = z.strictObject({ tint: z.enum(['light', 'strong', 'dark']), to: z.enum(['screen', 'container']) });

const section = z.strictObject({
  id,
  name: plainText(LIMITS.breakpointName, 'A section needs a name.'),
  /** As tall as its content, or as one screen. */
  tall: z.enum(['content', 'screen']),
  /** The grid on which it stands, by its id; none: the main one. */
  grid: z.string().max(40).optional(),
  ground: ground.optional(),
  space,
  blocks: blocksSchema,
});

const layout = z.strictObject({
  id,
  name: plainText(LIMITS.breakpointName, 'A layout needs a name.'),
  notes: plainText(LIMITS.layoutNotes),
  /** White space between its sections, in rows; what is not said follows from the next narrower breakpoint. */
  between: z.record(breakpointId, rowCount).optional(),
  sections: z.array(section).max(LIMITS.sections, `A layout has at most ${LIMITS.sections} sections.`),
});

export const layoutsSchema = z
  .array(layout)
  .max(LIMITS.layouts, `A specification has at most ${LIMITS.layouts} layouts.`);

export type Ground = NonNullable<z.infer<typeof section>['ground']>;
export type Section = Omit<z.infer<typeof section>, 'blocks'> & { blocks: Block[] };
export type Layout = Omit<z.infer<typeof layout>, 'sections'> & { sections: Section[] };
