import { SAID } from '../../../../core/limits';
import * as z from 'zod';
import { changePassword } from '../../../../server/sign-in/sessions';
import { DONE, refuse } from '../../../answers';
import { forPeople } from '../../../endpoint';
import { sessionToken } from '../../../asker';

const passwords = z.object({ now: z.string().min(1).max(SAID.password), next: z.string().min(1).max(SAID.password) });

export const PUT = forPeople(
  { path: '/api/account/password', does: "Changes one's password; every other session ends.", body: passwords },
  async ({ db, person, body }) => {
    const result = await changePassword(db, person, { ...body, token: (await sessionToken())! });
    if (result.changed) return DONE;
    return refuse(result.wait ? 429 : 422, result.problem, { field: result.field });
  },
);
