import { SAID } from '../../../../../core/limits';
import * as z from 'zod';
import { plainText } from '../../../../../core/spec/text-schema';
import { makeStartingSet } from '../../../../../server/team/starting-sets';
import { accepted } from '../../../../answers';
import { forSpec } from '../../../../endpoint';

const wanted = z.object({
  name: z.string().trim().pipe(plainText(SAID.name, 'Enter a name, such as Public sites.')),
  version: z.string().max(SAID.version),
});

export const POST = forSpec(
  {
    path: '/api/specs/[id]/starting-sets',
    does: 'Creates a starting set from an edition.',
    may: 'edit',
    body: wanted,
    makes: true,
  },
  async ({ db, access, body }) => {
    return { id: accepted(await makeStartingSet(db, access, body)) };
  },
);
