import { readFile } from 'node:fs/promises';
import { join } from 'node:path';
import * as z from 'zod';
import type { Query } from '../database';

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
});

export type Manifest = z.infer<typeof manifest>;

/** Tables that hold nothing that is worth keeping: who is here now. */
export const NOT_KEPT = ['presence'];

/** How many rows each table has, as this connection sees them. */
export async function countRows(sql: Query): Promise<Record<string, number>> {
  const tables = await sql<{ name: string }[]>`
    select tablename as name from pg_tables where schemaname = 'public' and not tablename in ${sql(NOT_KEPT)} order by 1`;
  const rows: Record<string, number> = {};
  for (const { name } of tables) {
    const [{ count }] = (await sql`select count(*)::int as count from ${sql(name)}`) as unknown as [{ count: number }];
    rows[name] = count;
  }
  return rows;
}

/** What a folder says that it holds; null where it holds no whole backup. */
export async function readManifest(folder: string): Promise<Manifest | null> {
  try {
    return manifest.parse(JSON.parse(await readFile(join(folder, MANIFEST), 'utf8')));
  } catch {
    return null;
  }
}
