import { MOST, SAID } from '../../../../../core/limits';
import * as z from 'zod';
import { plainText } from '../../../../../core/spec/text-schema';
import { makeKey } from '../../../../../server/access/keys';
import { accepted } from '../../../../answers';
import { forTeam } from '../../../../endpoint';

const wanted = z.object({
  kind: z.enum(['key', 'link']).default('key'),
  name: z.string().trim().pipe(plainText(SAID.name, 'Enter a name, such as Passenger site build.')),
  specIds: z.array(z.uuid()).max(MOST.keySpecs).nullable(),
  /** May it report measurements of running pages, too? */
  mayReport: z.boolean().default(false),
  days: z
    .number('Enter the days until it expires, such as 365.')
    .int('Enter the days until it expires, such as 365.')
    .min(1, 'Enter at least 1 day.')
    .max(MOST.keyDays, `Enter at most ${MOST.keyDays} days.`),
});

export const POST = forTeam(
  {
    path: '/api/teams/[team]/keys',
    does: 'Creates a key; the answer carries its secret, which is shown only once.',
    may: 'share',
    body: wanted,
    most: 'document',
    makes: true,
  },
  async ({ db, access, body }) => {
    return accepted(await makeKey(db, access, body));
  },
);
