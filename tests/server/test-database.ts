import { randomBytes } from 'node:crypto';
import { copyFile, mkdtemp, readdir, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { afterAll, beforeAll } from 'vitest';
import { type SpecAccess, specAccess, type TeamAccess, teamAccess } from '../../server/access/access';
import { type Action, ACTIONS } from '../../server/access/permissions';
import { letApplicationIn } from '../../server/database/application-role';
import { connect, type Sql } from '../../server/database/database';
import { migrate } from '../../server/database/migrate';
import { addPerson, addTeam } from '../../server/team/people';

/**
 * A migrated database of its own for the tests of one file, on the throw-away cluster that `npm test` starts.
 *
 * @param upTo the number of the last migration that it has been through, such as `004`; by default the newest
 */
export function testDatabase({ upTo }: { upTo?: string } = {}): { sql: () => Sql; url: () => string } {
  const name = `test_${randomBytes(6).toString('hex')}`;
  const cluster = process.env.YPSILINE_TEST_CLUSTER;
  if (!cluster) throw new Error('These tests need a PostgreSQL: run them with `npm test -- unit`, which starts one.');
  const address = cluster.replace(/\/[^/]*$/, `/${name}`);
  let sql: Sql;

  beforeAll(async () => {
    await onCluster(cluster, (admin) => admin.unsafe(`create database ${name}`));
    sql = connect(address);
    await (upTo === undefined ? migrate(sql) : migrateUpTo(sql, upTo));
    if (upTo === undefined) await letApplicationIn(sql, address);
  });
  afterAll(async () => {
    await sql.end();
    await onCluster(cluster, (admin) => admin.unsafe(`drop database ${name} with (force)`));
  });
  return { sql: () => sql, url: () => address };
}

/** The migrations up to one, from a folder of their own. */
async function migrateUpTo(sql: Sql, number: string): Promise<void> {
  const from = fileURLToPath(new URL('../../server/database/migrations/', import.meta.url));
  const folder = await mkdtemp(join(tmpdir(), 'ypsiline-migrations-'));
  const names = (await readdir(from)).filter((name) => name.endsWith('.sql') && name.slice(0, 3) <= number);
  for (const name of names) await copyFile(join(from, name), join(folder, name));
  await migrate(sql, { folder });
  await rm(folder, { recursive: true });
}

async function onCluster(url: string, question: (admin: Sql) => Promise<unknown>): Promise<void> {
  const admin = connect(url, 1);
  await question(admin);
  await admin.end();
}

const EVERYTHING = ACTIONS as [Action, ...Action[]];

export type Membership = {
  access: TeamAccess<Action>;
  teamId: string;
  personId: string;
  email: string;
  password: string;
};

/** What an owner may do with a spec of their team: everything. */
export async function onSpec(sql: Sql, { personId }: Membership, id: string): Promise<SpecAccess<Action>> {
  return (await specAccess(sql, personId, { id }, ...EVERYTHING))!;
}

/** A team with one member, who is its owner. */
export async function teamWithMember(sql: Sql, slug: string): Promise<Membership> {
  const team = await addTeam(sql, { slug, name: slug });
  const [email, password] = [`${slug}@example.test`, `${slug} opens the gate`];
  const { id } = await addPerson(sql, team.id, { email, name: `Member of ${slug}`, password, says: 'Grid author' });
  const access = (await teamAccess(sql, id, slug, ...EVERYTHING))!;
  return { access, teamId: team.id, personId: id, email, password };
}
