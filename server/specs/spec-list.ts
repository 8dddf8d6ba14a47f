import type { TeamAccess } from '../access/access';
import type { Query } from '../database/database';

/** A specification as a list shows it. */
export type ListedRecord = {
  id: string;
  slug: string;
  name: string;
  counts: string;
  /** Findings that nobody has waived; null where the document cannot be read. */
  mustFix: number | null;
  weigh: number | null;
  revision: number;
  lastEdition: string | null;
  /** Does the draft say something else than the last edition? */
  differs: boolean;
  /** Is a review of it under way? */
  inReview: boolean;
  /** Who has changed it since its last edition, in the order in which they did first. */
  people: string[];
  changedBy: string;
  changedAt: Date;
  archivedAt: Date | null;
  /** The newest document, for its small drawing. */
  document: unknown;
};

export const SORTS = ['changed', 'name', 'must-fix'] as const;
export type Sort = (typeof SORTS)[number];

export const PAGE_SIZE = 25;

export type ListQuestion = { sought: string; sort: Sort; archived: boolean; page: number };

export type SpecPage = {
  specs: ListedRecord[];
  page: number;
  pages: number;
  found: number;
  archived: number;
  all: number;
};

/** Whether a team has specifications, archived ones too. */
export async function hasSpecs(sql: Query, { teamId }: TeamAccess<'read-drafts'>): Promise<boolean> {
  const [row] = await sql<{ has: boolean }[]>`select exists (select from specs where team_id = ${teamId}) as has`;
  return row!.has;
}

/**
 * One page of a team's specifications, searched by name and sorted. Reads as many documents as the page has rows.
 */
export async function specPage(
  sql: Query,
  { teamId }: TeamAccess<'read-drafts'>,
  { sought, sort, archived, page }: ListQuestion,
): Promise<SpecPage> {
  const pattern = `%${sought
    .trim()
    .toLowerCase()
    .replace(/[\\%_]/g, '\\$&')}%`;
  const inView = sql`
    team_id = ${teamId} and (archived_at is null) = ${!archived}
    ${sought.trim() ? sql`and lower(name) like ${pattern}` : sql``}`;
  // counted once over the team; a search is counted by itself
  const [held] = await sql<{ current: number; archived: number; found: number | null }[]>`
    select count(*) filter (where archived_at is null)::int as current,
           count(*) filter (where archived_at is not null)::int as archived,
           ${sought.trim() ? sql`(select count(*)::int from specs where ${inView})` : sql`null::int`} as found
      from specs where team_id = ${teamId}`;
  const all = archived ? held!.archived : held!.current;
  const found = held!.found ?? all;
  const pages = Math.max(1, Math.ceil(found / PAGE_SIZE));
  const wanted = Math.min(Math.max(1, page), pages);
  const order = {
    changed: sql`changed_at desc, slug`,
    name: sql`lower(name), slug`,
    'must-fix': sql`must_fix desc nulls first, weigh desc, slug`,
  }[sort];
  const specs = await sql<ListedRecord[]>`
    select listed.id, listed.slug, listed.name, counts, must_fix, weigh, listed.revision, archived_at, changed_at,
           people.name as changed_by, newest.version as last_edition,
           coalesce(newest.sha256 is distinct from draft_hash, true) as differs,
           exists (select from reviews where spec_id = listed.id and ended_at is null) as in_review,
           coalesce((select jsonb_agg(name order by first) from (
             select name, min(revision) as first
               from revisions join people on people.id = made_by
              where spec_id = listed.id and revision > coalesce(newest.revision, 0) group by name) since), '[]') as people,
           document
      from (select *, row_number() over (order by ${order}) as place from specs where ${inView} order by ${order} limit ${PAGE_SIZE} offset ${(wanted - 1) * PAGE_SIZE}) listed
      join drafts    on drafts.spec_id = listed.id
      join people    on people.id = listed.changed_by
      left join lateral (select version, sha256, revision from editions where spec_id = listed.id order by id desc limit 1) newest on true
     order by place`;
  return { specs, page: wanted, pages, found, archived: held!.archived, all };
}

/** A spec by its name, and whether anything of it is published. */
export type SpecName = { id: string; slug: string; name: string; isPublished: boolean };

/** The names of a team’s specifications that are not archived, by name. */
export async function specNames(sql: Query, { teamId }: TeamAccess<'read-drafts'>): Promise<SpecName[]> {
  return sql<SpecName[]>`
    select specs.id, specs.slug, coalesce(document->>'name', specs.slug) as name,
           exists (select from editions where editions.spec_id = specs.id) as is_published
      from specs
      join drafts on drafts.spec_id = specs.id
     where team_id = ${teamId}
       and archived_at is null
     order by lower(coalesce(document->>'name', specs.slug)), specs.slug
     limit 500`;
}
