import * as z from 'zod';
import { needApprovals } from '../../../../server/members';
import { nameBy } from '../../../../server/starting-sets';
import { DONE, accepted } from '../../../answers';
import { forTeam } from '../../../endpoint';

const settings = z.union([
  z.strictObject({ naming: z.string().max(1_000) }),
  z.strictObject({
    approvals: z
      .number('Approvals are a whole number from 0 to 10.')
      .int('Approvals are a whole number from 0 to 10.')
      .min(0, 'Approvals are a whole number from 0 to 10.')
      .max(10, 'Approvals are a whole number from 0 to 10.'),
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
