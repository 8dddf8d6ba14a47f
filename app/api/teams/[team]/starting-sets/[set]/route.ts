import { database } from '../../../../../../server/database';
import { removeStartingSet } from '../../../../../../server/starting-sets';
import { forTeam, nothingHere } from '../../../../../answers';

type Params = { team: string; set: string };

/** Takes a starting set off the list. */
export const DELETE = forTeam<'edit', Params>(['edit'], async (access, _request, { set }) =>
  (await removeStartingSet(database(access), access, set)) ? Response.json({}) : nothingHere(),
);
