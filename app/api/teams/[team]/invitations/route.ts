import { SAID } from '../../../../../core/limits';
import * as z from 'zod';
import { plainText } from '../../../../../core/spec/text-schema';
import { ROLES } from '../../../../../server/access/permissions';
import { invite } from '../../../../../server/team/invitations';
import { originOfRequest, accepted } from '../../../../answers';
import { forTeam } from '../../../../endpoint';

const wanted = z.object({
  email: z.email('Enter an e-mail address, such as rin@example.org.').max(SAID.email),
  role: z.enum(ROLES, `Choose a role: ${ROLES.join(', ')}.`),
  says: z
    .string()
    .trim()
    .pipe(z.union([z.literal(''), plainText(SAID.says)]))
    .default(''),
});

export const POST = forTeam(
  {
    path: '/api/teams/[team]/invitations',
    does: 'Invites someone: the answer carries the link, which is shown only once; it’s sent as well.',
    may: 'people',
    body: wanted,
    makes: true,
  },
  async ({ db, access, body, request }) => {
    return accepted(await invite(db, access, body, originOfRequest(request)));
  },
);
