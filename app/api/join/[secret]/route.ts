import { SAID } from '../../../../core/limits';
import * as z from 'zod';
import { plainText } from '../../../../core/spec/text-schema';
import { actingAs } from '../../../../server/database/acting-as';
import { database } from '../../../../server/database/database';
import { invitationBy, joinAnew, takeInvitation } from '../../../../server/team/invitations';
import { openSession } from '../../../../server/sign-in/sessions';
import { refuse, accepted } from '../../../answers';
import { forNobodyYet } from '../../../endpoint';
import { clientAddress, currentPerson, setSessionCookie, userAgent } from '../../../asker';

const newcomer = z.object({
  name: z.string().trim().pipe(plainText(SAID.name, 'Enter your name.')),
  email: z.email('Enter an e-mail address, such as rin@example.org.').max(SAID.email),
  password: z.string().min(1, 'Choose a password.').max(SAID.password),
});

export const POST = forNobodyYet(
  {
    path: '/api/join/[secret]',
    does: 'Takes an invitation: for whoever is signed in, or with a new account.',
    body: newcomer.optional(),
  },
  async ({ db, body, params: { secret } }) => {
    const [person, address] = [await currentPerson(), await clientAddress()];
    if (person) {
      accepted(await takeInvitation(database({ personId: person.id, address }), secret));
    } else {
      if (!body) return refuse(400, 'Enter a name, an e-mail address and a password.');
      const { personId } = accepted(await joinAnew(db, secret, body));
      const own = actingAs(db, { personId, address });
      await setSessionCookie(await openSession(own, { personId, address, agent: await userAgent() }));
    }
    const invitation = await invitationBy(db, secret);
    return { team: invitation!.teamSlug };
  },
);
