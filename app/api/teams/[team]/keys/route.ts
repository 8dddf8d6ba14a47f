import * as z from 'zod';
import { plainText } from '../../../../../core/spec/text-schema';
import { KEY_LIMITS, makeKey } from '../../../../../server/access/keys';
import { database } from '../../../../../server/database';
import { forTeam, readBody, refuse } from '../../../../answers';

const wanted = z.object({
  kind: z.enum(['key', 'link']).default('key'),
  name: z.string().trim().pipe(plainText(KEY_LIMITS.name, 'A key needs a name, such as Passenger site build.')),
  specIds: z.array(z.uuid()).max(500).nullable(),
  days: z
    .number('A key lapses after a whole number of days.')
    .int('A key lapses after a whole number of days.')
    .min(1, 'A key lapses after a day at the earliest.')
    .max(KEY_LIMITS.days, `A key lapses after ${KEY_LIMITS.days} days at the latest.`),
});

/** Makes a key; the answer carries its secret, which is shown this once. */
export const POST = forTeam(['share'], async (access, request) => {
  const read = await readBody(request, wanted);
  if ('refusal' in read) return read.refusal;
  const made = await makeKey(database(access), access, read.body);
  return made.problem === undefined
    ? Response.json(made.value, { status: 201, headers: { 'Cache-Control': 'no-store' } })
    : refuse(422, made.problem);
});
