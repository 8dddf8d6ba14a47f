import { database } from '../../../../../../server/database';
import { removeFollower } from '../../../../../../server/followers';
import { forSpec, nothingHere } from '../../../../../answers';

type Params = { id: string; follower: string };

/** Takes a follower off the list. */
export const DELETE = forSpec<'publish', Params>(['publish'], async (access, _request, { follower }) =>
  (await removeFollower(database(access), access, follower)) ? Response.json({}) : nothingHere(),
);
