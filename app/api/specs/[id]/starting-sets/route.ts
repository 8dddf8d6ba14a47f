import * as z from 'zod';
import { plainText } from '../../../../../core/spec/text-schema';
import { makeStartingSet } from '../../../../../server/starting-sets';
import { accepted } from '../../../../answers';
import { forSpec } from '../../../../endpoint';

const wanted = z.object({
  name: z.string().trim().pipe(plainText(80, 'A starting set needs a name, such as Public sites.')),
  version: z.string().max(80),
});

export const POST = forSpec(
  {
    path: '/api/specs/[id]/starting-sets',
    does: 'Makes a starting set of an edition.',
    may: 'edit',
    body: wanted,
    makes: true,
  },
  async ({ db, access, body }) => {
    return { id: accepted(await makeStartingSet(db, access, body)) };
  },
);
