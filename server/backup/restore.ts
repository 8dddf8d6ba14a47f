import { mkdtemp, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { letApplicationIn } from '../database/application-role';
import { connect, type Sql, type Transaction } from '../database/database';
import { migrate } from '../database/migrate';
import { BackupProblem, type RunProgram, sha256Of } from './back-up';
import { endWhatWasOpen, type Ended } from './end-open';
import { holdEditions } from './hold-editions';
import { DUMP, holdTables, type Manifest, readManifest } from './manifest';

/** What was restored: how many rows of each table, and how many editions and files of theirs were held against their SHA-256. */
export type Restored = {
  rows: Record<string, number>;
  editions: number;
  files: number;
  made: string;
  /** What was open when it was backed up and would be again, and whether it was ended. */
  open: Ended;
};

export type RestoreOptions = {
  /** The role of the application, where it is not the owner's name with `_app`. */
  applicationRole?: string | null;
  /** Sessions, keys, links, invitations and waiting web hooks go on as they were. */
  keepOpen?: boolean;
};

/** Where the tables stand until they are held against what was backed up; no application looks there. */
const BESIDE = 'ypsiline_restoring';

/**
 * Restores a backup into an empty database, all of it or nothing. It is restored beside, into a schema of its own; there the rows of every table, their digest, the
 * SHA-256 of every edition and of each of its files are held against what was backed up; then one transaction ends what would come to life again and puts the schema
 * in its place. Killed on the way, it has left an empty database. Then it is brought up to this application's migrations.
 */
export async function restore(
  address: string,
  folder: string,
  runProgram: RunProgram,
  { applicationRole = null, keepOpen = false }: RestoreOptions = {},
): Promise<Restored> {
  const manifest = await wholeBackup(folder);
  const sql = connect(address, 1);
  try {
    await mustBeEmpty(sql);
    await restoreBeside(address, folder, runProgram);
    await sql`set statement_timeout = 0`;
    await sql`set idle_in_transaction_session_timeout = 0`;
    const restored = await sql.begin(async (transaction) => {
      const rows = await mustBeAsBackedUp(transaction, manifest);
      await transaction.unsafe(`set local search_path = ${BESIDE}`);
      const { editions, files } = await holdEditions(transaction);
      await transaction.unsafe(
        `drop schema public; alter schema ${BESIDE} rename to public; set local search_path = public`,
      );
      return { rows, editions, files, made: manifest.made, open: await endWhatWasOpen(transaction, keepOpen) };
    });
    await migrate(sql, { applicationRole });
    if (applicationRole === null) await letApplicationIn(sql, address);
    return restored;
  } catch (error) {
    await sql.unsafe(`drop schema if exists ${BESIDE} cascade`).catch(() => {});
    throw error;
  } finally {
    await sql.end();
  }
}

/** The manifest of a folder whose dump is what was backed up. */
async function wholeBackup(folder: string): Promise<Manifest> {
  const manifest = await readManifest(folder);
  if (!manifest)
    throw new BackupProblem(
      `The folder ${folder} holds no whole backup: its manifest.json is missing or can’t be read.`,
    );
  const found = await sha256Of(join(folder, DUMP)).catch(() => null);
  if (found === null) throw new BackupProblem(`The folder ${folder} has no ${DUMP}. Nothing was restored.`);
  if (found !== manifest.sha256)
    throw new BackupProblem(
      `${DUMP} is not what was backed up: its SHA-256 is ${found}, not ${manifest.sha256}. Nothing was restored.`,
    );
  return manifest;
}

/** Ends where there are tables; what an earlier try left beside goes. */
async function mustBeEmpty(sql: Sql): Promise<void> {
  const [{ tables }] = (await sql`
    select count(*)::int as tables from pg_tables where schemaname = 'public'`) as unknown as [{ tables: number }];
  if (tables > 0)
    throw new BackupProblem(
      `This database already has ${tables} tables. A backup can only be restored into an empty one. Create one and set DATABASE_URL to it.`,
    );
  await sql.unsafe(`drop schema if exists ${BESIDE} cascade`);
}

/** The tables, their policies, functions and rows, in one transaction at whose end they stand in a schema of their own. */
async function restoreBeside(address: string, folder: string, runProgram: RunProgram): Promise<void> {
  const scripts = await mkdtemp(join(tmpdir(), 'ypsiline-restore-'));
  try {
    const [script, aside] = [join(scripts, 'restore.sql'), join(scripts, 'aside.sql')];
    await runProgram('pg_restore', ['--no-owner', '--no-privileges', `--file=${script}`, join(folder, DUMP)], address);
    await writeFile(aside, `alter schema public rename to ${BESIDE};\ncreate schema public;\n`);
    const args = ['--no-psqlrc', '--quiet', '--single-transaction', '--set=ON_ERROR_STOP=1', '--output=/dev/null'];
    await runProgram('psql', [...args, `--file=${script}`, `--file=${aside}`], address);
  } finally {
    await rm(scripts, { recursive: true });
  }
}

/** Holds the restored tables against the manifest; answers with how many rows each has. */
async function mustBeAsBackedUp(sql: Transaction, manifest: Manifest): Promise<Record<string, number>> {
  const { rows, digests } = await holdTables(sql, BESIDE);
  const names = new Set([...Object.keys(rows), ...Object.keys(manifest.rows)]);
  for (const table of names) {
    if (rows[table] !== manifest.rows[table])
      throw new BackupProblem(
        `${table} has ${rows[table] ?? 'no'} rows, not ${manifest.rows[table] ?? 'none'} as in the backup. Nothing was restored.`,
      );
    if (manifest.digests && digests[table] !== manifest.digests[table])
      throw new BackupProblem(`What ${table} holds is not what was backed up. Nothing was restored.`);
  }
  return rows;
}
