import * as z from 'zod';
import { plainText } from '../../../core/spec/text-schema';
import { changeEmail, rename } from '../../../server/account';
import { database } from '../../../server/database';
import { askerOf, forPeople, readBody, refuse } from '../../answers';

const change = z.union([
  z.strictObject({ name: z.string().trim().pipe(plainText(80, 'A name has at least one letter.')) }),
  z.strictObject({
    email: z.email('This is not an e-mail address; write one such as rin@example.org.').max(254),
    password: z.string().min(1).max(1000),
  }),
]);

/** Changes one's name, or the e-mail with which one signs in. */
export const PATCH = forPeople(async (person, request) => {
  const read = await readBody(request, change, 8192);
  if ('refusal' in read) return read.refusal;
  const sql = database(askerOf(person, request));
  if ('name' in read.body) {
    await rename(sql, person, read.body.name);
    return Response.json({});
  }
  const changed = await changeEmail(sql, person, read.body);
  return changed.problem === undefined ? Response.json({ email: changed.value }) : refuse(422, changed.problem);
});
