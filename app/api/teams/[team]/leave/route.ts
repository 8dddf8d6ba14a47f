import { database } from '../../../../../server/database';
import { leaveTeam } from '../../../../../server/members';
import { forTeam, refuse } from '../../../../answers';

/** Leaves the team; its last owner hands it over first. */
export const POST = forTeam(['read'], async (access) => {
  const left = await leaveTeam(database(access), access);
  return left.problem === undefined ? Response.json({}) : refuse(422, left.problem);
});
