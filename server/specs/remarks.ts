import { MOST } from '../../core/limits';
import type { Address } from '../../core/edits/edit';
import type { Parsed } from '../../core/parsed';
import type { SpecAccess } from '../access/access';
import type { Query, Sql } from '../database/database';
import { tellHooks } from '../hooks/tell-hooks';
import { tell } from '../team/notices';
import { isUuid } from '../uuid';

/** A remark; the first of a thread says what it is about. */
export type Remark = {
  id: string;
  thread: string | null;
  at: Address;
  rule: string | null;
  /** What this was called when it was written. */
  about: string;
  /** Empty where it was deleted. */
  text: string;
  madeBy: string;
  madeById: string;
  madeAt: Date;
  editedAt: Date | null;
  isDeleted: boolean;
  settledBy: string | null;
  settledAt: Date | null;
};

/** The remarks of a spec, in the order in which they were written. */
export async function remarksOf(sql: Query, { specId }: SpecAccess<'read-drafts'>): Promise<Remark[]> {
  return sql<Remark[]>`
    select remarks.id, thread, at, rule, about, case when deleted_at is null then text else '' end as text,
           writer.name as made_by, made_by as made_by_id, made_at, edited_at, deleted_at is not null as is_deleted,
           settler.name as settled_by, settled_at
      from remarks
      join people writer on writer.id = made_by
      left join people settler on settler.id = settled_by
     where spec_id = ${specId}
     order by made_at, remarks.id`;
}

/** How many threads of a spec are not settled. */
export async function openThreads(sql: Query, { specId }: SpecAccess<'read-drafts'>): Promise<number> {
  const [row] = await sql<{ count: number }[]>`
    select count(*)::int from remarks where spec_id = ${specId} and thread is null and settled_at is null and deleted_at is null`;
  return row!.count;
}

export type NewRemark = {
  text: string;
  /** The thread that it answers; without one it begins a thread about an address. */
  thread?: string | null;
  at?: Address;
  rule?: string | null;
  about?: string;
  /** The people whom it mentions, all of this team. */
  mentions?: readonly string[];
};

/** Writes a remark, and tells whoever is mentioned or has written in its thread. */
export async function writeRemark(
  sql: Sql,
  access: SpecAccess<'remark'>,
  { text, thread = null, at = [], rule = null, about = '', mentions = [] }: NewRemark,
): Promise<Parsed<string>> {
  const { specId, teamId, personId } = access;
  if (text.trim() === '') return { problem: 'Enter a comment.' };
  if (thread !== null && !isUuid(thread)) return { problem: 'This thread no longer exists.' };
  return sql.begin(async (transaction): Promise<Parsed<string>> => {
    const [held] = await transaction<{ count: number; name: string }[]>`
      select (select count(*)::int from remarks where spec_id = ${specId}) as count, name from specs where id = ${specId}`;
    if (held!.count >= MOST.remarks)
      return { problem: `A specification can have up to ${MOST.remarks.toLocaleString('en')} comments.` };
    if (thread !== null) {
      const [first] = await transaction`
        select 1 from remarks where id = ${thread} and spec_id = ${specId} and thread is null`;
      if (!first) return { problem: 'This thread no longer exists.' };
    }
    if (mentions.length > 0) {
      const [there] = await transaction<{ count: number }[]>`
        select count(*)::int from members where team_id = ${teamId} and left_at is null and person_id in ${transaction(mentions)}`;
      if (there!.count < new Set(mentions).size)
        return { problem: 'One of the people you mention isn’t in this team.' };
    }
    const [made] = await transaction<{ id: string }[]>`
      insert into remarks (spec_id, thread, at, rule, about, text, mentions, made_by)
      values (${specId}, ${thread}, ${transaction.json(at as string[])}, ${rule}, ${about.slice(0, 300)}, ${text.trim()}, ${`{${mentions.join(',')}}`}, ${personId})
      returning id`;
    const path = `/${access.teamSlug}/${access.specSlug}/remarks#${thread ?? made!.id}`;
    const says = `on ${held!.name}${about ? `, ${about}` : ''}: ${text.trim().slice(0, 200)}`;
    await tell(transaction, access, {
      kind: 'mention',
      text: `You were mentioned ${says}`,
      path,
      specId,
      people: mentions,
    });
    if (thread !== null) {
      const inThread = await transaction<{ madeBy: string }[]>`
        select distinct made_by from remarks where (id = ${thread} or thread = ${thread}) and deleted_at is null`;
      const others = inThread.map(({ madeBy }) => madeBy).filter((each) => !mentions.includes(each));
      await tell(transaction, access, { kind: 'remark', text: `A reply ${says}`, path, specId, people: others });
    }
    await tellHooks(transaction, access, 'remark', { name: held!.name, about, text: text.trim() });
    return { value: made!.id };
  });
}

const OWN = 'Only its author can change a comment. Reply instead.';

/** Changes the text of one's own remark, or deletes it: it stays as a gap where others answered. */
export async function changeRemark(
  sql: Sql,
  { specId, personId }: SpecAccess<'remark'>,
  id: string,
  text: string | null,
): Promise<Parsed<true>> {
  if (!isUuid(id)) return { problem: 'This comment no longer exists.' };
  if (text?.trim() === '') return { problem: 'Enter a comment.' };
  const [remark] = await sql<{ madeBy: string }[]>`
    select made_by from remarks where id = ${id} and spec_id = ${specId} and deleted_at is null`;
  if (!remark) return { problem: 'This comment no longer exists.' };
  if (remark.madeBy !== personId) return { problem: OWN };
  if (text === null) await sql`update remarks set deleted_at = now() where id = ${id} and deleted_at is null`;
  else await sql`update remarks set text = ${text.trim()}, edited_at = now() where id = ${id} and deleted_at is null`;
  return { value: true };
}

/** Settles a thread, or opens it again; false where there is none. */
export async function settleThread(
  sql: Query,
  { specId, personId }: SpecAccess<'remark'>,
  id: string,
  isSettled: boolean,
): Promise<boolean> {
  if (!isUuid(id)) return false;
  const settled = await sql`
    update remarks
       set settled_at = ${isSettled ? sql`coalesce(settled_at, now())` : null},
           settled_by = ${isSettled ? sql`coalesce(settled_by, ${personId})` : null}
     where id = ${id} and spec_id = ${specId} and thread is null`;
  return settled.count > 0;
}
