import * as z from 'zod';
import { plainText } from '../../../../../core/spec/text-schema';
import { database } from '../../../../../server/database';
import { withdrawEdition } from '../../../../../server/withdrawals';
import { forSpec, readBody, refuse } from '../../../../answers';
import { rememberPoint } from '../../../../asker';

const wanted = z.object({
  version: z.string().max(80),
  reason: z.string().trim().pipe(plainText(500, 'Say in a sentence why nobody should build on it; readers see that.')),
});

/** Withdraws an edition, with a reason. */
export const POST = forSpec(['publish'], async (access, request) => {
  const read = await readBody(request, wanted, 8192);
  if ('refusal' in read) return read.refusal;
  const withdrawn = await withdrawEdition(database(access), access, read.body);
  if (withdrawn.problem !== undefined) return refuse(422, withdrawn.problem);
  await rememberPoint();
  return Response.json({}, { status: 201 });
});
