import * as z from 'zod';
import { plainText } from '../../../../../../core/spec/text-schema';
import { database } from '../../../../../../server/database';
import { answerReview } from '../../../../../../server/reviews';
import { forSpec, readBody, refuse } from '../../../../../answers';
import { revisionNumber } from '../../../../../numbers';

const answer = z.object({
  verdict: z.enum(['approve', 'ask-changes'], 'A review is answered with approve or ask-changes.'),
  note: z.string().trim().pipe(plainText(2_000)).default(''),
  revision: revisionNumber,
});

/** Approves the draft as it was seen, or asks for changes. */
export const POST = forSpec(['review'], async (access, request) => {
  const read = await readBody(request, answer, 32_768);
  if ('refusal' in read) return read.refusal;
  const answered = await answerReview(database(access), access, read.body);
  return answered.problem === undefined ? Response.json({}, { status: 201 }) : refuse(422, answered.problem);
});
