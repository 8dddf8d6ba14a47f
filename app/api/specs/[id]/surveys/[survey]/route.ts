import { writeSurvey } from '../../../../../../core/survey/kept-survey';
import { database } from '../../../../../../server/database';
import { removeSurvey, surveyOf } from '../../../../../../server/surveys';
import { forSpec, nothingHere } from '../../../../../answers';

type Params = { id: string; survey: string };

/** A kept survey, with how much was off when it was kept. */
export const GET = forSpec<'read', Params>(['read'], async (access, _request, { survey }) => {
  const kept = await surveyOf(database(access), access, survey);
  if (!kept) return nothingHere();
  const { madeBy, madeAt, edges, slips } = kept;
  return Response.json(
    { ...writeSurvey(kept), madeBy, madeAt, edges, slips },
    { headers: { 'Cache-Control': 'no-store' } },
  );
});

/** Removes a kept survey. */
export const DELETE = forSpec<'edit', Params>(['edit'], async (access, _request, { survey }) =>
  (await removeSurvey(database(access), access, survey)) ? Response.json({}) : nothingHere(),
);
