import { SAID } from '../../../core/limits';
import * as z from 'zod';
import { plainText } from '../../../core/spec/text-schema';
import { changeEmail, rename } from '../../../server/team/account';
import { DONE, accepted } from '../../answers';
import { forPeople } from '../../endpoint';

const change = z.union([
  z.strictObject({ name: z.string().trim().pipe(plainText(SAID.name, 'Enter a name with at least one letter.')) }),
  z.strictObject({
    email: z.email('Enter an e-mail address, such as rin@example.org.').max(SAID.email),
    password: z.string().min(1).max(SAID.password),
  }),
]);

export const PATCH = forPeople(
  { path: '/api/account', does: "Changes one's name, or the e-mail with which one signs in.", body: change },
  async ({ db, person, body }) => {
    if ('name' in body) {
      await rename(db, person, body.name);
      return DONE;
    }
    return { email: accepted(await changeEmail(db, person, body)) };
  },
);
