import * as z from 'zod';
import { database } from '../../../../server/database';
import { changePassword } from '../../../../server/sign-in/sessions';
import { askerOf, forPeople, readBody, refuse } from '../../../answers';
import { sessionToken } from '../../../asker';

const passwords = z.object({ now: z.string().min(1).max(1000), next: z.string().min(1).max(1000) });

/** Changes one's password; every other session ends. */
export const PUT = forPeople(async (person, request) => {
  const read = await readBody(request, passwords, 8192);
  if ('refusal' in read) return read.refusal;
  const result = await changePassword(database(askerOf(person, request)), person, {
    ...read.body,
    token: (await sessionToken())!,
  });
  if (result.changed) return Response.json({});
  return refuse(result.wait ? 429 : 422, result.problem, { field: result.field });
});
