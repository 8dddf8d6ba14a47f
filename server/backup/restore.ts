import { join } from 'node:path';
import { canonicalJson } from '../../core/edition/canonical';
import type { Spec } from '../../core/spec/schema';
import { letApplicationIn } from '../application-role';
import { connect, type Query } from '../database';
import { migrate } from '../migrate';
import { sha256 } from '../sha256';
import { BackupProblem, type RunProgram, sha256Of } from './back-up';
import { countRows, DUMP, readManifest } from './manifest';

/** What was restored: how many rows of each table, and how many editions and files of theirs were held against their SHA-256. */
export type Restored = { rows: Record<string, number>; editions: number; files: number; made: string };

/** So many editions are held at once. */
const AT_ONCE = 50;

/**
 * Restores a backup into an empty database, all of it or nothing, and holds it against what was backed up: the rows of every table, the SHA-256 of every edition
 * and of each of its files. Then it is brought up to this application's migrations.
 *
 * @param applicationRole the role of the application, where it is not the owner's name with `_app`
 */
export async function restore(
  address: string,
  folder: string,
  runProgram: RunProgram,
  applicationRole: string | null = null,
): Promise<Restored> {
  const manifest = await readManifest(folder);
  if (!manifest)
    throw new BackupProblem(
      `The folder ${folder} holds no whole backup: its manifest.json is missing or cannot be read.`,
    );
  const found = await sha256Of(join(folder, DUMP)).catch(() => null);
  if (found !== manifest.sha256)
    throw new BackupProblem(
      found === null
        ? `The folder ${folder} has no ${DUMP}; nothing was restored.`
        : `${DUMP} is not what was backed up: its SHA-256 is ${found}, not ${manifest.sha256}. Nothing was restored.`,
    );
  const sql = connect(address, 1);
  try {
    const [{ tables }] = (await sql`
      select count(*)::int as tables from pg_tables where schemaname = 'public'`) as unknown as [{ tables: number }];
    if (tables > 0)
      throw new BackupProblem(
        `This database has ${tables} tables already; a backup is restored into an empty one only. Make one, and name it in DATABASE_URL.`,
      );
    await runProgram(
      'pg_restore',
      ['--exit-on-error', '--single-transaction', '--no-owner', '--no-privileges', join(folder, DUMP)],
      address,
    );
    await sql`set statement_timeout = 0`;
    const rows = await countRows(sql);
    for (const [table, count] of Object.entries(manifest.rows))
      if (rows[table] !== count)
        throw new BackupProblem(`${table} has ${rows[table] ?? 'no'} rows, not ${count} as when it was backed up.`);
    const { editions, files } = await holdEditions(sql);
    await migrate(sql, { applicationRole });
    if (applicationRole === null) await letApplicationIn(sql, address);
    return { rows, editions, files, made: manifest.made };
  } finally {
    await sql.end();
  }
}

/** Holds every edition and every file of one against its SHA-256. */
export async function holdEditions(sql: Query): Promise<{ editions: number; files: number }> {
  let [last, editions] = ['0', 0];
  for (;;) {
    const some = await sql<{ id: string; version: string; document: Spec; sha256: string; slug: string }[]>`
      select editions.id, version, document, sha256, slug
        from editions
        join specs on specs.id = spec_id
       where editions.id > ${last} order by editions.id limit ${AT_ONCE}`;
    if (some.length === 0) break;
    for (const edition of some)
      if (sha256(canonicalJson(edition.document)) !== edition.sha256)
        throw new BackupProblem(
          `The edition ${edition.version} of ${edition.slug} is not what was published: its SHA-256 differs.`,
        );
    [last, editions] = [some.at(-1)!.id, editions + some.length];
  }
  const [{ files, differ }] = (await sql`
    select count(*)::int as files, count(*) filter (where encode(sha256(bytes), 'hex') <> sha256)::int as differ
      from edition_files`) as unknown as [{ files: number; differ: number }];
  if (differ > 0)
    throw new BackupProblem(
      `${differ} of ${files} files of editions are not what was published: their SHA-256 differ.`,
    );
  return { editions, files };
}
