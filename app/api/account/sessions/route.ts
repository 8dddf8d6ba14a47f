import { database } from '../../../../server/database';
import { endOtherSessions } from '../../../../server/sign-in/sessions';
import { forPeople } from '../../../answers';
import { sessionToken } from '../../../asker';

/** Ends every other session of the person who asks. */
export const DELETE = forPeople(async (person) =>
  Response.json({
    ended: await endOtherSessions(database({ personId: person.id }), person.id, (await sessionToken())!),
  }),
);
