import { removeHook } from '../../../../../../server/hooks/hooks';
import { DONE, nothingHere } from '../../../../../answers';
import { forTeam } from '../../../../../endpoint';

export const DELETE = forTeam(
  { path: '/api/teams/[team]/hooks/[hook]', does: 'Removes a web hook.', may: 'share' },
  async ({ db, access, params }) => ((await removeHook(db, access, params.hook)) ? DONE : nothingHere()),
);
