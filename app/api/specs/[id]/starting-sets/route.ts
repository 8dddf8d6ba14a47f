import * as z from 'zod';
import { plainText } from '../../../../../core/spec/text-schema';
import { database } from '../../../../../server/database';
import { makeStartingSet } from '../../../../../server/starting-sets';
import { forSpec, readBody, refuse } from '../../../../answers';

const wanted = z.object({
  name: z.string().trim().pipe(plainText(80, 'A starting set needs a name, such as Public sites.')),
  version: z.string().max(80),
});

/** Makes a starting set of an edition. */
export const POST = forSpec(['edit'], async (access, request) => {
  const read = await readBody(request, wanted, 8192);
  if ('refusal' in read) return read.refusal;
  const made = await makeStartingSet(database(access), access, read.body);
  return made.problem === undefined ? Response.json({ id: made.value }, { status: 201 }) : refuse(422, made.problem);
});
