import { revokeInvitation } from '../../../../../../server/team/invitations';
import { DONE, nothingHere } from '../../../../../answers';
import { forTeam } from '../../../../../endpoint';

export const DELETE = forTeam(
  {
    path: '/api/teams/[team]/invitations/[invitation]',
    does: 'Revokes an invitation nobody has used.',
    may: 'people',
  },
  async ({ db, access, params }) => ((await revokeInvitation(db, access, params.invitation)) ? DONE : nothingHere()),
);
