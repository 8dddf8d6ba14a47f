import { readdir, readFile } from 'node:fs/promises';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import type { Query, Sql } from './database';
import { allowApplication } from './application-role';
import { STEPS } from './migrations/steps';
import { sha256 } from '../sha256';

const FOLDER = fileURLToPath(new URL('./migrations/', import.meta.url));

/** The lock under which migrations run: one process at a time, whatever started together. */
const LOCK = 7974;

/** From this migration on the application has a role of its own. */
const FIRST_WITH_POLICIES = 9;

type Migration = { name: string; text: string; checksum: string };

/** Migrations that do not fit what a database has been through. */
export class MigrationsDiffer extends Error {}

/**
 * Brings the database up to the newest migration, each in a transaction of its own. Two processes that start together
 * take turns.
 *
 * @param folder where the migrations are, named `001-what.sql`, `002-…`
 * @param applicationRole the role of the application, where it is not the owner's name with `_app`
 * @returns the names of the migrations that ran
 * @throws MigrationsDiffer when numbers are missing or taken twice, when a file was changed after it ran here, or when
 * one that ran here is not there any more
 */
export async function migrate(
  sql: Sql,
  { folder = FOLDER, applicationRole = null }: { folder?: string; applicationRole?: string | null } = {},
): Promise<string[]> {
  const migrations = await readMigrations(folder);
  // the driver reserves a connection only when one is open
  await sql`select 1`;
  const held = await sql.reserve();
  try {
    await held`set statement_timeout = 0`;
    await held`select pg_advisory_lock(${LOCK})`;
    await held`
      create table if not exists migrations (
        name text primary key, ran_at timestamptz not null default now(), checksum text)`;
    await held`alter table migrations add column if not exists checksum text`;
    const done = await heldAgainst(held, migrations);
    const ran: string[] = [];
    for (const { name, text, checksum } of migrations.slice(done)) {
      await held.unsafe(`begin; ${text}`);
      await STEPS[name]?.(held);
      await held`insert into migrations (name, checksum) values (${name}, ${checksum})`;
      await held`commit`;
      ran.push(name);
    }
    if (done + ran.length >= FIRST_WITH_POLICIES) {
      await held`begin`;
      await allowApplication(held, applicationRole);
      await held`commit`;
    }
    return ran;
  } catch (error) {
    await held`rollback`.catch(() => {});
    throw error;
  } finally {
    await held`select pg_advisory_unlock(${LOCK})`.catch(() => {});
    await held`reset statement_timeout`.catch(() => {});
    held.release();
  }
}

async function readMigrations(folder: string): Promise<Migration[]> {
  const names = (await readdir(folder)).filter((name) => name.endsWith('.sql')).sort();
  for (const [index, name] of names.entries()) {
    const wanted = String(index + 1).padStart(3, '0');
    if (!name.startsWith(`${wanted}-`))
      throw new MigrationsDiffer(
        `The migration ${wanted} is missing, or its number is taken twice: next comes ${name}.`,
      );
  }
  return Promise.all(
    names.map(async (name) => {
      const text = await readFile(join(folder, name), 'utf8');
      return { name, text, checksum: sha256(text) };
    }),
  );
}

/** How many of the migrations have run, held against what the database has been through. */
async function heldAgainst(sql: Query, migrations: Migration[]): Promise<number> {
  const done = await sql<
    { name: string; checksum: string | null }[]
  >`select name, checksum from migrations order by name`;
  for (const [index, { name, checksum }] of done.entries()) {
    const file = migrations[index];
    if (file?.name !== name)
      throw new MigrationsDiffer(
        `The database has been through ${name}, which is not among the migrations here${file ? ` in its place (${file.name} is)` : ''}; this is an older Ypsiline, or another one.`,
      );
    if (checksum !== null && checksum !== file.checksum)
      throw new MigrationsDiffer(
        `The migration ${name} was changed after it ran. Restore it, and put the change into a new migration.`,
      );
    // those that ran before checksums were kept
    if (checksum === null) await sql`update migrations set checksum = ${file.checksum} where name = ${name}`;
  }
  return done.length;
}
