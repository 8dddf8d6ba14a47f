import { makePasswordLink } from '../../../../../../../server/team/password-links';
import { nothingHere, originOfRequest, accepted } from '../../../../../../answers';
import { forTeam } from '../../../../../../endpoint';
import { isNumber } from '../../../../../../numbers';

export const POST = forTeam(
  {
    path: '/api/teams/[team]/people/[person]/password-link',
    does: 'Creates a link to choose a new password; shown only once, and sent.',
    may: 'people',
    makes: true,
  },
  async ({ db, access, params, request }) => {
    if (!isNumber(params.person)) return nothingHere();
    return accepted(await makePasswordLink(db, access, params.person, originOfRequest(request)));
  },
);
