import { MOST, SAID } from '../../../../../core/limits';
import * as z from 'zod';
import { plainText } from '../../../../../core/spec/text-schema';
import { makeKey } from '../../../../../server/access/keys';
import { accepted } from '../../../../answers';
import { forTeam } from '../../../../endpoint';

const wanted = z.object({
  kind: z.enum(['key', 'link']).default('key'),
  name: z.string().trim().pipe(plainText(SAID.name, 'A key needs a name, such as Passenger site build.')),
  specIds: z.array(z.uuid()).max(MOST.keySpecs).nullable(),
  days: z
    .number('A key lapses after a whole number of days.')
    .int('A key lapses after a whole number of days.')
    .min(1, 'A key lapses after a day at the earliest.')
    .max(MOST.keyDays, `A key lapses after ${MOST.keyDays} days at the latest.`),
});

export const POST = forTeam(
  {
    path: '/api/teams/[team]/keys',
    does: 'Makes a key; the answer carries its secret, which is shown this once.',
    may: 'share',
    body: wanted,
    most: 'document',
    makes: true,
  },
  async ({ db, access, body }) => {
    return accepted(await makeKey(db, access, body));
  },
);
