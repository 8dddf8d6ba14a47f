import { countsOf } from '../../../../../../server/editions/measurements';
import { forSpec } from '../../../../../endpoint';

export const GET = forSpec(
  {
    path: '/api/specs/[id]/measurements/counts',
    does: 'How much was off on each page when builds measured it, and what, the newest first.',
    may: 'read-drafts',
  },
  async ({ db, access }) => ({ measurements: await countsOf(db, access) }),
);
