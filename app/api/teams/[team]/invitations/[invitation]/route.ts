import { database } from '../../../../../../server/database';
import { revokeInvitation } from '../../../../../../server/invitations';
import { forTeam, nothingHere } from '../../../../../answers';

type Params = { team: string; invitation: string };

/** Takes an invitation back that nobody has used. */
export const DELETE = forTeam<'people', Params>(['people'], async (access, _request, { invitation }) =>
  (await revokeInvitation(database(access), access, invitation)) ? Response.json({}) : nothingHere(),
);
