import type { Sql } from '../../server/database';
import { saveDraft } from '../../server/drafts';
import { publishEdition } from '../../server/editions';
import { addPerson, addTeam } from '../../server/people';
import { createSpec } from '../../server/specs';
import { DEMO_PEOPLE, DEMO_TEAM } from '../../server/demo-people';
import { DEMO_SPECS } from './specs';

/** Makes the demo team with its people, specs and editions, through the same functions as the application. */
export async function seedDemo(sql: Sql): Promise<void> {
  const team = await addTeam(sql, { ...DEMO_TEAM, demo: true });
  const ids = new Map<string, string>();
  for (const person of DEMO_PEOPLE) ids.set(person.email, (await addPerson(sql, team.id, person)).id);
  const idOf = (email: string): string => ids.get(email)!;

  for (const { drafts, edition } of DEMO_SPECS) {
    const [first, ...later] = drafts;
    const { id: specId } = await createSpec(sql, {
      teamId: team.id,
      personId: idOf(first!.by),
      document: first!.document,
    });
    if (edition) {
      const published = await publishEdition(sql, { ...edition, specId, personId: idOf(edition.by), revision: 1 });
      if (!published.published) throw new Error(`demo edition of ${first!.document.name}: ${published.problem}`);
    }
    for (const [index, { by, document }] of later.entries()) {
      await saveDraft(sql, { specId, personId: idOf(by), basedOn: index + 1, document });
    }
  }
}
