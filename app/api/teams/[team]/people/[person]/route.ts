import * as z from 'zod';
import { ROLES } from '../../../../../../server/access/permissions';
import { changeRole, removeMember } from '../../../../../../server/team/members';
import { DONE, nothingHere, accepted } from '../../../../../answers';
import { forTeam } from '../../../../../endpoint';
import { isNumber } from '../../../../../numbers';

const change = z.object({ role: z.enum(ROLES, `Choose a role: ${ROLES.join(', ')}.`) });

export const PATCH = forTeam(
  {
    path: '/api/teams/[team]/people/[person]',
    does: 'Changes what somebody may do in the team.',
    may: 'people',
    body: change,
  },
  async ({ db, access, body, params }) => {
    if (!isNumber(params.person)) return nothingHere();
    return { role: accepted(await changeRole(db, access, params.person, body.role)) };
  },
);

export const DELETE = forTeam(
  {
    path: '/api/teams/[team]/people/[person]',
    does: 'Removes somebody from the team; their sessions end.',
    may: 'people',
  },
  async ({ db, access, params }) => {
    if (!isNumber(params.person)) return nothingHere();
    accepted(await removeMember(db, access, params.person));
    return DONE;
  },
);
