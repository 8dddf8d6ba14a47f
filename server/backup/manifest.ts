import { readFile } from 'node:fs/promises';
import { join } from 'node:path';
import * as z from 'zod';
import type { Query } from '../database/database';

/** The two files of a backup. */
export const [DUMP, MANIFEST] = ['ypsiline.dump', 'manifest.json'] as const;

const manifest = z.strictObject({
  ypsiline: z.literal('backup'),
  made: z.iso.datetime(),
  migration: z.string(),
  /** The SHA-256 of the dump. */
  sha256: z.string().regex(/^[0-9a-f]{64}$/),
  /** How many rows each table has. */
  rows: z.record(z.string(), z.number().int()),
  /** A digest of all that each table holds; backups of before have none. */
  digests: z.record(z.string(), z.string()).optional(),
});

export type Manifest = z.infer<typeof manifest>;

/** Tables that hold nothing that is worth keeping: who is here now. */
export const NOT_KEPT = ['presence'];

/** What each table holds, as this connection sees it. */
export type Held = { rows: Record<string, number>; digests: Record<string, string> };

/**
 * How many rows each table of a schema has, and a digest of them whatever their order: the sums of two parts of the SHA-256 of each row’s text.
 */
export async function holdTables(sql: Query, schema = 'public'): Promise<Held> {
  // the text of a row is the same wherever it is read
  await sql`
    select set_config('timezone', 'UTC', true), set_config('datestyle', 'ISO', true), set_config('bytea_output', 'hex', true),
           set_config('extra_float_digits', '1', true)`;
  const tables = await sql<{ name: string }[]>`
    select tablename as name from pg_tables where schemaname = ${schema} and not tablename in ${sql(NOT_KEPT)} order by 1`;
  const held: Held = { rows: {}, digests: {} };
  for (const { name } of tables) {
    const [{ count, digest }] = (await sql`
      select count(*)::int as count,
             coalesce(sum(('x' || left(hash, 15))::bit(60)::bigint), 0) || '-' || coalesce(sum(('x' || right(hash, 15))::bit(60)::bigint), 0) as digest
        from (select encode(sha256(convert_to(${sql(name)}::text, 'UTF8')), 'hex') as hash from ${sql(schema)}.${sql(name)}) hashes`) as unknown as [
      { count: number; digest: string },
    ];
    held.rows[name] = count;
    held.digests[name] = digest;
  }
  return held;
}

/** What a folder says that it holds; null where it holds no whole backup. */
export async function readManifest(folder: string): Promise<Manifest | null> {
  try {
    return manifest.parse(JSON.parse(await readFile(join(folder, MANIFEST), 'utf8')));
  } catch {
    return null;
  }
}
