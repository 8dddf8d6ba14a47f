import * as z from 'zod';
import { LIMITS } from '../../../../../core/spec/limits';
import { plainText } from '../../../../../core/spec/text-schema';
import { database } from '../../../../../server/database';
import { publishEdition } from '../../../../../server/editions';
import { forSpec, readBody, refuse } from '../../../../answers';
import { rememberPoint } from '../../../../asker';
import { revisionNumber } from '../../../../numbers';

const publication = z.object({
  revision: revisionNumber,
  version: z.string().max(80),
  note: plainText(LIMITS.notes),
  stepReason: plainText(500).default(''),
});

/** Publishes the draft at a revision as an edition. */
export const POST = forSpec(['publish'], async (access, request) => {
  const read = await readBody(request, publication);
  if ('refusal' in read) return read.refusal;
  const result = await publishEdition(database(access), access, read.body);
  if (!result.published) return refuse(422, result.problem, { field: result.field });
  await rememberPoint();
  return Response.json({ version: result.version, failed: result.failed }, { status: 201 });
});
