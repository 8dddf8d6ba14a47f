import { MOST } from '../../core/limits';
import * as semver from 'semver';
import type { Parsed } from '../../core/parsed';
import type { SpecAccess } from '../access/access';
import type { KeyAccess } from '../access/key-access';
import type { Query, Sql } from '../database/database';
import { log, takeAway } from '../team/log';
import { isUuid } from '../uuid';

/** A product or repository that has said which edition it builds on. */
export type Follower = {
  id: string;
  name: string;
  version: string;
  note: string;
  /** The key with which a build said so; null: by hand. */
  key: string | null;
  saidBy: string;
  saidAt: Date;
  /** How many editions came after its own. */
  behind: number;
  /** Why its edition was withdrawn, where it was. */
  withdrawn: string | null;
};

/** Who builds on which edition of a spec, those furthest behind first. */
export async function followersOf(sql: Query, { specId }: SpecAccess<'read-drafts'>): Promise<Follower[]> {
  return sql<Follower[]>`
    select followers.id, followers.name, followers.version, followers.note, case when key_id is null then null else 'a build' end as key,
           people.name as said_by, said_at, withdrawals.reason as withdrawn,
           (select count(*)::int from editions later where later.spec_id = followers.spec_id and later.id > editions.id) as behind
      from followers
      join people   on people.id = said_by
      join editions on editions.spec_id = followers.spec_id and editions.version = followers.version
      left join withdrawals on edition_id = editions.id
     where followers.spec_id = ${specId}
     order by behind desc, lower(followers.name)`;
}

/** Notes by hand who builds on which edition; the same name again changes what it builds on. */
export async function noteFollower(
  sql: Sql,
  access: SpecAccess<'publish'>,
  { name, version, note }: { name: string; version: string; note: string },
): Promise<Parsed<true>> {
  const { specId, personId } = access;
  return sql.begin(async (transaction): Promise<Parsed<true>> => {
    const editions = await transaction<{ version: string }[]>`select version from editions where spec_id = ${specId}`;
    if (!editions.some((each) => each.version === version))
      return {
        problem: `There’s no edition ${version.slice(0, 40)}; there ${
          editions.length === 0
            ? 'is none yet'
            : `are ${semver
                .rsort(editions.map((each) => each.version))
                .slice(0, 5)
                .join(', ')}`
        }.`,
      };
    const [held] = await transaction<{ count: number }[]>`
      select count(*)::int from followers where spec_id = ${specId} and lower(name) <> lower(${name})`;
    if (held!.count >= MOST.followers) return { problem: `A specification has at most ${MOST.followers} followers.` };
    await transaction`
      insert into followers (spec_id, name, version, note, said_by) values (${specId}, ${name}, ${version}, ${note}, ${personId})
      on conflict (spec_id, lower(name)) do update
         set name = excluded.name, version = excluded.version, note = excluded.note, key_id = null, said_by = excluded.said_by, said_at = now()`;
    await log(transaction, access, { action: 'follower', about: `${name} on ${version}`, specId });
    return { value: true };
  });
}

/** Notes what a build says with its key: that it builds on an edition. */
export async function followWithKey(
  sql: Query,
  { specId }: KeyAccess,
  { name, version }: { name: string; version: string },
): Promise<Parsed<true>> {
  const [there] = await sql`select 1 from editions where spec_id = ${specId} and version = ${version}`;
  if (!there) return { problem: `There’s no edition ${version.slice(0, 40)}.` };
  await sql`select note_follower(${specId}, ${name}, ${version})`;
  return { value: true };
}

/** Takes a follower off the list; false where there is none. */
export async function removeFollower(sql: Sql, access: SpecAccess<'publish'>, id: string): Promise<boolean> {
  if (!isUuid(id)) return false;
  return takeAway(
    sql,
    access,
    { action: 'remove-follower', specId: access.specId },
    (transaction) => transaction<{ about: string }[]>`
      delete from followers where id = ${id} and spec_id = ${access.specId} returning name as about`,
  );
}
