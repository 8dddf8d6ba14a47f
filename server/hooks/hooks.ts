import { MOST } from '../../core/limits';
import { randomBytes } from 'node:crypto';
import type { Parsed } from '../../core/parsed';
import type { TeamAccess } from '../access/access';
import type { Query, Sql } from '../database/database';
import { log, takeAway } from '../team/log';
import { isUuid } from '../uuid';
import { refusedAddress } from './safe-address';
import type { HookKind } from './tell-hooks';

/** A web hook of a team, with what came of its last deliveries. */
export type Hook = {
  id: string;
  name: string;
  url: string;
  kinds: HookKind[];
  madeBy: string;
  madeAt: Date;
  waiting: number;
  lastDelivered: Date | null;
  lastSaid: string | null;
};

/** The receiver that is shipped, in place of an address. */
export const OWN_RECEIVER = 'own';

/** The web hooks of a team, by name. Their secrets are shown once, when they are made. */
export async function hooksOf(sql: Query, { teamId }: TeamAccess<'share'>): Promise<Hook[]> {
  return sql<Hook[]>`
    select hooks.id, hooks.name, url, to_jsonb(kinds) as kinds, people.name as made_by, made_at,
           (select count(*)::int from deliveries where hook_id = hooks.id and next_try_at is not null) as waiting,
           (select max(delivered_at) from deliveries where hook_id = hooks.id) as last_delivered,
           (select said from deliveries where hook_id = hooks.id and tries > 0 order by id desc limit 1) as last_said
      from hooks
      join people on people.id = made_by
     where team_id = ${teamId} and removed_at is null
     order by lower(hooks.name), hooks.id`;
}

/** Makes a web hook; the answer carries the secret with which its requests are signed. */
export async function makeHook(
  sql: Sql,
  access: TeamAccess<'share'>,
  { name, url, kinds }: { name: string; url: string; kinds: readonly HookKind[] },
): Promise<Parsed<{ id: string; secret: string }>> {
  const problem = url === OWN_RECEIVER ? null : refusedAddress(url);
  if (problem) return { problem };
  return sql.begin(async (transaction): Promise<Parsed<{ id: string; secret: string }>> => {
    const [held] = await transaction<{ count: number }[]>`
      select count(*)::int from hooks where team_id = ${access.teamId} and removed_at is null`;
    if (held!.count >= MOST.hooks)
      return { problem: `A team can have up to ${MOST.hooks} web hooks. Remove one first.` };
    const secret = `ypsh_${randomBytes(32).toString('base64url')}`;
    const [made] = await transaction<{ id: string }[]>`
      insert into hooks (team_id, name, url, secret, kinds, made_by)
      values (${access.teamId}, ${name}, ${url}, ${secret}, ${`{${kinds.join(',')}}`}, ${access.personId})
      returning id`;
    await log(transaction, access, { action: 'hook', about: name });
    return { value: { id: made!.id, secret } };
  });
}

/** Removes a web hook; what still waits for it is not sent. */
export async function removeHook(sql: Sql, access: TeamAccess<'share'>, id: string): Promise<boolean> {
  if (!isUuid(id)) return false;
  return takeAway(
    sql,
    access,
    { action: 'remove-hook' },
    (transaction) => transaction<{ about: string }[]>`
      update hooks set removed_at = now()
       where id = ${id} and team_id = ${access.teamId} and removed_at is null
      returning name as about`,
  );
}

/** A delivery of a web hook of the team. */
export type ListedDelivery = {
  id: string;
  hook: string;
  body: string;
  madeAt: Date;
  tries: number;
  deliveredAt: Date | null;
  nextTryAt: Date | null;
  said: string;
};

export async function deliveriesOf(sql: Query, { teamId }: TeamAccess<'share'>): Promise<ListedDelivery[]> {
  return sql<ListedDelivery[]>`
    select deliveries.id, hooks.name as hook, body, deliveries.made_at, tries, delivered_at, next_try_at, said
      from deliveries join hooks on hooks.id = hook_id
     where deliveries.team_id = ${teamId}
     order by deliveries.id desc limit 50`;
}

/** What came to the receiver that is shipped. */
export type ReceivedBody = { id: string; hook: string; body: string; isGenuine: boolean; receivedAt: Date };

export async function receivedOf(sql: Query, { teamId }: TeamAccess<'share'>): Promise<ReceivedBody[]> {
  return sql<ReceivedBody[]>`
    select received.id, hooks.name as hook, body, is_genuine, received_at
      from received join hooks on hooks.id = hook_id
     where received.team_id = ${teamId}
     order by received.id desc limit 50`;
}
