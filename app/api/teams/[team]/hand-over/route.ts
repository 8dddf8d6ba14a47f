import * as z from 'zod';
import { database } from '../../../../../server/database';
import { handOver } from '../../../../../server/members';
import { forTeam, readBody, refuse } from '../../../../answers';
import { isNumber } from '../../../../numbers';

const wanted = z.object({ to: z.string().refine(isNumber, 'Choose somebody of the team.') });

/** Hands the team over: somebody else becomes its owner, and whoever asks an author. */
export const POST = forTeam(['people'], async (access, request) => {
  const read = await readBody(request, wanted, 4096);
  if ('refusal' in read) return read.refusal;
  const handed = await handOver(database(access), access, read.body.to);
  return handed.problem === undefined ? Response.json({}) : refuse(422, handed.problem);
});
