import { MOST, SAID } from '../../../../../core/limits';
import * as z from 'zod';
import { plainText } from '../../../../../core/spec/text-schema';
import { askReview, endReview, reviewState } from '../../../../../server/specs/reviews';
import { DONE, nothingHere, accepted } from '../../../../answers';
import { forSpec } from '../../../../endpoint';
import { isNumber } from '../../../../numbers';

const wanted = z.object({
  note: z.string().trim().pipe(plainText(SAID.reviewNote, 'Enter what reviewers should look at.')),
  people: z.array(z.string().refine(isNumber, 'Choose people in the team.')).max(MOST.reviewers),
});

export const GET = forSpec(
  { path: '/api/specs/[id]/review', does: 'How the draft stands with its reviewers.', may: 'read-drafts' },
  async ({ db, access }) => await reviewState(db, access),
);

export const POST = forSpec(
  {
    path: '/api/specs/[id]/review',
    does: 'Requests a review of the draft.',
    may: 'ask-review',
    body: wanted,
    most: 'texts',
    makes: true,
  },
  async ({ db, access, body }) => {
    return { id: accepted(await askReview(db, access, body)) };
  },
);

export const DELETE = forSpec(
  { path: '/api/specs/[id]/review', does: 'Cancels the review.', may: 'ask-review' },
  async ({ db, access }) => ((await endReview(db, access)) ? DONE : nothingHere()),
);
