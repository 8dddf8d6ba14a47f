import type { Parsed } from '../../core/parsed';
import type { Spec } from '../../core/spec/schema';
import { slug } from '../../core/spec/slug';
import type { SpecAccess, TeamAccess } from '../access/access';
import type { Query, Sql } from '../database/database';
import { log } from '../team/log';
import { mustChange } from '../database/must-change';
import { keepRevision } from './revisions';
import { bringFonts } from '../fonts/team-fonts';
import { storedSpec } from '../database/stored-spec';
import { copySurveys } from './surveys';
import { keepSummary, summaryOf } from './summaries';

/** A specification in its team, with its newest draft. */
export type SpecRecord = {
  id: string;
  teamId: string;
  teamSlug: string;
  teamName: string;
  slug: string;
  revision: number;
  document: Spec;
  changedBy: string;
  changedAt: Date;
  archivedAt: Date | null;
  lastEdition: string | null;
  lastEditionRevision: number | null;
  /** How many findings hold an edition back, and how many are to be looked at. */
  mustFix: number;
  weigh: number;
};

/**
 * A spec with its newest draft.
 *
 * @throws UnreadableDocument where what is stored is no document of today
 */
export async function specOf(sql: Query, { specId }: SpecAccess<'read-drafts'>): Promise<SpecRecord> {
  const [row] = await sql<(Omit<SpecRecord, 'document'> & { document: unknown })[]>`
    select specs.id, teams.id as team_id, teams.slug as team_slug, teams.name as team_name, specs.slug, specs.revision,
           coalesce(must_fix, 0)::int as must_fix, coalesce(weigh, 0)::int as weigh, drafts.document, people.name as changed_by, made_at as changed_at, archived_at,
           newest.version as last_edition, newest.revision as last_edition_revision
      from specs
      join teams     on teams.id = specs.team_id
      join drafts    on drafts.spec_id = specs.id
      join revisions on revisions.spec_id = specs.id and revisions.revision = specs.revision
      join people    on people.id = made_by
      left join lateral (select version, revision from editions where spec_id = specs.id order by id desc limit 1) newest on true
     where specs.id = ${specId}`;
  return { ...row!, document: storedSpec(row!.document) };
}

/** Of one name there may be so many specs in a team; a further one gets a random ending. */
const MOST_NUMBERED = 999;

/**
 * Makes a spec of a document in a team, all of it or nothing, and brings the fonts that it
 * names; it answers with the families that are nowhere to be had. Its address is made from its name, and stays.
 *
 * @param of the spec of which the document is a copy, whose surveys come along; or the starting set that it began from
 */
export async function createSpec(
  sql: Sql,
  access: TeamAccess<'edit'>,
  document: Spec,
  { copyOf, startedFrom = null }: { copyOf?: SpecAccess<'read-drafts'>; startedFrom?: string | null } = {},
): Promise<{ id: string; slug: string; missingFonts: string[] }> {
  const { teamId, personId } = access;
  const wanted = slug(document.name) || 'spec';
  const summary = summaryOf(document);
  return sql.begin(async (transaction) => {
    // one at a time in a team, so that two of one name get two addresses
    await transaction`select pg_advisory_xact_lock(hashtextextended('specs', ${teamId}))`;
    const [spec] = await transaction<{ id: string; slug: string }[]>`
      with taken as (select slug from specs where team_id = ${teamId})
      insert into specs (team_id, slug, started_from)
      select ${teamId}, candidate, ${startedFrom}::uuid
        from (select ${wanted}::text as candidate, 1 as place
              union all
              select ${wanted} || '-' || place, place from generate_series(2, ${MOST_NUMBERED}) as place
              union all
              select ${wanted} || '-' || substr(md5(random()::text), 1, 8), ${MOST_NUMBERED} + 1) candidates
       where candidate not in (select slug from taken)
       order by place
       limit 1
      returning id, slug`;
    const first = { specId: spec!.id, revision: 1, label: '', edits: [], document, personId, isOfStored: true };
    await keepRevision(transaction, first);
    await keepSummary(transaction, spec!.id, summary, personId, 1);
    await log(transaction, access, { action: 'create', about: document.name, specId: spec!.id });
    if (copyOf) await copySurveys(transaction, copyOf, spec!.id);
    const missingFonts = await bringFonts(transaction, access, document);
    return { ...spec!, missingFonts };
  });
}

/** Archives a spec, or brings it back. Nothing is deleted, and its editions stay where they are. */
export async function setArchived(sql: Sql, access: SpecAccess<'archive'>, archived: boolean): Promise<void> {
  await sql.begin(async (transaction) => {
    const [changed] = await transaction<{ name: string }[]>`
      update specs set archived_at = ${archived ? sql`now()` : null}
       where id = ${access.specId} and (archived_at is null) = ${archived}
      returning name`;
    if (!changed) return;
    await log(transaction, access, {
      action: archived ? 'archive' : 'unarchive',
      about: changed.name,
      specId: access.specId,
    });
  });
}

/** What goes with a spec, in this order. */
const WITH_A_SPEC = ['review_answers', 'reviews', 'remarks', 'revision_names', 'surveys', 'revisions', 'drafts'];

/** Deletes an archived spec that has no edition, with its history; else the sentence that says why it stays. */
export async function deleteSpec(sql: Sql, access: SpecAccess<'people'>): Promise<Parsed<true>> {
  const { specId } = access;
  return sql.begin(async (transaction): Promise<Parsed<true>> => {
    // more than `hold`: nothing that belongs to it may be written either, and what was published while this waited is seen
    await transaction`select 1 from specs where id = ${specId} for update`;
    const [spec] = await transaction<{ name: string; archivedAt: Date | null; editions: number }[]>`
      select name, archived_at, (select count(*)::int from editions where spec_id = specs.id) as editions
        from specs where id = ${specId}`;
    if (!spec) return { problem: 'This specification no longer exists.' };
    if (spec.editions > 0)
      return {
        problem: 'A specification with editions can’t be deleted: someone may build on it. Archive it instead.',
      };
    if (!spec.archivedAt) return { problem: 'Archive this specification first, then delete it.' };
    await log(transaction, access, { action: 'delete', about: spec.name });
    await transaction`select set_config('ypsiline.deleting', ${specId}, true)`;
    for (const table of WITH_A_SPEC) await transaction`delete from ${transaction(table)} where spec_id = ${specId}`;
    mustChange(await transaction`delete from specs where id = ${specId}`);
    return { value: true };
  });
}
