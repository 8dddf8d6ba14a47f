import { hold } from './hold';
import type { Parsed } from '../../core/parsed';
import type { Spec } from '../../core/spec/schema';
import {
  countOff,
  type KeptSurvey,
  MOST_SURVEYS,
  offOfSurvey,
  readSurvey,
  writeSurvey,
} from '../../core/survey/kept-survey';
import type { SpecAccess } from '../access/access';
import type { Query, Sql } from '../database/database';
import { UnreadableDocument } from '../database/stored-spec';
import { isUuid } from '../uuid';

/** A kept survey in a list: what it was called, by whom, and how much was off on that day. */
export type ListedSurvey = {
  id: string;
  name: string;
  madeBy: string;
  madeAt: Date;
  screens: number;
  edges: number;
  slips: number;
};

type Kept = Omit<ListedSurvey, 'screens'>;

/** A kept survey with its screens. */
export type OpenedSurvey = KeptSurvey & Kept;

/** The surveys that are kept with a spec, the newest first. */
export async function surveysOf(sql: Query, { specId }: SpecAccess<'read-drafts'>): Promise<ListedSurvey[]> {
  return sql<ListedSurvey[]>`
    select surveys.id, surveys.name, people.name as made_by, made_at, jsonb_array_length(screens) as screens, edges, slips
      from surveys
      join people on people.id = made_by
     where spec_id = ${specId}
     order by made_at desc, surveys.id`;
}

/**
 * Keeps a survey with a spec, with how much is off today; a sentence where the spec keeps as many as it may.
 *
 * @param document the spec as it is now, against which screens without a chosen grid are held
 */
export async function keepSurvey(
  sql: Sql,
  { specId, personId }: SpecAccess<'edit'>,
  survey: KeptSurvey,
  document: Spec,
): Promise<Parsed<string>> {
  const { edges, slips } = countOff(offOfSurvey(survey, document));
  const { screens, chosen, grid } = writeSurvey(survey);
  return sql.begin(async (transaction): Promise<Parsed<string>> => {
    // one at a time, so that two do not both become the last that is taken
    await hold(transaction, specId);
    const [held] = await transaction<{ count: number }[]>`
      select count(*)::int from surveys where spec_id = ${specId}`;
    if (held!.count >= MOST_SURVEYS)
      return { problem: `A specification can have up to ${MOST_SURVEYS} surveys. Remove one first.` };
    const [kept] = await transaction<{ id: string }[]>`
      insert into surveys (spec_id, name, made_by, screens, chosen, grid, edges, slips)
      values (${specId}, ${survey.name}, ${personId}, ${transaction.json(screens)}, ${transaction.json(chosen)}, ${grid}, ${edges}, ${slips})
      returning id`;
    return { value: kept!.id };
  });
}

/** A kept survey of a spec, or null: there is none. */
export async function surveyOf(
  sql: Query,
  { specId }: SpecAccess<'read-drafts'>,
  id: string,
): Promise<OpenedSurvey | null> {
  if (!isUuid(id)) return null;
  const [row] = await sql<(Kept & { screens: unknown; chosen: unknown; grid: string | null })[]>`
    select surveys.id, surveys.name, people.name as made_by, made_at, screens, chosen, grid, edges, slips
      from surveys
      join people on people.id = made_by
     where surveys.id = ${id}
       and spec_id = ${specId}`;
  if (!row) return null;
  const { value, problem } = readSurvey({ name: row.name, screens: row.screens, chosen: row.chosen, grid: row.grid });
  if (!value) throw new UnreadableDocument(problem!, row.screens);
  return { ...row, ...value };
}

/** Removes a kept survey; false where there is none. */
export async function removeSurvey(sql: Query, { specId }: SpecAccess<'edit'>, id: string): Promise<boolean> {
  if (!isUuid(id)) return false;
  const removed = await sql`delete from surveys where id = ${id} and spec_id = ${specId}`;
  return removed.count > 0;
}

/** Gives a copy of a spec the surveys of the one that it was made of. */
export async function copySurveys(sql: Query, from: SpecAccess<'read-drafts'>, toSpec: string): Promise<void> {
  await sql`
    insert into surveys (spec_id, name, made_by, made_at, screens, chosen, grid, edges, slips)
    select ${toSpec}, name, made_by, made_at, screens, chosen, grid, edges, slips
      from surveys
     where spec_id = ${from.specId}`;
}
