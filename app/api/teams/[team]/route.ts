import * as z from 'zod';
import { database } from '../../../../server/database';
import { needApprovals } from '../../../../server/members';
import { nameBy } from '../../../../server/starting-sets';
import { forTeam, readBody, refuse } from '../../../answers';

const settings = z.union([
  z.strictObject({ naming: z.string().max(1_000) }),
  z.strictObject({
    approvals: z
      .number('Approvals are a whole number from 0 to 10.')
      .int('Approvals are a whole number from 0 to 10.')
      .min(0, 'Approvals are a whole number from 0 to 10.')
      .max(10, 'Approvals are a whole number from 0 to 10.'),
  }),
]);

/** Says how many approvals publishing needs, or by which pattern grids are named. */
export const PATCH = forTeam(['share'], async (access, request) => {
  const read = await readBody(request, settings, 4096);
  if ('refusal' in read) return read.refusal;
  if ('naming' in read.body) {
    const named = await nameBy(database(access), access, read.body.naming);
    return named.problem === undefined ? Response.json({ naming: named.value }) : refuse(422, named.problem);
  }
  await needApprovals(database(access), access, read.body.approvals);
  return Response.json({});
});
