import * as z from 'zod';
import { plainText } from '../../../../../core/spec/text-schema';
import { database } from '../../../../../server/database';
import { makeHook } from '../../../../../server/hooks/hooks';
import { HOOK_KINDS, type HookKind } from '../../../../../server/hooks/tell-hooks';
import { forTeam, readBody, refuse } from '../../../../answers';

const wanted = z.object({
  name: z.string().trim().pipe(plainText(80, 'A web hook needs a name, such as Site build.')),
  url: z.string().trim().max(2_000, 'An address has at most 2,000 characters.'),
  kinds: z.array(z.enum(Object.keys(HOOK_KINDS) as [HookKind, ...HookKind[]])).min(1, 'Choose what it is told of.'),
});

/** Makes a web hook; the answer carries the secret of its signatures, which is shown this once. */
export const POST = forTeam(['share'], async (access, request) => {
  const read = await readBody(request, wanted, 16_384);
  if ('refusal' in read) return read.refusal;
  const made = await makeHook(database(access), access, read.body);
  return made.problem === undefined
    ? Response.json(made.value, { status: 201, headers: { 'Cache-Control': 'no-store' } })
    : refuse(422, made.problem);
});
