import { revokeKey } from '../../../../../../server/access/keys';
import { forgetOpened } from '../../../../../../server/access/lately-opened';
import { DONE, nothingHere } from '../../../../../answers';
import { forTeam } from '../../../../../endpoint';

export const DELETE = forTeam(
  { path: '/api/teams/[team]/keys/[key]', does: 'Revokes a key; it stops working at once.', may: 'share' },
  async ({ db, access, params }) => {
    const isRevoked = await revokeKey(db, access, params.key);
    forgetOpened();
    return isRevoked ? DONE : nothingHere();
  },
);
