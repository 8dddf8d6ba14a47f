import type { Spec } from '../core/spec/schema';
import { slug } from '../core/spec/slug';
import type { SpecAccess, TeamAccess } from './access/access';
import type { Query, Sql } from './database';
import { keepRevision } from './revisions';
import { bringFonts } from './fonts/team-fonts';
import { storedSpec } from './stored-spec';
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
};

/**
 * A spec with its newest draft.
 *
 * @throws UnreadableDocument where what is stored is no document of today
 */
export async function specOf(sql: Query, { specId }: SpecAccess<'read'>): Promise<SpecRecord> {
  const [row] = await sql<(Omit<SpecRecord, 'document'> & { document: unknown })[]>`
    select specs.id, teams.id as team_id, teams.slug as team_slug, teams.name as team_name, specs.slug, specs.revision,
           drafts.document, people.name as changed_by, made_at as changed_at, archived_at,
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
 * @param copyOf the spec of which the document is a copy: its surveys come along
 */
export async function createSpec(
  sql: Sql,
  access: TeamAccess<'arrange'>,
  document: Spec,
  copyOf?: SpecAccess<'read'>,
): Promise<{ id: string; slug: string; missingFonts: string[] }> {
  const { teamId, personId } = access;
  const wanted = slug(document.name) || 'spec';
  const summary = summaryOf(document);
  return sql.begin(async (transaction) => {
    // one at a time in a team, so that two of one name get two addresses
    await transaction`select 1 from teams where id = ${teamId} for update`;
    const [spec] = await transaction<{ id: string; slug: string }[]>`
      with taken as (select slug from specs where team_id = ${teamId})
      insert into specs (team_id, slug)
      select ${teamId}, candidate
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
    await keepSummary(transaction, spec!.id, summary, personId);
    if (copyOf) await copySurveys(transaction, copyOf, spec!.id);
    const missingFonts = await bringFonts(transaction, access, document);
    return { ...spec!, missingFonts };
  });
}

/** Archives a spec, or brings it back. Nothing is deleted. */
export async function setArchived(sql: Query, { specId }: SpecAccess<'arrange'>, archived: boolean): Promise<void> {
  await sql`update specs set archived_at = ${archived ? sql`coalesce(archived_at, now())` : null} where id = ${specId}`;
}
