import * as z from 'zod';
import { handOver } from '../../../../../server/team/members';
import { DONE, accepted } from '../../../../answers';
import { forTeam } from '../../../../endpoint';
import { isNumber } from '../../../../numbers';

const wanted = z.object({ to: z.string().refine(isNumber, 'Choose someone in the team.') });

export const POST = forTeam(
  {
    path: '/api/teams/[team]/hand-over',
    does: 'Transfers ownership: someone else becomes owner, and whoever asks becomes an author.',
    may: 'people',
    body: wanted,
  },
  async ({ db, access, body }) => {
    accepted(await handOver(db, access, body.to));
    return DONE;
  },
);
