import { MOST } from '../../core/limits';
import type { Parsed } from '../../core/parsed';
import type { Query, Sql } from '../database/database';
import { log, takeAway } from '../team/log';
import { freshToken, hashToken } from '../sign-in/tokens';
import { isUuid } from '../uuid';
import type { TeamAccess } from './access';
import type { KeyScope } from './permissions';

/** What the secrets of keys and of links begin with, so that they are known where they are found. */
const PREFIXES = { key: 'ypsk_', link: 'ypsl_' };

/** A key is sent in a header; a link stands in an address, for whoever has it. */
export type KeyKind = keyof typeof PREFIXES;

/** A key in the team’s list. Its secret is not kept. */
export type AccessKey = {
  id: string;
  kind: KeyKind;
  name: string;
  /** The names of the specs that it opens; null for all. */
  specs: string[] | null;
  scopes: KeyScope[];
  madeBy: string;
  madeAt: Date;
  lapsesAt: Date;
  revokedAt: Date | null;
  usedAt: Date | null;
};

/** The keys of a team, the newest first. */
export async function keysOf(sql: Query, { teamId }: TeamAccess<'share'>): Promise<AccessKey[]> {
  return sql<AccessKey[]>`
    select access_keys.id, case when is_link then 'link' else 'key' end as kind, access_keys.name, to_jsonb(scopes) as scopes, people.name as made_by, made_at, lapses_at, revoked_at, used_at,
           case when spec_ids is null then null
                else coalesce((select jsonb_agg(document->>'name' order by document->>'name')
                                 from drafts where drafts.spec_id = any(spec_ids)), '[]') end as specs
      from access_keys
      join people on people.id = made_by
     where team_id = ${teamId}
     order by made_at desc, access_keys.id`;
}

type Wanted = { kind?: KeyKind; name: string; specIds: string[] | null; days: number; mayReport?: boolean };

/**
 * Makes a key. Its secret is in the answer, and nowhere else: whoever makes it sees it once.
 *
 *     makeKey(sql, access, { name: 'Passenger site build', specIds: null, days: 365 })   // { value: { id, secret: 'ypsk_…' } }
 */
export async function makeKey(
  sql: Sql,
  access: TeamAccess<'share'>,
  wanted: Wanted,
): Promise<Parsed<{ id: string; secret: string }>> {
  return sql.begin(async (transaction) => {
    const made = await madeKey(transaction, access, wanted);
    if (made.problem === undefined)
      await log(transaction, access, { action: wanted.kind ?? 'key', about: wanted.name });
    return made;
  });
}

async function madeKey(
  sql: Query,
  { teamId, personId }: TeamAccess<'share'>,
  { kind = 'key', name, specIds, days, mayReport = false }: Wanted,
): Promise<Parsed<{ id: string; secret: string }>> {
  const [open] = await sql<{ count: number }[]>`
    select count(*)::int from access_keys where team_id = ${teamId} and revoked_at is null and lapses_at > now()`;
  if (open!.count >= MOST.keys)
    return { problem: `A team can have up to ${MOST.keys} keys and links. Revoke one that isn’t used.` };
  if (kind === 'link' && mayReport) return { problem: 'A public link reads editions. Only keys can report.' };
  if (kind === 'link' && specIds?.length !== 1) return { problem: 'Choose the specification for the public link.' };
  if (specIds !== null) {
    const [own] = await sql<{ count: number }[]>`
      select count(*)::int from specs where team_id = ${teamId} and id in ${sql(specIds.length > 0 ? specIds : [NO_SPEC])}`;
    if (specIds.length === 0 || own!.count !== new Set(specIds).size)
      return { problem: 'Choose the specifications this key gives access to, or all.' };
  }
  const secret = PREFIXES[kind] + freshToken();
  const scopes: KeyScope[] = ['read', ...(mayReport ? (['report'] as const) : [])];
  const [made] = await sql<{ id: string }[]>`
    insert into access_keys (is_link, team_id, name, token_hash, spec_ids, scopes, made_by, lapses_at)
    values (${kind === 'link'}, ${teamId}, ${name}, ${hashToken(secret)}, ${specIds && `{${specIds.join(',')}}`}, ${`{${scopes.join(',')}}`}, ${personId}, now() + ${days} * interval '1 day')
    returning id`;
  return { value: { id: made!.id, secret } };
}

const NO_SPEC = '00000000-0000-0000-0000-000000000000';

/** Revokes a key of a team; it opens nothing from then on. False where there is none. */
export async function revokeKey(sql: Sql, access: TeamAccess<'share'>, id: string): Promise<boolean> {
  if (!isUuid(id)) return false;
  return takeAway(
    sql,
    access,
    { action: 'revoke-key' },
    (transaction) => transaction<{ about: string }[]>`
      update access_keys set revoked_at = coalesce(revoked_at, now())
       where id = ${id} and team_id = ${access.teamId}
      returning name as about`,
  );
}
