import * as z from 'zod';
import { SAID } from '../limits';
import type { Parsed } from '../parsed';
import type { Spec } from '../spec/schema';
import { plainText } from '../spec/text-schema';
import { SURVEY_LIMITS } from '../survey/read-screens';
import type { Screen } from '../survey/screens';
import { turned } from '../survey/turned';
import { BUILT_CHECKS, type BuiltCheckId } from './verdicts';
import { BUILT_TOLERANCE, type BuiltScreen, holdBuilt } from './hold-built';
import type { Measured } from './measured';

/** A kept measurement holds at most as much as a kept survey; of what is off on a page, so many are named. */
export const MEASUREMENT_LIMITS = { pages: 40, named: 300, bytes: 8_000_000 };

/** A page as it was measured at its widths. Neither its words nor pictures of it are kept. */
export type MeasuredPage = { page: string; screens: Measured[] };

/** What is off on a page: each thing once for each check, at however many widths. */
export type OffOnPage = { page: string; off: number; named: OffThing[] };
export type OffThing = { check: BuiltCheckId; element: string };

/** What a build reports: pages as they were measured, and how much was off when they were held against the document. */
export type Measurement = {
  /** Given by whoever measured: sent again, it is known. */
  id: string;
  /** What was measured, such as a branch. */
  name: string;
  /** SHA-256 of the document against which was measured: of its canonical text, and of its file. */
  document: { canonical: string; file: string };
  tolerance: number;
  off: number;
  pages: MeasuredPage[];
};

const length = z.number().min(-1e6).max(1e6);
const name = z.string().max(600);
const place = { name, x: length, y: length, width: length, height: length };
const block = z.string().max(SURVEY_LIMITS.name).nullable();
const screen = z.object({
  width: z.number().min(1).max(SURVEY_LIMITS.width),
  height: z.number().min(0).max(1e6),
  screen: z.number().min(0).max(SURVEY_LIMITS.height),
  direction: z.enum(['ltr', 'rtl']),
  origin: z.object({ x: length, y: length }),
  over: z.object({ by: length, names: z.array(name).max(10) }),
  boxes: z.array(z.object({ ...place, seen: z.enum(['replaced', 'painted', 'text']), block })),
  texts: z.array(
    z.object({
      name,
      x: length,
      width: length,
      family: z.string().max(1000),
      size: length,
      leading: length.nullable(),
      baseline: length.nullable(),
      style: z.string().max(SURVEY_LIMITS.name).nullable(),
      isInLine: z.boolean(),
      block,
    }),
  ),
  layout: z
    .object({ id: z.string().max(200), blocks: z.array(z.object({ ...place, id: z.string().max(200) })) })
    .nullable(),
});
const sum = z.string().regex(/^[0-9a-f]{64}$/);
const measurement = z.object({
  id: z.uuid(),
  name: z.string().trim().pipe(plainText(SAID.name, 'Name what was measured, such as main.')),
  document: z.object({ canonical: sum, file: sum }),
  tolerance: z.number().min(0).max(100),
  off: z.number().int().min(0),
  pages: z
    .array(z.object({ page: plainText(500, 'A page has an address, such as /timetable.'), screens: z.array(screen) }))
    .min(1)
    .max(MEASUREMENT_LIMITS.pages),
});

/** A measurement that is to be kept, read from JSON; one sentence with its place where it is none, or too large. */
export function readMeasurement(json: unknown): Parsed<Measurement> {
  const { data, error } = measurement.safeParse(json);
  if (!data) {
    const [issue] = error.issues;
    return { problem: `${issue!.path.join('.') || 'report'}: ${issue!.message}` };
  }
  return tooMuch(data.pages) ?? { value: data };
}

/** Why so much is not kept; null where it is. */
export function tooMuch(pages: readonly MeasuredPage[]): { problem: string } | null {
  const screens = pages.flatMap((page) => page.screens);
  const parts = screens.reduce((count, { boxes, texts }) => count + Math.max(boxes.length, texts.length), 0);
  const ends = 'Measure fewer pages, or fewer widths with --widths drawn.';
  if (pages.length > MEASUREMENT_LIMITS.pages)
    return {
      problem: `A measurement holds up to ${MEASUREMENT_LIMITS.pages} pages; these are ${pages.length}. ${ends}`,
    };
  if (screens.length > SURVEY_LIMITS.screens)
    return {
      problem: `A measurement holds up to ${SURVEY_LIMITS.screens} screens; these are ${screens.length}. ${ends}`,
    };
  if (parts > SURVEY_LIMITS.boxes) {
    const [most, are] = [SURVEY_LIMITS.boxes, parts].map((count) => count.toLocaleString('en'));
    return { problem: `A measurement holds up to ${most} boxes; these are ${are}. ${ends}` };
  }
  return null;
}

/** What is off on a page that was held at several widths: each element once for each check. */
export function offOnPage(page: string, screens: readonly BuiltScreen[]): OffOnPage {
  const found = new Map<string, OffThing>();
  for (const { checks } of screens)
    for (const { check, findings } of checks)
      for (const { says, elements } of findings)
        for (const element of elements.length > 0 ? elements : [says])
          found.set(thingKey({ check, element }), { check, element });
  return { page, off: found.size, named: [...found.values()].slice(0, MEASUREMENT_LIMITS.named) };
}

/** The same of a page as it was measured, against a document. */
export function holdPage({ page, screens }: MeasuredPage, spec: Spec, tolerance = BUILT_TOLERANCE): OffOnPage {
  return offOnPage(
    page,
    screens.map((measured) => holdBuilt(spec, measured, tolerance)),
  );
}

export function offInAll(pages: readonly OffOnPage[]): number {
  return pages.reduce((sum, { off }) => sum + off, 0);
}

/** A thing that is off, in words: `main > article.card (columns)`. */
export function thingText({ check, element }: OffThing): string {
  return `${element} (${BUILT_CHECKS[check].toLowerCase()})`;
}

/** By what it is known again. */
export const thingKey = ({ check, element }: OffThing): string => `${check} ${element}`;

/** Measured pages as screens of a survey, as their reader sees them: from their start. */
export function screensOfMeasured(pages: readonly MeasuredPage[]): Screen[] {
  return pages.flatMap(({ page, screens }) =>
    screens.map(({ width, height, direction, boxes }) => {
      const screen: Screen = {
        name: `${page}, ${width}`.slice(0, SURVEY_LIMITS.name),
        width,
        height: Math.max(1, Math.min(height, SURVEY_LIMITS.height)),
        boxes: boxes.map((box) => ({
          x: box.x,
          y: box.y,
          width: box.width,
          height: box.height,
          name: box.name.slice(0, SURVEY_LIMITS.name),
        })),
      };
      return direction === 'rtl' ? turned(screen) : screen;
    }),
  );
}
