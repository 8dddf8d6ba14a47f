import * as z from 'zod';
import { ROLES } from '../../../../../../server/access/permissions';
import { database } from '../../../../../../server/database';
import { changeRole, removeMember } from '../../../../../../server/members';
import { forTeam, nothingHere, readBody, refuse } from '../../../../../answers';
import { isNumber } from '../../../../../numbers';

type Params = { team: string; person: string };

const change = z.object({ role: z.enum(ROLES, `A role is one of ${ROLES.join(', ')}.`) });

/** Changes what somebody may do in the team. */
export const PATCH = forTeam<'people', Params>(['people'], async (access, request, { person }) => {
  if (!isNumber(person)) return nothingHere();
  const read = await readBody(request, change, 4096);
  if ('refusal' in read) return read.refusal;
  const changed = await changeRole(database(access), access, person, read.body.role);
  return changed.problem === undefined ? Response.json({ role: changed.value }) : refuse(422, changed.problem);
});

/** Removes somebody from the team; their sessions end. */
export const DELETE = forTeam<'people', Params>(['people'], async (access, _request, { person }) => {
  if (!isNumber(person)) return nothingHere();
  const removed = await removeMember(database(access), access, person);
  return removed.problem === undefined ? Response.json({}) : refuse(422, removed.problem);
});
