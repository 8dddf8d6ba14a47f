import { specAccess, teamAccess } from '../../server/access/access';
import type { Sql } from '../../server/database';
import { saveDraft } from '../../server/drafts';
import { publishEdition } from '../../server/editions';
import { addPerson, addTeam } from '../../server/people';
import { createSpec } from '../../server/specs';
import { DEMO_PEOPLE, DEMO_TEAM } from '../../server/demo-people';
import { keepSurvey } from '../../server/surveys';
import { DEMO_SPECS } from './specs';
import { demoSurveys } from './surveys';

/** Makes the demo team with its people, specs and editions, through the same functions as the application. */
export async function seedDemo(sql: Sql): Promise<void> {
  const team = await addTeam(sql, { ...DEMO_TEAM, demo: true });
  const ids = new Map<string, string>();
  for (const person of DEMO_PEOPLE) ids.set(person.email, (await addPerson(sql, team.id, person)).id);

  for (const { drafts, edition, surveyedBy } of DEMO_SPECS) {
    const [first, ...later] = drafts;
    const inTeam = (await teamAccess(sql, ids.get(first!.by)!, team.slug, 'edit'))!;
    const { id } = await createSpec(sql, inTeam, first!.document);
    const as = async (email: string) => (await specAccess(sql, ids.get(email)!, { id }, 'edit', 'publish'))!;
    if (edition) {
      const published = await publishEdition(sql, await as(edition.by), { ...edition, revision: 1 });
      if (!published.published) throw new Error(`demo edition of ${first!.document.name}: ${published.problem}`);
    }
    for (const survey of surveyedBy ? demoSurveys(first!.document) : []) {
      const { problem } = await keepSurvey(sql, await as(surveyedBy!), survey, first!.document);
      if (problem !== undefined) throw new Error(`demo survey ${survey.name}: ${problem}`);
    }
    for (const [index, { by, document }] of later.entries())
      await saveDraft(sql, await as(by), { basedOn: index + 1, document });
  }
}
