import * as z from 'zod';
import { plainText } from '../../../../../core/spec/text-schema';
import { database } from '../../../../../server/database';
import { askReview, endReview, reviewState } from '../../../../../server/reviews';
import { forSpec, nothingHere, readBody, refuse } from '../../../../answers';
import { isNumber } from '../../../../numbers';

const wanted = z.object({
  note: z.string().trim().pipe(plainText(2_000, 'Say in a sentence what should be looked at.')),
  people: z.array(z.string().refine(isNumber, 'Choose people of the team.')).max(50),
});

/** How the draft stands with its reviewers. */
export const GET = forSpec(['read-drafts'], async (access) =>
  Response.json(await reviewState(database(access), access)),
);

/** Asks for a review of the draft. */
export const POST = forSpec(['ask-review'], async (access, request) => {
  const read = await readBody(request, wanted, 32_768);
  if ('refusal' in read) return read.refusal;
  const asked = await askReview(database(access), access, read.body);
  return asked.problem === undefined ? Response.json({ id: asked.value }, { status: 201 }) : refuse(422, asked.problem);
});

/** Calls the review off. */
export const DELETE = forSpec(['ask-review'], async (access) =>
  (await endReview(database(access), access)) ? Response.json({}) : nothingHere(),
);
