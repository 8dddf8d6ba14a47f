import { MOST } from '../../core/limits';
import { readPattern } from '../../core/breakpoints/naming-pattern';
import type { Parsed } from '../../core/parsed';
import type { Spec } from '../../core/spec/schema';
import type { SpecAccess, TeamAccess } from '../access/access';
import type { Query, Sql } from '../database/database';
import { log, takeAway } from './log';
import { mustChange } from '../database/must-change';
import { storedSpec } from '../database/stored-spec';
import { isUuid } from '../uuid';

/** A set from which specs of a team are begun: an edition of one of its own. */
export type StartingSet = {
  id: string;
  name: string;
  spec: string;
  specSlug: string;
  version: string;
  newest: string;
  madeBy: string;
};

/** The starting sets of a team, by name. */
export async function startingSetsOf(sql: Query, { teamId }: TeamAccess<'read-drafts'>): Promise<StartingSet[]> {
  return sql<StartingSet[]>`
    select starting_sets.id, starting_sets.name, specs.name as spec, specs.slug as spec_slug, editions.version, people.name as made_by,
           (select version from editions later where later.spec_id = specs.id order by id desc limit 1) as newest
      from starting_sets
      join specs    on specs.id = starting_sets.spec_id
      join editions on editions.id = edition_id
      join people   on people.id = starting_sets.made_by
     where starting_sets.team_id = ${teamId} and removed_at is null
     order by lower(starting_sets.name), starting_sets.id`;
}

/** The documents of a team’s starting sets, as they are stored, by id: to be drawn where one is chosen. */
export async function documentsOfSets(
  sql: Query,
  { teamId }: TeamAccess<'read-drafts'>,
): Promise<Map<string, unknown>> {
  const rows = await sql<{ id: string; document: unknown }[]>`
    select starting_sets.id, editions.document
      from starting_sets
      join editions on editions.id = edition_id
     where starting_sets.team_id = ${teamId} and removed_at is null`;
  return new Map(rows.map(({ id, document }) => [id, document]));
}

/** Makes a starting set of an edition. */
export async function makeStartingSet(
  sql: Sql,
  access: SpecAccess<'edit'>,
  { name, version }: { name: string; version: string },
): Promise<Parsed<string>> {
  const { specId, teamId, personId } = access;
  return sql.begin(async (transaction): Promise<Parsed<string>> => {
    const [edition] = await transaction<{ id: string }[]>`
      select id from editions where spec_id = ${specId} and version = ${version}`;
    if (!edition) return { problem: `There’s no edition ${version.slice(0, 40)}.` };
    const [held] = await transaction<{ count: number; same: number }[]>`
      select count(*)::int as count, count(*) filter (where lower(name) = lower(${name}))::int as same
        from starting_sets where team_id = ${teamId} and removed_at is null`;
    if (held!.same > 0) return { problem: `There’s already a starting set “${name}”. Enter another name.` };
    if (held!.count >= MOST.startingSets)
      return { problem: `A team can have up to ${MOST.startingSets} starting sets.` };
    const [made] = await transaction<{ id: string }[]>`
      insert into starting_sets (team_id, spec_id, edition_id, name, made_by)
      values (${teamId}, ${specId}, ${edition.id}, ${name}, ${personId})
      returning id`;
    await log(transaction, access, { action: 'starting-set', about: name, specId });
    return { value: made!.id };
  });
}

/** Takes a starting set off the list; specs that began from it still know it. */
export async function removeStartingSet(sql: Sql, access: TeamAccess<'edit'>, id: string): Promise<boolean> {
  if (!isUuid(id)) return false;
  return takeAway(
    sql,
    access,
    { action: 'remove-starting-set' },
    (transaction) => transaction<{ about: string }[]>`
      update starting_sets set removed_at = now()
       where id = ${id} and team_id = ${access.teamId} and removed_at is null
      returning name as about`,
  );
}

/** The document of a starting set, or null: there is none. */
export async function startingDocument(sql: Query, { teamId }: TeamAccess<'edit'>, id: string): Promise<Spec | null> {
  if (!isUuid(id)) return null;
  const [row] = await sql<{ document: unknown }[]>`
    select document from starting_sets join editions on editions.id = edition_id
     where starting_sets.id = ${id} and team_id = ${teamId} and removed_at is null`;
  return row ? storedSpec(row.document) : null;
}

/** Where a spec started: the set, its edition then, and the newest edition of the same spec. */
export type Started = { set: string; spec: string; specSlug: string; version: string; newest: string };

export async function startOf(sql: Query, { specId }: SpecAccess<'read-drafts'>): Promise<Started | null> {
  const [row] = await sql<Started[]>`
    select starting_sets.name as set, origin.name as spec, origin.slug as spec_slug, editions.version,
           (select version from editions later where later.spec_id = origin.id order by id desc limit 1) as newest
      from specs
      join starting_sets on starting_sets.id = specs.started_from
      join specs origin on origin.id = starting_sets.spec_id
      join editions on editions.id = edition_id
     where specs.id = ${specId}`;
  return row ?? null;
}

/** The pattern by which a team names its grids; empty: none. */
export async function namingPattern(sql: Query, { teamId }: TeamAccess<'read'>): Promise<string> {
  const [team] = await sql<{ namingPattern: string }[]>`select naming_pattern from teams where id = ${teamId}`;
  return team?.namingPattern ?? '';
}

/** Changes the pattern by which a team names its grids. */
export async function nameBy(sql: Sql, access: TeamAccess<'share'>, text: string): Promise<Parsed<string>> {
  const pattern = readPattern(text);
  if (pattern.problem !== undefined) return pattern;
  await sql.begin(async (transaction) => {
    mustChange(await transaction`update teams set naming_pattern = ${pattern.value} where id = ${access.teamId}`);
    await log(transaction, access, { action: 'naming', about: pattern.value });
  });
  return pattern;
}
