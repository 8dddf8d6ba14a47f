import { endOtherSessions } from '../../../../server/sign-in/sessions';
import { forPeople } from '../../../endpoint';
import { sessionToken } from '../../../asker';

export const DELETE = forPeople(
  { path: '/api/account/sessions', does: 'Ends every other session of the person who asks.' },
  async ({ db, person }) => ({
    ended: await endOtherSessions(db, person.id, (await sessionToken())!),
  }),
);
