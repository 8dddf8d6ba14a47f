import type { Spec } from '../core/spec/schema';
import { slug } from '../core/spec/slug';
import type { Query, Sql } from './database';
import { bringFonts } from './fonts/team-fonts';
import { storedSpec } from './stored-spec';
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

/** Which specs to answer with; the asker's membership always applies. */
type Wanted = { teamSlug: string; slug: string } | { id: string };

/** @throws UnreadableDocument where what is stored is no document of today */
async function find(sql: Query, personId: string, wanted: Wanted): Promise<SpecRecord | null> {
  const condition =
    'id' in wanted
      ? sql`specs.id = ${wanted.id}`
      : sql`teams.slug = ${wanted.teamSlug} and specs.slug = ${wanted.slug}`;
  const [row] = await sql<(Omit<SpecRecord, 'document'> & { document: unknown })[]>`
    select specs.id, teams.id as team_id, teams.slug as team_slug, teams.name as team_name, specs.slug, specs.revision,
           document, people.name as changed_by, made_at as changed_at, archived_at,
           newest.version as last_edition, newest.revision as last_edition_revision
      from specs
      join teams     on teams.id = specs.team_id
      join members   on members.team_id = teams.id and members.person_id = ${personId}
      join revisions on revisions.spec_id = specs.id and revisions.revision = specs.revision
      join people    on people.id = made_by
      left join lateral (select version, revision from editions where spec_id = specs.id order by id desc limit 1) newest on true
     where ${condition}`;
  return row ? { ...row, document: storedSpec(row.document) } : null;
}

export async function specAt(
  sql: Query,
  personId: string,
  teamSlug: string,
  specSlug: string,
): Promise<SpecRecord | null> {
  return find(sql, personId, { teamSlug, slug: specSlug });
}

const UUID = /^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/i;

/** A spec by its id, or null when there is none or it belongs to a team of others. */
export async function specById(sql: Query, personId: string, id: string): Promise<SpecRecord | null> {
  return UUID.test(id) ? find(sql, personId, { id }) : null;
}

/** Of one name there may be so many specs in a team; a further one gets a random ending. */
const MOST_NUMBERED = 999;

/**
 * Makes a spec of a document in a team that the caller has checked, all of it or nothing, and brings the fonts that it
 * names; it answers with the families that are nowhere to be had. Its address is made from its name, and stays.
 */
export async function createSpec(
  sql: Sql,
  { teamId, personId, document }: { teamId: string; personId: string; document: Spec },
): Promise<{ id: string; slug: string; missingFonts: string[] }> {
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
    await transaction`
      insert into revisions (spec_id, revision, document, made_by)
      values (${spec!.id}, 1, ${transaction.json(document)}, ${personId})`;
    await keepSummary(transaction, spec!.id, summary, personId);
    const missingFonts = await bringFonts(transaction, { teamId, personId, document });
    return { ...spec!, missingFonts };
  });
}

/** Archives a spec, or brings it back. Nothing is deleted. */
export async function setArchived(sql: Query, specId: string, archived: boolean): Promise<void> {
  await sql`update specs set archived_at = ${archived ? sql`coalesce(archived_at, now())` : null} where id = ${specId}`;
}
