import { SAID } from '../../../../../core/limits';
import * as z from 'zod';
import { plainText } from '../../../../../core/spec/text-schema';
import { withdrawEdition } from '../../../../../server/editions/withdrawals';
import { DONE, accepted } from '../../../../answers';
import { forSpec } from '../../../../endpoint';
import { rememberPoint } from '../../../../asker';

const wanted = z.object({
  version: z.string().max(SAID.version),
  reason: z.string().trim().pipe(plainText(SAID.reason, 'Enter why nobody should build on it. Readers will see it.')),
});

export const POST = forSpec(
  {
    path: '/api/specs/[id]/withdrawals',
    does: 'Withdraws an edition, with a reason.',
    may: 'publish',
    body: wanted,
    makes: true,
  },
  async ({ db, access, body }) => {
    accepted(await withdrawEdition(db, access, body));
    await rememberPoint();
    return DONE;
  },
);
