import { measurementsOf } from '../../../../../server/editions/measurements';
import { forSpec } from '../../../../endpoint';

export const GET = forSpec(
  {
    path: '/api/specs/[id]/measurements',
    does: 'What builds measured of running pages, the newest first: how much was off on each, and what.',
    may: 'read-drafts',
  },
  async ({ db, access }) => ({ measurements: await measurementsOf(db, access) }),
);
