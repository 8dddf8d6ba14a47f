import { MOST, SAID } from '../../../../core/limits';
import * as z from 'zod';
import { needApprovals } from '../../../../server/team/members';
import { nameBy } from '../../../../server/team/starting-sets';
import { DONE, accepted } from '../../../answers';
import { forTeam } from '../../../endpoint';

const APPROVALS = `Approvals are a whole number from 0 to ${MOST.approvals}.`;

const settings = z.union([
  z.strictObject({ naming: z.string().max(SAID.naming) }),
  z.strictObject({
    approvals: z.number(APPROVALS).int(APPROVALS).min(0, APPROVALS).max(MOST.approvals, APPROVALS),
  }),
]);

export const PATCH = forTeam(
  {
    path: '/api/teams/[team]',
    does: 'Says how many approvals publishing needs, or by which pattern grids are named.',
    may: 'share',
    body: settings,
  },
  async ({ db, access, body }) => {
    if ('naming' in body) {
      const named = await nameBy(db, access, body.naming);
      return { naming: accepted(named) };
    }
    await needApprovals(db, access, body.approvals);
    return DONE;
  },
);
