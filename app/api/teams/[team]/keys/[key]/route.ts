import { revokeKey } from '../../../../../../server/access/keys';
import { forgetOpened } from '../../../../../../server/access/lately-opened';
import { database } from '../../../../../../server/database';
import { forTeam, nothingHere } from '../../../../../answers';

type Params = { team: string; key: string };

/** Revokes a key; it opens nothing from then on. */
export const DELETE = forTeam<'share', Params>(['share'], async (access, _request, { key }) => {
  const isRevoked = await revokeKey(database(access), access, key);
  forgetOpened();
  return isRevoked ? Response.json({}) : nothingHere();
});
