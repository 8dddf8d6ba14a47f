import { createHash } from 'node:crypto';
import { createReadStream } from 'node:fs';
import { mkdir, readdir, rename, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import { pipeline } from 'node:stream/promises';
import { connect } from '../database/database';
import { DUMP, holdTables, type Manifest, MANIFEST, NOT_KEPT } from './manifest';

/** Runs one of PostgreSQL’s programs against an address; the address itself is on no command line. */
export type RunProgram = (program: 'pg_dump' | 'pg_restore' | 'psql', args: string[], address: string) => Promise<void>;

/** Why there is no backup, or nothing was restored, in a sentence. */
export class BackupProblem extends Error {}

/**
 * Backs a database up into a folder, consistent as of one moment, while people work: `pg_dump` reads the snapshot that the rows were counted in. The manifest is written
 * last, so that a folder with one holds a whole backup.
 */
export async function backUp(address: string, folder: string, runProgram: RunProgram): Promise<Manifest> {
  await mkdir(folder, { recursive: true, mode: 0o700 });
  if ((await readdir(folder)).length > 0)
    throw new BackupProblem(`The folder ${folder} isn’t empty. Use an empty folder or a new one.`);
  const sql = connect(address, 1);
  try {
    return await sql.begin('isolation level repeatable read read only', async (transaction) => {
      await transaction`set local idle_in_transaction_session_timeout = 0`;
      await transaction`set local statement_timeout = 0`;
      const [{ snapshot, migration }] = (await transaction`
        select pg_export_snapshot() as snapshot, (select max(name) from migrations) as migration`) as unknown as [
        { snapshot: string; migration: string },
      ];
      const held = await holdTables(transaction);
      const args = ['--format=custom', '--no-owner', '--no-privileges', `--snapshot=${snapshot}`];
      const without = NOT_KEPT.map((table) => `--exclude-table-data=public.${table}`);
      await runProgram('pg_dump', [...args, ...without, `--file=${join(folder, DUMP)}`], address);
      const made = new Date().toISOString();
      const manifest: Manifest = {
        ypsiline: 'backup',
        made,
        migration,
        sha256: await sha256Of(join(folder, DUMP)),
        ...held,
      };
      const file = join(folder, MANIFEST);
      await writeFile(`${file}.part`, `${JSON.stringify(manifest, null, 2)}\n`);
      await rename(`${file}.part`, file);
      return manifest;
    });
  } finally {
    await sql.end();
  }
}

export async function sha256Of(file: string): Promise<string> {
  const hash = createHash('sha256');
  await pipeline(createReadStream(file), hash);
  return hash.digest('hex');
}
