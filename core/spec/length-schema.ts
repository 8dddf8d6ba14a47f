import { z } from 'zod';
import { evaluateArithmetic } from '../length/arithmetic';
import { lengthText, parseLength } from '../length/length';

/** Zod schemas of the lengths in a document. */

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

export const length = z.union([lengthString, z.number().min(0).max(100_000), typedLength]);

/** What a growing length begins and ends with does not itself change with the screen. */
const fixedLength = lengthString.refine((text) => !/(%|vw)\s*$/i.test(text), {
  message: 'A growing length begins and ends with a fixed length, such as 16px and 48px.',
});

export const growing = z
  .strictObject({
    between: z.tuple([fixedLength, fixedLength]),
    over: z.tuple([z.number().min(0), z.number().positive()]),
  })
  .refine(({ over }) => over[0] < over[1], {
    message: 'A growing length needs two widths, the smaller first, such as [600, 1440].',
    path: ['over'],
  });

/** A plain number or fraction such as "3/2". */
export const RATIO = /^(\d+(?:\.\d+)?)(?:\/([1-9]\d*))?$/;
