import * as z from 'zod';
import { plainText } from '../../../../../core/spec/text-schema';
import { ROLES } from '../../../../../server/access/permissions';
import { database } from '../../../../../server/database';
import { invite } from '../../../../../server/invitations';
import { forTeam, originOfRequest, readBody, refuse } from '../../../../answers';

const wanted = z.object({
  email: z.email('This is not an e-mail address; write one such as rin@example.org.').max(254),
  role: z.enum(ROLES, `A role is one of ${ROLES.join(', ')}.`),
  says: z
    .string()
    .trim()
    .pipe(z.union([z.literal(''), plainText(80)]))
    .default(''),
});

/** Invites somebody: the answer carries the link, which is shown this once; it is sent as well. */
export const POST = forTeam(['people'], async (access, request) => {
  const read = await readBody(request, wanted, 4096);
  if ('refusal' in read) return read.refusal;
  const made = await invite(database(access), access, read.body, originOfRequest(request));
  return made.problem === undefined
    ? Response.json(made.value, { status: 201, headers: { 'Cache-Control': 'no-store' } })
    : refuse(422, made.problem);
});
