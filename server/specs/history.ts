import type { Edit } from '../../core/edits/edit';
import { editsBetween } from '../../core/edits/edits-between';
import type { Parsed } from '../../core/parsed';
import type { Spec } from '../../core/spec/schema';
import type { SpecAccess } from '../access/access';
import type { Query, Sql } from '../database/database';
import { saveDraft, type Saved } from './drafts';
import { log } from '../team/log';
import { documentAt } from './revisions';
import { storedSpec } from '../database/stored-spec';

/** A revision in the history of a spec. */
export type Revision = {
  revision: number;
  /** What was changed, in words; empty for the first. */
  label: string;
  edits: number;
  madeBy: string;
  madeById: string;
  madeAt: Date;
  name: string | null;
  /** The version of the edition that was published of it. */
  edition: string | null;
};

export const HISTORY_PAGE = 200;

/** Revisions of a spec before one, the newest first; no document is read. */
export async function historyOf(
  sql: Query,
  { specId }: SpecAccess<'read-drafts'>,
  before: number | null = null,
): Promise<Revision[]> {
  return sql<Revision[]>`
    select revisions.revision, label, coalesce(jsonb_array_length(edits), 0) as edits, people.name as made_by, made_by as made_by_id, made_at,
           revision_names.name, newest.version as edition
      from revisions
      join people on people.id = made_by
      left join revision_names using (spec_id, revision)
      left join lateral (select version from editions
                          where editions.spec_id = revisions.spec_id and editions.revision = revisions.revision order by id desc limit 1) newest on true
     where spec_id = ${specId}
       and (${before}::int is null or revisions.revision < ${before}::int)
     order by revisions.revision desc
     limit ${HISTORY_PAGE}`;
}

/** The revisions of a spec that somebody named, the newest first. */
export async function namedRevisions(
  sql: Query,
  { specId }: SpecAccess<'read-drafts'>,
): Promise<{ revision: number; name: string }[]> {
  return sql<{ revision: number; name: string }[]>`
    select revision, name from revision_names where spec_id = ${specId} order by revision desc`;
}

/** Names a revision; an empty name takes the name away. */
export async function nameRevision(
  sql: Sql,
  { specId, personId }: SpecAccess<'edit'>,
  revision: number,
  name: string,
): Promise<Parsed<true>> {
  const [there] = await sql`select 1 from revisions where spec_id = ${specId} and revision = ${revision}`;
  if (!there) return { problem: `There’s no revision ${revision}.` };
  if (name === '') await sql`delete from revision_names where spec_id = ${specId} and revision = ${revision}`;
  else
    await sql`
      insert into revision_names (spec_id, revision, name, named_by) values (${specId}, ${revision}, ${name}, ${personId})
      on conflict (spec_id, revision) do update set name = excluded.name, named_by = excluded.named_by, named_at = now()`;
  return { value: true };
}

/** Restores what a revision said, as a new one on top; nothing in between is lost. */
export async function restoreRevision(
  sql: Sql,
  access: SpecAccess<'edit'>,
  { revision, basedOn }: { revision: number; basedOn: number },
): Promise<(Extract<Saved, { saved: true }> & Restored) | Extract<Saved, { saved: false }>> {
  const { specId } = access;
  const [there] = await sql`select 1 from revisions where spec_id = ${specId} and revision = ${revision}`;
  if (!there) return { saved: false, problem: `There’s no revision ${revision}.` };
  const [wanted, now] = [
    storedSpec(await documentAt(sql, specId, revision)),
    storedSpec(await documentAt(sql, specId, basedOn)),
  ];
  const edits = editsBetween(now, wanted);
  if (edits.length === 0)
    return { saved: false, problem: `The draft is the same as revision ${revision}. There’s nothing to restore.` };
  const saved = await saveDraft(sql, access, { basedOn, edits, alone: true }, async (transaction) => {
    await log(transaction, access, { action: 'restore', about: `revision ${revision}`, specId });
  });
  return saved.saved ? { ...saved, edits, document: wanted } : saved;
}

/** What a restore changed, and what came of it: whoever restored can undo it. */
export type Restored = { edits: Edit[]; document: Spec };

/** What a revision changed: its edits. */
export async function editsOf(
  sql: Query,
  { specId }: SpecAccess<'read-drafts'>,
  revision: number,
): Promise<Edit[] | null> {
  const [row] = await sql<{ edits: Edit[] | null }[]>`
    select edits from revisions where spec_id = ${specId} and revision = ${revision}`;
  return row ? (row.edits ?? []) : null;
}
