import { database } from '../../../../../../server/database';
import { removeHook } from '../../../../../../server/hooks/hooks';
import { forTeam, nothingHere } from '../../../../../answers';

type Params = { team: string; hook: string };

/** Removes a web hook. */
export const DELETE = forTeam<'share', Params>(['share'], async (access, _request, { hook }) =>
  (await removeHook(database(access), access, hook)) ? Response.json({}) : nothingHere(),
);
