import { database } from '../../../../../server/database';
import { endSession } from '../../../../../server/sign-in/sessions';
import { askerOf, forPeople, nothingHere } from '../../../../answers';

/** Ends one session of the person who asks. */
export const DELETE = forPeople<{ session: string }>(async (person, request, { session }) =>
  (await endSession(database(askerOf(person, request)), person.id, session)) ? Response.json({}) : nothingHere(),
);
