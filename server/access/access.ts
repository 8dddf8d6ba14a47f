import type { Query } from '../database/database';
import { isUuid } from '../uuid';
import { type Action, mayDo, type Role } from './permissions';

declare const granted: unique symbol;

/** Reading editions is part of every grant; whoever may do more than that reads drafts too. */
type Granted<A extends Action> = A | 'read' | ([Exclude<A, 'read'>] extends [never] ? never : 'read-drafts');

/**
 * What somebody was granted in a team. Every function that touches a team's data takes one; only the functions of
 * `access/` give it, so that what forgets to ask does not compile.
 */
export type TeamAccess<A extends Action> = {
  readonly [granted]: Readonly<Record<Granted<A>, true>>;
  readonly personId: string;
  /** From where this is asked, for the log; null where no request asks. */
  readonly address?: string | null;
  readonly role: Role | 'key';
  readonly teamId: string;
  readonly teamSlug: string;
  readonly teamName: string;
};

/** The same for one specification of the team. */
export type SpecAccess<A extends Action> = TeamAccess<A> & { readonly specId: string; readonly specSlug: string };

type Plain<T> = Omit<T, typeof granted>;
type TeamRow = Plain<TeamAccess<never>>;
type SpecRow = Plain<SpecAccess<never>>;

/** Makes a grant of a row that was read for somebody; null where their role may not do all of this. */
export function grantOf<R extends TeamRow>(row: R | undefined, actions: readonly Action[]): R | null {
  return row && actions.every((action) => mayDo(row.role, action)) ? row : null;
}

/** The same grant for more actions, or null: the role may not. */
export function may<T extends TeamAccess<never>, A extends Action>(
  access: T,
  ...actions: [A, ...A[]]
): (T & TeamAccess<A>) | null {
  return grantOf(access, actions) as (T & TeamAccess<A>) | null;
}

/** Access to a team by its address, or null: no such team, not a member, or not allowed to do all of this there. */
export async function teamAccess<A extends Action>(
  sql: Query,
  personId: string,
  teamSlug: string,
  ...actions: [A, ...A[]]
): Promise<TeamAccess<A | 'read-drafts'> | null> {
  const [row] = await sql<TeamRow[]>`
    select role, person_id, teams.id as team_id, slug as team_slug, name as team_name
      from teams
      join members on team_id = teams.id
     where person_id = ${personId}
       and left_at is null
       and slug = ${teamSlug}`;
  return grantOf(row, actions) as TeamAccess<A | 'read-drafts'> | null;
}

/** A specification by its id, or by the addresses of its team and its own. */
export type SpecPlace = { id: string } | { team: string; spec: string };

/** Access to a specification, without reading its document; null as for teams. */
export async function specAccess<A extends Action>(
  sql: Query,
  personId: string,
  place: SpecPlace,
  ...actions: [A, ...A[]]
): Promise<SpecAccess<A | 'read-drafts'> | null> {
  if ('id' in place && !isUuid(place.id)) return null;
  const isPlace =
    'id' in place ? sql`specs.id = ${place.id}` : sql`teams.slug = ${place.team} and specs.slug = ${place.spec}`;
  const [row] = await sql<SpecRow[]>`
    select role, person_id, teams.id as team_id, teams.slug as team_slug, teams.name as team_name,
           specs.id as spec_id, specs.slug as spec_slug
      from specs
      join teams   on teams.id = specs.team_id
      join members on members.team_id = teams.id and members.person_id = ${personId} and left_at is null
     where ${isPlace}`;
  return grantOf(row, actions) as SpecAccess<A | 'read-drafts'> | null;
}
