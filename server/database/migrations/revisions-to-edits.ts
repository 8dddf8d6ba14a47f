import { editsBetween } from '../../../core/edits/edits-between';
import type { Query } from '../database';
import { isKeptWhole, isSmaller } from '../../specs/revisions';

/** Turns revisions that were kept whole into the edits between them. A document that cannot be read any more is carried like any other. */
export async function revisionsToEdits(sql: Query): Promise<void> {
  const all = await sql<{ specId: string; revision: number }[]>`
    select spec_id, revision from revisions order by spec_id, revision`;
  let before: { specId: string; document: unknown } | null = null;
  for (const { specId, revision } of all) {
    const [{ document }] = (await sql`
      select document from revisions where spec_id = ${specId} and revision = ${revision}`) as unknown as [
      { document: unknown },
    ];
    const edits = before?.specId === specId ? editsBetween(before.document, document) : null;
    if (edits) {
      const isWhole = isKeptWhole(revision) || !isSmaller(edits, document);
      await sql`
        update revisions set edits = ${sql.json(edits as never)}, document = ${isWhole ? sql`document` : null}
         where spec_id = ${specId} and revision = ${revision}`;
    }
    before = { specId, document };
  }
  await sql`alter table revisions enable trigger revisions_are_immutable`;
}
