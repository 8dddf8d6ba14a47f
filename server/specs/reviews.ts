import type { Parsed } from '../../core/parsed';
import type { SpecAccess } from '../access/access';
import type { Query, Sql, Transaction } from '../database/database';
import { tellHooks } from '../hooks/tell-hooks';
import { log } from '../team/log';
import { approvalsNeeded } from '../team/members';
import { tell } from '../team/notices';
import { hold } from './hold';

export type Verdict = 'approve' | 'ask-changes';

/** An answer to a review, and whether it still holds: the draft says what its author saw. */
export type Answer = {
  person: string;
  personId: string;
  verdict: Verdict;
  note: string;
  revision: number;
  at: Date;
  holds: boolean;
  /** What was changed after it, in words, where it does not hold any more. */
  lapsedBy: string[];
};

/** A review under way. */
export type Review = {
  id: string;
  askedBy: string;
  askedById: string;
  askedAt: Date;
  note: string;
  revision: number;
  people: { id: string; name: string }[];
  answers: Answer[];
};

/** How a draft stands with its reviewers. */
export type ReviewState = { review: Review | null; needed: number; approvals: number; changesAsked: boolean };

type Row = Omit<Review, 'answers' | 'people'> & { people: { id: number; name: string }[] };

/** The review of a spec that is under way, with what was answered and what of it still holds. */
export async function reviewState(sql: Query, access: SpecAccess<'read-drafts'>): Promise<ReviewState> {
  const { specId } = access;
  const needed = await approvalsNeeded(sql, access);
  const [row] = await sql<Row[]>`
    select reviews.id, people.name as asked_by, asked_by as asked_by_id, asked_at, note, revision,
           coalesce((select jsonb_agg(jsonb_build_object('id', id, 'name', name) order by name) from people where id = any(reviews.people)), '[]') as people
      from reviews
      join people on people.id = asked_by
     where spec_id = ${specId} and ended_at is null`;
  if (!row) return { review: null, needed, approvals: 0, changesAsked: false };
  const answers = await sql<Answer[]>`
    select people.name as person, person_id, verdict, note, review_answers.revision, at, review_answers.draft_hash = specs.draft_hash as holds,
           case when review_answers.draft_hash = specs.draft_hash then '[]'
                else coalesce((select jsonb_agg(distinct label) from (
                       select label from revisions
                        where spec_id = specs.id and revisions.revision > review_answers.revision order by revisions.revision limit 20) since), '[]')
           end as lapsed_by
      from review_answers
      join people on people.id = person_id
      join specs  on specs.id = spec_id
     where review_id = ${row.id}
     order by review_answers.id`;
  const latest = new Map(answers.map((answer) => [answer.personId, answer]));
  const holding = [...latest.values()].filter(({ holds }) => holds);
  return {
    review: { ...row, people: row.people.map(({ id, name }) => ({ id: String(id), name })), answers: [...answers] },
    needed,
    approvals: holding.filter(({ verdict }) => verdict === 'approve').length,
    changesAsked: holding.some(({ verdict }) => verdict === 'ask-changes'),
  };
}

/** The sentence that says which approvals a draft lacks; null where it has all that publishing needs. */
export function approvalsMissing({ needed, approvals, changesAsked, review }: ReviewState): string | null {
  if (needed === 0) return null;
  if (changesAsked) return 'Changes were requested on this draft. Make them, or request another review.';
  if (approvals >= needed) return null;
  const words = needed === 1 ? 'one approval' : `${needed} approvals`;
  return `This draft needs ${words} to be published; it has ${approvals === 0 ? 'none' : approvals} that still counts.${review ? '' : ' Request a review.'}`;
}

/** Asks people for a review of the draft; one at a time. */
export async function askReview(
  sql: Sql,
  access: SpecAccess<'ask-review'>,
  { note, people }: { note: string; people: readonly string[] },
): Promise<Parsed<string>> {
  const { specId, teamId, personId } = access;
  return sql.begin(async (transaction): Promise<Parsed<string>> => {
    const spec = await specHeld(transaction, specId);
    if (!spec) return { problem: 'This specification no longer exists.' };
    const [open] = await transaction`select 1 from reviews where spec_id = ${specId} and ended_at is null`;
    if (open) return { problem: 'A review is already open. Finish or cancel it first.' };
    const chosen = [...new Set(people)].filter((each) => each !== personId);
    if (chosen.length > 0) {
      const [may] = await transaction<{ count: number }[]>`
        select count(*)::int from members
         where team_id = ${teamId} and left_at is null and role in ('owner', 'author', 'reviewer') and person_id in ${transaction(chosen)}`;
      if (may!.count < chosen.length) return { problem: 'Choose people who can review: owners, authors or reviewers.' };
    }
    const [made] = await transaction<{ id: string }[]>`
      insert into reviews (spec_id, asked_by, note, revision, people)
      values (${specId}, ${personId}, ${note}, ${spec.revision}, ${`{${chosen.join(',')}}`})
      returning id`;
    await tell(transaction, access, {
      kind: 'ask-review',
      text: `Review requested: ${spec.name}: ${note}`,
      path: `/${access.teamSlug}/${access.specSlug}/review`,
      specId,
      people: chosen,
    });
    await tellHooks(transaction, access, 'ask-review', { name: spec.name, note, revision: spec.revision });
    await log(transaction, access, { action: 'ask-review', about: spec.name, specId });
    return { value: made!.id };
  });
}

/** Calls a review off; false where none is under way. */
export async function endReview(sql: Sql, access: SpecAccess<'ask-review'>): Promise<boolean> {
  return sql.begin(async (transaction) => {
    const spec = await specHeld(transaction, access.specId);
    const ended = await transaction`
      update reviews set ended_at = now(), ended_by = ${access.personId}, ended_how = 'called off'
       where spec_id = ${access.specId} and ended_at is null`;
    if (ended.count > 0)
      await log(transaction, access, { action: 'end-review', about: spec!.name, specId: access.specId });
    return ended.count > 0;
  });
}

/** Why somebody who answers reviews does not approve this draft, or null: an author does not approve what they changed themselves since the last edition. */
export async function approvalProblem(
  sql: Query,
  { specId, personId, role }: SpecAccess<'review'>,
): Promise<string | null> {
  if (role !== 'author') return null;
  const [own] = await sql<{ count: number }[]>`
    select count(*)::int from revisions
     where spec_id = ${specId} and made_by = ${personId}
       and revision > coalesce((select max(revision) from editions where spec_id = ${specId}), 0)`;
  return own!.count === 0
    ? null
    : 'You’ve changed this draft since the last edition, so someone else has to approve it.';
}

/**
 * Answers the review that is under way, of the revision that was seen. An author does not approve what they changed themselves since the last edition.
 */
export async function answerReview(
  sql: Sql,
  access: SpecAccess<'review'>,
  { verdict, note, revision }: { verdict: Verdict; note: string; revision: number },
): Promise<Parsed<true>> {
  const { specId, personId } = access;
  if (verdict === 'ask-changes' && note.trim() === '') return { problem: 'Enter what should change.' };
  return sql.begin(async (transaction): Promise<Parsed<true>> => {
    const [spec] = await transaction<{ name: string; revision: number; draftHash: string }[]>`
      select name, revision, draft_hash from specs where id = ${specId}`;
    const [review] = await transaction<{ id: string; askedBy: string }[]>`
      select id, asked_by from reviews where spec_id = ${specId} and ended_at is null`;
    if (!spec || !review) return { problem: 'There’s no open review. It was cancelled, or the edition is published.' };
    if (spec.revision !== revision)
      return {
        problem: `The draft is now at revision ${spec.revision}; you looked at ${revision}. Check it, then review.`,
      };
    const problem = verdict === 'approve' ? await approvalProblem(transaction, access) : null;
    if (problem !== null) return { problem };
    await transaction`
      insert into review_answers (review_id, spec_id, person_id, verdict, note, revision, draft_hash)
      values (${review.id}, ${specId}, ${personId}, ${verdict}, ${note}, ${revision}, ${spec.draftHash})`;
    await tell(transaction, access, {
      kind: 'answer',
      text: `${spec.name} ${verdict === 'approve' ? 'is approved' : 'needs changes'}${note ? `: ${note}` : ''}`,
      path: `/${access.teamSlug}/${access.specSlug}/review`,
      specId,
      people: [review.askedBy],
    });
    await tellHooks(transaction, access, 'answer', { name: spec.name, verdict, note, revision });
    await log(transaction, access, { action: verdict, about: spec.name, specId });
    return { value: true };
  });
}

/** The spec, held so that nothing is saved or published meanwhile. */
async function specHeld(sql: Transaction, specId: string): Promise<{ name: string; revision: number } | undefined> {
  const [, [spec]] = await Promise.all([
    hold(sql, specId),
    sql<{ name: string; revision: number }[]>`select name, revision from specs where id = ${specId}`,
  ]);
  return spec;
}

/** Ends the review that led to an edition, in the transaction that publishes it. */
export async function reviewPublished(sql: Query, { specId, personId }: SpecAccess<'publish'>): Promise<void> {
  await sql`
    update reviews set ended_at = now(), ended_by = ${personId}, ended_how = 'published'
     where spec_id = ${specId} and ended_at is null`;
}
