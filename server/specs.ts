import type { Spec } from '../core/spec/schema';
import { readSpec } from '../core/spec/read';
import { slug } from '../core/spec/slug';
import type { Query } from './database';

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

/** A document as it was stored, brought up to date. */
export function storedSpec(document: unknown): Spec {
  const parsed = readSpec(document);
  if (!parsed.value) throw new Error(`a stored document cannot be read: ${parsed.problem}`);
  return parsed.value;
}

/** Which specs to answer with; the asker's membership always applies. */
type Wanted = { teamSlug: string } | { teamSlug: string; slug: string } | { id: string };

async function find(sql: Query, personId: string, wanted: Wanted): Promise<SpecRecord[]> {
  const condition =
    'id' in wanted
      ? sql`specs.id = ${wanted.id}`
      : 'slug' in wanted
        ? sql`teams.slug = ${wanted.teamSlug} and specs.slug = ${wanted.slug}`
        : sql`teams.slug = ${wanted.teamSlug}`;
  const rows = await sql<(Omit<SpecRecord, 'document'> & { document: unknown })[]>`
    select specs.id, teams.id as team_id, teams.slug as team_slug, teams.name as team_name, specs.slug, specs.revision,
           document, people.name as changed_by, made_at as changed_at, archived_at,
           newest.version as last_edition, newest.revision as last_edition_revision
      from specs
      join teams     on teams.id = specs.team_id
      join members   on members.team_id = teams.id and members.person_id = ${personId}
      join revisions on revisions.spec_id = specs.id and revisions.revision = specs.revision
      join people    on people.id = made_by
      left join lateral (select version, revision from editions where spec_id = specs.id order by id desc limit 1) newest on true
     where ${condition}
     order by made_at desc, specs.slug`;
  return rows.map((row) => ({ ...row, document: storedSpec(row.document) }));
}

/** The specs of a team that the person belongs to, the last changed first. */
export async function specsOf(sql: Query, personId: string, teamSlug: string): Promise<SpecRecord[]> {
  return find(sql, personId, { teamSlug });
}

export async function specAt(
  sql: Query,
  personId: string,
  teamSlug: string,
  specSlug: string,
): Promise<SpecRecord | null> {
  return (await find(sql, personId, { teamSlug, slug: specSlug }))[0] ?? null;
}

const UUID = /^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/i;

/** A spec by its id, or null when there is none or it belongs to a team of others. */
export async function specById(sql: Query, personId: string, id: string): Promise<SpecRecord | null> {
  return UUID.test(id) ? ((await find(sql, personId, { id }))[0] ?? null) : null;
}

/** Makes a spec of a document in a team that the caller has checked. Its address is made from its name, and stays. */
export async function createSpec(
  sql: Query,
  { teamId, personId, document }: { teamId: string; personId: string; document: Spec },
): Promise<{ id: string; slug: string }> {
  const wanted = slug(document.name) || 'spec';
  const [spec] = await sql<{ id: string; slug: string }[]>`
    with taken as (select slug from specs where team_id = ${teamId})
    insert into specs (team_id, slug)
    select ${teamId}, candidate
      from (select ${wanted}::text as candidate, 1 as place
            union all
            select ${wanted} || '-' || place, place from generate_series(2, 999) as place) candidates
     where candidate not in (select slug from taken)
     order by place
     limit 1
    returning id, slug`;
  await sql`
    insert into revisions (spec_id, revision, document, made_by)
    values (${spec!.id}, 1, ${sql.json(document)}, ${personId})`;
  return spec!;
}

/** Archives a spec, or brings it back. Nothing is deleted. */
export async function setArchived(sql: Query, specId: string, archived: boolean): Promise<void> {
  await sql`update specs set archived_at = ${archived ? sql`coalesce(archived_at, now())` : null} where id = ${specId}`;
}
