import { removeStartingSet } from '../../../../../../server/team/starting-sets';
import { DONE, nothingHere } from '../../../../../answers';
import { forTeam } from '../../../../../endpoint';

export const DELETE = forTeam(
  { path: '/api/teams/[team]/starting-sets/[set]', does: 'Removes a starting set.', may: 'edit' },
  async ({ db, access, params }) => ((await removeStartingSet(db, access, params.set)) ? DONE : nothingHere()),
);
