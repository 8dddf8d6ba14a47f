import { readdir, readFile } from 'node:fs/promises';
import type { Sql } from './database';

const FOLDER = new URL('./migrations/', import.meta.url);

/**
 * Brings the database up to the newest migration, each in a transaction of its own. Two processes that start together
 * take turns.
 *
 * @returns the names of the migrations that ran
 */
export async function migrate(sql: Sql): Promise<string[]> {
  const files = (await readdir(FOLDER)).filter((name) => name.endsWith('.sql')).sort();
  const ran: string[] = [];
  for (const name of files) {
    const text = await readFile(new URL(name, FOLDER), 'utf8');
    await sql.begin(async (transaction) => {
      await transaction`set local statement_timeout = 0`;
      await transaction`select pg_advisory_xact_lock(7974, 1)`;
      await transaction`create table if not exists migrations (name text primary key, ran_at timestamptz not null default now())`;
      const [done] = await transaction`select 1 from migrations where name = ${name}`;
      if (done) return;
      await transaction.unsafe(text);
      await transaction`insert into migrations (name) values (${name})`;
      ran.push(name);
    });
  }
  return ran;
}
