import { SAID } from '../../../../../../core/limits';
import * as z from 'zod';
import { plainText } from '../../../../../../core/spec/text-schema';
import { answerReview } from '../../../../../../server/specs/reviews';
import { DONE, accepted } from '../../../../../answers';
import { forSpec } from '../../../../../endpoint';
import { revisionNumber } from '../../../../../numbers';

const answer = z.object({
  verdict: z.enum(['approve', 'ask-changes'], 'A review takes approve or ask-changes.'),
  note: z.string().trim().pipe(plainText(SAID.reviewNote)).default(''),
  revision: revisionNumber,
});

export const POST = forSpec(
  {
    path: '/api/specs/[id]/review/answers',
    does: 'Approves the draft as it was seen, or requests changes.',
    may: 'review',
    body: answer,
    most: 'texts',
    makes: true,
  },
  async ({ db, access, body }) => {
    accepted(await answerReview(db, access, body));
    return DONE;
  },
);
