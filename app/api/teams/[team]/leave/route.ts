import { leaveTeam } from '../../../../../server/team/members';
import { DONE, accepted } from '../../../../answers';
import { forTeam } from '../../../../endpoint';

export const POST = forTeam(
  { path: '/api/teams/[team]/leave', does: 'Leaves the team; its last owner transfers ownership first.', may: 'read' },
  async ({ db, access }) => {
    accepted(await leaveTeam(db, access));
    return DONE;
  },
);
