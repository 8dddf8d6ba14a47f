import * as z from 'zod';
import { plainText } from '../../../../core/spec/text-schema';
import { actingAs } from '../../../../server/acting-as';
import { database } from '../../../../server/database';
import { invitationBy, joinAnew, takeInvitation } from '../../../../server/invitations';
import { openSession } from '../../../../server/sign-in/sessions';
import { forAnybody, isPlain, nothingHere, readBody, refuse } from '../../../answers';
import { clientAddress, currentPerson, setSessionCookie, userAgent } from '../../../asker';

const newcomer = z.object({
  name: z.string().trim().pipe(plainText(80, 'Type your name.')),
  email: z.email('This is not an e-mail address; write one such as rin@example.org.').max(254),
  password: z.string().min(1, 'Choose a password.').max(1000),
});

/** Takes an invitation: for whoever is signed in, or with a new account. */
export const POST = forAnybody<{ secret: string }>(async (request, { secret }) => {
  if (!isPlain(secret)) return nothingHere();
  const [person, address] = [await currentPerson(), await clientAddress()];
  if (person) {
    const taken = await takeInvitation(database({ personId: person.id, address }), secret);
    if (taken.problem !== undefined) return refuse(422, taken.problem);
  } else {
    const read = await readBody(request, newcomer, 8192);
    if ('refusal' in read) return read.refusal;
    const joined = await joinAnew(database(), secret, read.body);
    if (joined.problem !== undefined) return refuse(422, joined.problem);
    const { personId } = joined.value;
    const own = actingAs(database(), { personId, address });
    await setSessionCookie(await openSession(own, { personId, address, agent: await userAgent() }));
  }
  const invitation = await invitationBy(database(), secret);
  return Response.json({ team: invitation!.teamSlug });
});
