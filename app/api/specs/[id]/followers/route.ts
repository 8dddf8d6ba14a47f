import { SAID } from '../../../../../core/limits';
import * as z from 'zod';
import { plainText } from '../../../../../core/spec/text-schema';
import { followersOf, noteFollower } from '../../../../../server/editions/followers';
import { DONE, accepted } from '../../../../answers';
import { forSpec } from '../../../../endpoint';

const wanted = z.object({
  name: z.string().trim().pipe(plainText(SAID.name, 'Enter a name, such as Booking site.')),
  version: z.string().trim().max(SAID.version),
  note: z.string().trim().pipe(plainText(SAID.followerNote)).default(''),
});

export const GET = forSpec(
  { path: '/api/specs/[id]/followers', does: 'Who builds on which edition.', may: 'read-drafts' },
  async ({ db, access }) => ({ followers: await followersOf(db, access) }),
);

export const POST = forSpec(
  {
    path: '/api/specs/[id]/followers',
    does: 'Adds a follower: who builds on which edition.',
    may: 'publish',
    body: wanted,
    makes: true,
  },
  async ({ db, access, body }) => {
    accepted(await noteFollower(db, access, body));
    return DONE;
  },
);
