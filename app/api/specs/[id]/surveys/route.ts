import * as z from 'zod';
import { LARGEST_SURVEY, readSurvey } from '../../../../../core/survey/kept-survey';
import { specOf } from '../../../../../server/specs/specs';
import { keepSurvey, surveysOf } from '../../../../../server/specs/surveys';
import { accepted } from '../../../../answers';
import { forSpec } from '../../../../endpoint';

export const GET = forSpec(
  { path: '/api/specs/[id]/surveys', does: 'The surveys that are kept with a spec, the newest first.', may: 'read' },
  async ({ db, access }) => ({ surveys: await surveysOf(db, access) }),
);

export const POST = forSpec(
  {
    path: '/api/specs/[id]/surveys',
    does: 'Keeps a survey: names, sizes and boxes of screens, and the grids that were chosen. 422 where it cannot be kept.',
    may: 'edit',
    body: z.unknown(),
    most: LARGEST_SURVEY,
    makes: true,
  },
  async ({ db, access, body }) => {
    const survey = accepted(readSurvey(body));
    const { document } = await specOf(db, access);
    return { id: accepted(await keepSurvey(db, access, survey, document)) };
  },
);
