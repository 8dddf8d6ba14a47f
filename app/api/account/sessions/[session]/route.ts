import { endSession } from '../../../../../server/sign-in/sessions';
import { DONE, nothingHere } from '../../../../answers';
import { forPeople } from '../../../../endpoint';

export const DELETE = forPeople(
  { path: '/api/account/sessions/[session]', does: 'Ends one session of the person who asks.' },
  async ({ db, person, params }) => ((await endSession(db, person.id, params.session)) ? DONE : nothingHere()),
);
