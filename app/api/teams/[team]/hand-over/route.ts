import * as z from 'zod';
import { handOver } from '../../../../../server/team/members';
import { DONE, accepted } from '../../../../answers';
import { forTeam } from '../../../../endpoint';
import { isNumber } from '../../../../numbers';

const wanted = z.object({ to: z.string().refine(isNumber, 'Choose somebody of the team.') });

export const POST = forTeam(
  {
    path: '/api/teams/[team]/hand-over',
    does: 'Hands the team over: somebody else becomes its owner, and whoever asks an author.',
    may: 'people',
    body: wanted,
  },
  async ({ db, access, body }) => {
    accepted(await handOver(db, access, body.to));
    return DONE;
  },
);
