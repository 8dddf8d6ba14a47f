import { NEWEST_VERSION, readSpec } from '../core/document/read';
import { applyEdits } from '../core/edits/apply-edits';
import type { Edit } from '../core/edits/edit';
import { editsBetween } from '../core/edits/edits-between';
import { merge } from '../core/edits/merge';
import { inWords } from '../core/quantities/in-words';
import type { Spec } from '../core/spec/schema';
import type { SpecAccess } from './access/access';
import type { Query, Sql, Transaction } from './database';
import { mustChange, NotTaken } from './must-change';
import { documentAt, keepRevision } from './revisions';
import { storedSpec } from './stored-spec';
import { keepSummary, summaryOf } from './summaries';

/** One saved state of a draft. */
export type Draft = { revision: number; document: Spec; changedBy: string; changedAt: Date };

export type Saved =
  | { saved: true; revision: number; changedAt: Date; between: Between | null }
  | { saved: false; newer: Draft; problem?: undefined }
  | { saved: false; newer?: undefined; problem: string };

/** What others saved since the revision of which a save was made: their edits, a list for each revision, and who they are. */
export type Between = { edits: Edit[][]; by: string[] };

/** So many revisions lie between at most; whoever was away for longer is shown the newer draft. */
const MOST_BETWEEN = 2_000;

/** What is saved: edits of a revision, or the document that is to come of it. */
export type Save = { basedOn: number } & ({ edits: readonly Edit[] } | { document: Spec });

/**
 * Saves edits of a draft that were made from a revision. If other saves came first, they are made of the newest one, and the answer carries
 * what came in between; where both changed the same address, or what comes of it cannot be kept, nothing is written and the answer carries the newer draft. Edits that do not apply to the revision, or lead to a document that cannot be kept, are
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
    const spec = await heldDraft(transaction, specId);
    if (!spec) throw new NotTaken('the draft is not there for whoever saves');
    const isNewest = spec.revision === save.basedOn;
    const newer = async (): Promise<Saved> => ({
      saved: false,
      newer: await draftOf(transaction, access, spec.revision),
    });
    const between = isNewest ? null : await savedSince(transaction, specId, save.basedOn, spec.revision);
    if (!isNewest && (!between || !('edits' in save))) return newer();
    const merged = between && 'edits' in save ? merge(save.edits, between.edits) : null;
    if (merged?.collisions) return newer();

    const isOfStored = (spec.document as { ypsiline?: unknown }).ypsiline === NEWEST_VERSION;
    // edits of a document of this version are made of it as it is stored; what comes of them is read as a whole
    const before = isOfStored ? (spec.document as Spec) : storedSpec(spec.document);
    const own = merged?.edits ?? ('edits' in save ? save.edits : editsBetween(before, save.document));
    const edited = applyEdits(before, own);
    if (edited.problem !== undefined) return isNewest ? { saved: false, problem: edited.problem } : newer();
    const { value: document, problem } = readSpec(edited.value);
    if (!document) return isNewest ? { saved: false, problem: problem! } : newer();
    if (merged && own.length === 0) return asItIs(transaction, access, spec.revision, between!);
    const revision = spec.revision + 1;
    const changedAt = await keepRevision(transaction, {
      specId,
      revision,
      label: inWords(document, own),
      edits: own,
      document,
      personId,
      isOfStored,
    });
    // a role may have changed since the gate was passed: then nothing of the save is kept
    mustChange(await transaction`update specs set revision = ${revision} where id = ${specId}`);
    await keepSummary(transaction, specId, summaryOf(document), personId);
    await also?.(transaction);
    return { saved: true, revision, changedAt, between };
  });
}

/**
 * The draft of a spec as it is now, held until the transaction ends. Two statements: one that has waited for the lock would give the newest
 * revision with the document as it was before the wait.
 */
export async function heldDraft(
  transaction: Transaction,
  specId: string,
): Promise<{ revision: number; document: unknown } | undefined> {
  const [, [spec]] = await Promise.all([
    transaction`select 1 from specs where id = ${specId} for update`,
    transaction<{ revision: number; document: unknown }[]>`
      select revision, document from specs join drafts on spec_id = id where id = ${specId}`,
  ]);
  return spec;
}

/** What others saved has all of it already: nothing is written. */
async function asItIs(
  sql: Query,
  access: SpecAccess<'read-drafts'>,
  revision: number,
  between: Between,
): Promise<Saved> {
  const { changedAt } = await draftOf(sql, access, revision);
  return { saved: true, revision, changedAt, between };
}

/** What is new since a revision: the newest one, and the edits that led there. */
export type News = Between & { revision: number; changedAt: Date };

/** What was saved since a revision; null where nothing was, `far` where it is too much or is not all kept as edits of this version. */
export async function newsSince(sql: Query, specId: string, after: number): Promise<News | 'far' | null> {
  const [spec] = await sql<{ revision: number }[]>`select revision from specs where id = ${specId}`;
  if (!spec || spec.revision === after) return null;
  return (await savedSince(sql, specId, after, spec.revision)) ?? 'far';
}

/** The edits of the revisions after one, and who made them; null where they are too many, or not all kept as edits of this version. */
async function savedSince(sql: Query, specId: string, after: number, newest: number): Promise<News | null> {
  if (after > newest || newest - after > MOST_BETWEEN) return null;
  const rows = await sql<{ edits: Edit[] | null; version: number | null; name: string; madeAt: Date }[]>`
    select edits, (document->>'ypsiline')::int as version, people.name, made_at
      from revisions
      join people on people.id = made_by
     where spec_id = ${specId} and revision > ${after} and revision <= ${newest}
     order by revision`;
  const isWhole = rows.every(
    ({ edits, version }) => edits !== null && (version === null || version === NEWEST_VERSION),
  );
  if (!isWhole || rows.length === 0 || rows.length < newest - after) return null;
  const by = [...new Set(rows.map(({ name }) => name))];
  return { revision: newest, changedAt: rows.at(-1)!.madeAt, edits: rows.map(({ edits }) => edits!), by };
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
