import { px } from '../length/px';
import * as z from 'zod';
import { evaluateArithmetic } from '../length/arithmetic';
import { lengthText, parseLength } from '../length/length';
import { changesWithScreen } from '../length/units';
import { RATIO, ratioOf } from '../length/ratio';
import { LEAST_TERMS, MOST_TERMS, SAFE } from '../length/sum';
import { LIMITS } from '../limits';

/** Zod schemas of the lengths and other numbers in a document. */

/** A number that is written out in few digits: 1e-7 and 0.1 + 0.2 are none. */
export function plainNumber({ least, most, places = 0 }: { least: number; most: number; places?: number }) {
  const written = new RegExp(places > 0 ? `^\\d+(\\.\\d{1,${places}})?$` : '^\\d+$');
  return z
    .number()
    .min(least, `The least is ${least}.`)
    .max(most, `The most is ${most.toLocaleString('en')}.`)
    .refine((value) => written.test(String(value)), {
      message: places > 0 ? `A number has at most ${places} decimal places here.` : 'This is a whole number.',
    });
}

export const lengthString = z.string().superRefine((text, context) => {
  const { problem } = parseLength(text);
  if (problem) context.addIssue({ code: 'custom', message: problem });
});

export const typedLength = z
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

export const length = z.union([
  lengthString,
  plainNumber({ least: 0, most: LIMITS.length, places: LIMITS.lengthPlaces }),
  typedLength,
]);

/** What a growing length begins and ends with does not itself change with the screen. */
const fixedLength = lengthString.refine((text) => !changesWithScreen(parseLength(text).value?.unit ?? 'px'), {
  message: 'A growing length starts and ends with a fixed length, such as 16px and 48px.',
});

export const growing = z
  .strictObject({
    between: z.tuple([fixedLength, fixedLength]),
    over: z.tuple([plainNumber({ least: 0, most: LIMITS.from }), plainNumber({ least: 1, most: LIMITS.from })]),
  })
  .refine(({ over }) => over[0] < over[1], {
    message: 'A growing length needs two widths, the smaller first, such as [640, 1416].',
    path: ['over'],
  });

/** A ratio of more than 0 and at most so much, with what to say of others. */
export function ratioUpTo(most: number, message: string) {
  return (
    z
      .string()
      // what is no ratio is not compared
      .regex(RATIO, { message, abort: true })
      .refine((text) => ratioOf(text).compare(0) > 0 && ratioOf(text).compare(px(most)) <= 0, { message })
  );
}

const term = z.string().superRefine((text, context) => {
  const { problem } = parseLength(text.replace(/^-/, ''));
  if (problem) context.addIssue({ code: 'custom', message: problem });
});

const termsOf = <T extends z.ZodType<string>>(each: T) =>
  z.strictObject({
    sum: z
      .array(each)
      .min(LEAST_TERMS, `A sum has ${LEAST_TERMS} to ${MOST_TERMS} lengths.`)
      .max(MOST_TERMS, `A sum has ${LEAST_TERMS} to ${MOST_TERMS} lengths.`),
  });

/** Lengths added up, those with a minus taken off: `100% - 40px`. */
export const sum = termsOf(term);

/** A sum in a margin, which may also add what the screen keeps free at that side: `20px + safe`. */
export const marginSum = termsOf(z.union([z.literal([SAFE, `-${SAFE}`]), term]));

const RELATION = `A margin or a space is more than 0 and at most ${LIMITS.relation} gutters or columns, such as "2" or "1/2".`;

/** So many gutters, or so much of a column. */
export const relation = z.union([
  z.strictObject({ ofGutter: ratioUpTo(LIMITS.relation, RELATION) }),
  z.strictObject({ ofColumn: ratioUpTo(LIMITS.relation, RELATION) }),
]);
