import * as z from 'zod';
import { plainText } from '../../../../../core/spec/text-schema';
import { database } from '../../../../../server/database';
import { FOLLOWER_LIMITS, followersOf, noteFollower } from '../../../../../server/followers';
import { forSpec, readBody, refuse } from '../../../../answers';

const wanted = z.object({
  name: z.string().trim().pipe(plainText(FOLLOWER_LIMITS.name, 'A follower needs a name, such as Booking site.')),
  version: z.string().trim().max(80),
  note: z.string().trim().pipe(plainText(300)).default(''),
});

/** Who builds on which edition. */
export const GET = forSpec(['read-drafts'], async (access) =>
  Response.json(
    { followers: await followersOf(database(access), access) },
    { headers: { 'Cache-Control': 'no-store' } },
  ),
);

/** Notes by hand who builds on which edition. */
export const POST = forSpec(['publish'], async (access, request) => {
  const read = await readBody(request, wanted, 8192);
  if ('refusal' in read) return read.refusal;
  const noted = await noteFollower(database(access), access, read.body);
  return noted.problem === undefined ? Response.json({}, { status: 201 }) : refuse(422, noted.problem);
});
