import { NEWEST_VERSION, readSpec } from '../core/document/read';
import { applyEdits } from '../core/edits/apply-edits';
import type { Edit } from '../core/edits/edit';
import { editsBetween } from '../core/edits/edits-between';
import { inWords } from '../core/quantities/in-words';
import type { Spec } from '../core/spec/schema';
import type { SpecAccess } from './access/access';
import type { Query, Sql, Transaction } from './database';
import { documentAt, keepRevision } from './revisions';
import { storedSpec } from './stored-spec';
import { keepSummary, summaryOf } from './summaries';

/** One saved state of a draft. */
export type Draft = { revision: number; document: Spec; changedBy: string; changedAt: Date };

export type Saved =
  | { saved: true; revision: number; changedAt: Date }
  | { saved: false; newer: Draft; problem?: undefined }
  | { saved: false; newer?: undefined; problem: string };

/** What is saved: edits of a revision, or the document that is to come of it. */
export type Save = { basedOn: number } & ({ edits: readonly Edit[] } | { document: Spec });

/**
 * Saves edits of a draft that were made from a revision. If another save came first, nothing is written and the answer
 * carries the newer draft. Edits that do not apply to the revision, or lead to a document that cannot be kept, are
 * refused with a sentence.
 *
 * @param also what belongs to the same transaction
 */
export async function saveDraft(
  sql: Sql,
  access: SpecAccess<'edit'>,
  save: Save,
  also?: (transaction: Transaction) => Promise<void>,
): Promise<Saved> {
  const { specId, personId } = access;
  return sql.begin(async (transaction): Promise<Saved> => {
    const [spec] = await transaction<{ revision: number; document: unknown }[]>`
      select revision, document from specs join drafts on spec_id = id where id = ${specId} for update of specs`;
    if (spec!.revision !== save.basedOn)
      return { saved: false, newer: await draftOf(transaction, access, spec!.revision) };
    const isOfStored = (spec!.document as { ypsiline?: unknown }).ypsiline === NEWEST_VERSION;
    // edits of a document of this version are made of it as it is stored; what comes of them is read as a whole
    const before = isOfStored ? (spec!.document as Spec) : storedSpec(spec!.document);
    const edited = 'edits' in save ? applyEdits(before, save.edits) : { value: save.document };
    if (edited.problem !== undefined) return { saved: false, problem: edited.problem };
    const { value: document, problem } = readSpec(edited.value);
    if (!document) return { saved: false, problem: problem! };
    const revision = save.basedOn + 1;
    const edits = 'edits' in save ? save.edits : editsBetween(before, document);
    const changedAt = await keepRevision(transaction, {
      specId,
      revision,
      label: inWords(document, edits),
      edits,
      document,
      personId,
      isOfStored,
    });
    await transaction`update specs set revision = ${revision} where id = ${specId}`;
    await keepSummary(transaction, specId, summaryOf(document), personId);
    await also?.(transaction);
    return { saved: true, revision, changedAt };
  });
}

/** The draft at a revision. */
export async function draftOf(sql: Query, { specId }: SpecAccess<'read-drafts'>, revision: number): Promise<Draft> {
  const [made] = await sql<{ changedBy: string; changedAt: Date }[]>`
    select name as changed_by, made_at as changed_at
      from revisions
      join people on people.id = made_by
     where spec_id = ${specId}
       and revision = ${revision}`;
  return { revision, ...made!, document: storedSpec(await documentAt(sql, specId, revision)) };
}
