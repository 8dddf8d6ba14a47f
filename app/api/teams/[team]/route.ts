import * as z from 'zod';
import { database } from '../../../../server/database';
import { needApprovals } from '../../../../server/members';
import { forTeam, readBody } from '../../../answers';

const settings = z.object({
  approvals: z
    .number('Approvals are a whole number from 0 to 10.')
    .int('Approvals are a whole number from 0 to 10.')
    .min(0, 'Approvals are a whole number from 0 to 10.')
    .max(10, 'Approvals are a whole number from 0 to 10.'),
});

/** Says how many approvals publishing needs. */
export const PATCH = forTeam(['share'], async (access, request) => {
  const read = await readBody(request, settings, 4096);
  if ('refusal' in read) return read.refusal;
  await needApprovals(database(access), access, read.body.approvals);
  return Response.json({});
});
