import type { Spec } from '../core/spec/schema';
import type { SpecAccess } from './access/access';
import type { Query, Sql } from './database';
import { storedSpec } from './stored-spec';
import { keepSummary, summaryOf } from './summaries';

/** One saved state of a draft. */
export type Draft = { revision: number; document: Spec; changedBy: string; changedAt: Date };

export type Saved = { saved: true; revision: number; changedAt: Date } | { saved: false; newer: Draft };

/**
 * Saves a draft that was made from a revision. If another save came first, nothing is written and the answer carries
 * the newer draft.
 */
export async function saveDraft(
  sql: Sql,
  access: SpecAccess<'edit'>,
  { basedOn, document }: { basedOn: number; document: Spec },
): Promise<Saved> {
  const { specId, personId } = access;
  const summary = summaryOf(document);
  return sql.begin(async (transaction) => {
    const [spec] = await transaction<
      { revision: number }[]
    >`select revision from specs where id = ${specId} for update`;
    if (spec!.revision !== basedOn)
      return { saved: false as const, newer: await draftOf(transaction, access, spec!.revision) };
    const revision = basedOn + 1;
    const [saved] = await transaction<{ madeAt: Date }[]>`
      insert into revisions (spec_id, revision, document, made_by)
      values (${specId}, ${revision}, ${transaction.json(document)}, ${personId})
      returning made_at`;
    await transaction`update specs set revision = ${revision} where id = ${specId}`;
    await keepSummary(transaction, specId, summary, personId);
    return { saved: true as const, revision, changedAt: saved!.madeAt };
  });
}

/** The draft at a revision. */
export async function draftOf(sql: Query, { specId }: SpecAccess<'read'>, revision: number): Promise<Draft> {
  const [draft] = await sql<{ revision: number; document: unknown; changedBy: string; changedAt: Date }[]>`
    select revision, document, name as changed_by, made_at as changed_at
      from revisions
      join people on people.id = made_by
     where spec_id = ${specId}
       and revision = ${revision}`;
  return { ...draft!, document: storedSpec(draft!.document) };
}
