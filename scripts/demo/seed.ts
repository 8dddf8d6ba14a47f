import { specAccess, teamAccess } from '../../server/access/access';
import type { Sql } from '../../server/database/database';
import { saveDocument } from '../../server/specs/drafts';
import { publishEdition } from '../../server/editions/publish';
import { addPerson, addTeam } from '../../server/team/people';
import { createSpec } from '../../server/specs/specs';
import { DEMO_PEOPLE, DEMO_TEAM } from '../../server/team/demo-people';
import { keepSurvey } from '../../server/specs/surveys';
import { DEMO_SPECS, type DemoSpec } from './specs';
import { done } from './done';
import { measuredByBuilds } from './measurements';
import { demoSurveys } from './surveys';
import { teamAtWork, toldFirst } from './team';

/** Makes the demo team with its people, specs and editions, and what goes on in it, through the same functions as the application. */
export async function seedDemo(sql: Sql): Promise<void> {
  const team = await addTeam(sql, { ...DEMO_TEAM, demo: true });
  const ids = new Map<string, string>();
  for (const person of DEMO_PEOPLE) ids.set(person.email, (await addPerson(sql, team.id, person)).id);
  const idOf = (email: string): string => ids.get(email)!;
  await toldFirst(sql, idOf);
  for (const spec of DEMO_SPECS) await seedSpec(sql, idOf, spec);
  await teamAtWork(sql, idOf);
  await measuredByBuilds(sql, idOf('ansa@tidewick.example'));
}

async function seedSpec(
  sql: Sql,
  idOf: (email: string) => string,
  { drafts, editions = [], surveyedBy }: DemoSpec,
): Promise<void> {
  const [first] = drafts;
  const inTeam = (await teamAccess(sql, idOf(first!.by), DEMO_TEAM.slug, 'edit'))!;
  const { id } = await createSpec(sql, inTeam, first!.document);
  const as = async (email: string) => (await specAccess(sql, idOf(email), { id }, 'edit', 'publish'))!;
  for (const survey of surveyedBy ? demoSurveys(first!.document) : []) {
    done(`survey ${survey.name}`, await keepSurvey(sql, await as(surveyedBy!), survey, first!.document));
  }
  for (const [index, { by, document }] of drafts.entries()) {
    if (index > 0) await saveDocument(sql, await as(by), { basedOn: index, document });
    for (const edition of editions.filter(({ revision }) => revision === index + 1)) {
      const published = await publishEdition(sql, await as(edition.by), edition);
      if (!published.published) throw new Error(`demo edition of ${document.name}: ${published.problem}`);
    }
  }
}
