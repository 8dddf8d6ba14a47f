import type { Query } from '../database';
import { hashToken } from '../sign-in/tokens';
import { isUuid } from '../uuid';
import { type Action, ALLOWED, type Role } from './actions';

declare const granted: unique symbol;

/**
 * What a person was granted in a team; reading is part of every grant. Every function that touches a team's data takes one; only the functions of this
 * file give it, so that what forgets to ask does not compile.
 */
export type TeamAccess<A extends Action> = {
  readonly [granted]: Readonly<Record<A | 'read', true>>;
  readonly personId: string;
  readonly teamId: string;
  readonly teamSlug: string;
  readonly teamName: string;
};

/** The same for one specification of the team. */
export type SpecAccess<A extends Action> = TeamAccess<A> & { readonly specId: string; readonly specSlug: string };

type Plain<T> = Omit<T, typeof granted>;
type TeamRow = Plain<TeamAccess<never>> & { role: Role };
type SpecRow = Plain<SpecAccess<never>> & { role: Role };

function given<R extends { role: Role }, A extends Action>(row: R | undefined, actions: A[]): Omit<R, 'role'> | null {
  if (!row) return null;
  const { role, ...access } = row;
  return ['read' as const, ...actions].every((action) => ALLOWED[role].includes(action)) ? access : null;
}

/** Access to a team by its address, or null: no such team, not a member, or not allowed to do all of this there. */
export async function teamAccess<A extends Action>(
  sql: Query,
  personId: string,
  teamSlug: string,
  ...actions: [A, ...A[]]
): Promise<TeamAccess<A> | null> {
  const [row] = await sql<TeamRow[]>`
    select 'member' as role, person_id, teams.id as team_id, slug as team_slug, name as team_name
      from teams
      join members on team_id = teams.id
     where person_id = ${personId}
       and slug = ${teamSlug}`;
  return given(row, actions) as TeamAccess<A> | null;
}

/**
 * Reading access to a specification’s editions by a key of its team, or by a public link, which says itself which it opens; null where it is none, is revoked or has
 * lapsed, or does not open this one. That it was used is noted to the minute. What is read by it is read for who made it.
 */
export async function keyAccess(
  sql: Query,
  secret: string,
  place: { team: string; spec: string } | 'link',
): Promise<SpecAccess<'read'> | null> {
  if (secret.length > 200) return null;
  const isPlace =
    place === 'link' ? sql`is_link` : sql`not is_link and teams.slug = ${place.team} and specs.slug = ${place.spec}`;
  const [row] = await sql<(SpecRow & { keyId: string; isFresh: boolean })[]>`
    select 'member' as role, made_by as person_id, teams.id as team_id, teams.slug as team_slug, teams.name as team_name,
           specs.id as spec_id, specs.slug as spec_slug, access_keys.id as key_id,
           coalesce(used_at > now() - interval '1 minute', false) as is_fresh
      from access_keys
      join teams on teams.id = access_keys.team_id
      join specs on specs.team_id = teams.id
     where token_hash = ${hashToken(secret)}
       and revoked_at is null
       and lapses_at > now()
       and ${isPlace}
       and (spec_ids is null or specs.id = any(spec_ids))`;
  if (!row) return null;
  const { keyId, isFresh, ...own } = row;
  if (!isFresh) await sql`update access_keys set used_at = now() where id = ${keyId}`;
  return given(own, []) as SpecAccess<'read'> | null;
}

/** A specification by its id, or by the addresses of its team and its own. */
export type SpecPlace = { id: string } | { team: string; spec: string };

/** Access to a specification, without reading its document; null as for teams. */
export async function specAccess<A extends Action>(
  sql: Query,
  personId: string,
  place: SpecPlace,
  ...actions: [A, ...A[]]
): Promise<SpecAccess<A> | null> {
  if ('id' in place && !isUuid(place.id)) return null;
  const isPlace =
    'id' in place ? sql`specs.id = ${place.id}` : sql`teams.slug = ${place.team} and specs.slug = ${place.spec}`;
  const [row] = await sql<SpecRow[]>`
    select 'member' as role, person_id, teams.id as team_id, teams.slug as team_slug, teams.name as team_name,
           specs.id as spec_id, specs.slug as spec_slug
      from specs
      join teams   on teams.id = specs.team_id
      join members on members.team_id = teams.id and members.person_id = ${personId}
     where ${isPlace}`;
  return given(row, actions) as SpecAccess<A> | null;
}
