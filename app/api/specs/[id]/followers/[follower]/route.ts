import { removeFollower } from '../../../../../../server/editions/followers';
import { DONE, nothingHere } from '../../../../../answers';
import { forSpec } from '../../../../../endpoint';

export const DELETE = forSpec(
  { path: '/api/specs/[id]/followers/[follower]', does: 'Removes a follower.', may: 'publish' },
  async ({ db, access, params }) => ((await removeFollower(db, access, params.follower)) ? DONE : nothingHere()),
);
