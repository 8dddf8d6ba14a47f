import { writeSurvey } from '../../../../../../core/survey/kept-survey';
import { removeSurvey, surveyOf } from '../../../../../../server/specs/surveys';
import { DONE, nothingHere } from '../../../../../answers';
import { forSpec } from '../../../../../endpoint';

export const GET = forSpec(
  {
    path: '/api/specs/[id]/surveys/[survey]',
    does: 'A kept survey, with how much was off when it was kept.',
    may: 'read',
  },
  async ({ db, access, params }) => {
    const kept = await surveyOf(db, access, params.survey);
    if (!kept) return nothingHere();
    const { madeBy, madeAt, edges, slips } = kept;
    return { ...writeSurvey(kept), madeBy, madeAt, edges, slips };
  },
);

export const DELETE = forSpec(
  { path: '/api/specs/[id]/surveys/[survey]', does: 'Removes a kept survey.', may: 'edit' },
  async ({ db, access, params }) => ((await removeSurvey(db, access, params.survey)) ? DONE : nothingHere()),
);
