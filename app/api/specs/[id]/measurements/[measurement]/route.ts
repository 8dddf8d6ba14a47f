import { measuredPages, removeMeasurement } from '../../../../../../server/editions/measurements';
import { DONE, nothingHere } from '../../../../../answers';
import { forSpec } from '../../../../../endpoint';

export const GET = forSpec(
  {
    path: '/api/specs/[id]/measurements/[measurement]',
    does: 'The boxes and texts that a build measured; those of the newest measurements are there.',
    may: 'read-drafts',
  },
  async ({ db, access, params }) => (await measuredPages(db, access, params.measurement)) ?? nothingHere(),
);

export const DELETE = forSpec(
  {
    path: '/api/specs/[id]/measurements/[measurement]',
    does: 'Removes a measurement.',
    may: 'edit',
  },
  async ({ db, access, params }) => ((await removeMeasurement(db, access, params.measurement)) ? DONE : nothingHere()),
);
