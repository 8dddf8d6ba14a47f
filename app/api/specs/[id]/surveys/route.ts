import * as z from 'zod';
import { LARGEST_SURVEY, readSurvey } from '../../../../../core/survey/kept-survey';
import { database } from '../../../../../server/database';
import { specOf } from '../../../../../server/specs';
import { keepSurvey, surveysOf } from '../../../../../server/surveys';
import { forSpec, readBody, refuse } from '../../../../answers';

/** The surveys that are kept with a spec, the newest first. */
export const GET = forSpec(['read'], async (access) =>
  Response.json({ surveys: await surveysOf(database(access), access) }, { headers: { 'Cache-Control': 'no-store' } }),
);

/** Keeps a survey: names, sizes and boxes of screens, and the grids that were chosen. 422 where it cannot be kept. */
export const POST = forSpec(['edit'], async (access, request) => {
  const read = await readBody(request, z.unknown(), LARGEST_SURVEY);
  if ('refusal' in read) return read.refusal;
  const { value: survey, problem } = readSurvey(read.body);
  if (!survey) return refuse(422, problem!);
  const { document } = await specOf(database(access), access);
  const kept = await keepSurvey(database(access), access, survey, document);
  return kept.problem === undefined ? Response.json({ id: kept.value }, { status: 201 }) : refuse(422, kept.problem);
});
