import type { Transaction } from '../database/database';

/** What was open at the moment of a backup, and whether a restore ended it. */
export type Ended = {
  isEnded: boolean;
  sessions: number;
  keys: number;
  invitations: number;
  passwordLinks: number;
  deliveries: number;
};

/**
 * What a restored database would bring to life again: sessions that people may have ended since, keys and links that may have been revoked, web hooks that were
 * sent. It is counted, and ended unless it is to go on.
 */
export async function endWhatWasOpen(sql: Transaction, keep: boolean): Promise<Ended> {
  const columns = await sql<{ name: string }[]>`
    select table_name || '.' || column_name as name from information_schema.columns where table_schema = 'public'`;
  const has = (column: string): boolean => columns.some(({ name }) => name === column);
  /** Backups of older applications have not all of these tables. */
  const count = async (table: string, needs: string, open: string, end: string): Promise<number> => {
    if (!has(`${table}.${needs}`)) return 0;
    const [{ found }] = (await sql.unsafe(`select count(*)::int as found from ${table} where ${open}`)) as unknown as [
      { found: number },
    ];
    if (!keep) await sql.unsafe(`${end} where ${open}`);
    return found;
  };
  const ended = {
    sessions: await count('sessions', 'expires_at', 'expires_at > now()', 'delete from sessions'),
    keys: await count(
      'access_keys',
      'revoked_at',
      'revoked_at is null and lapses_at > now()',
      'update access_keys set revoked_at = now()',
    ),
    invitations: await count(
      'invitations',
      'revoked_at',
      'used_at is null and revoked_at is null and lapses_at > now()',
      'update invitations set revoked_at = now()',
    ),
    passwordLinks: await count(
      'password_links',
      'lapses_at',
      'used_at is null and lapses_at > now()',
      'update password_links set lapses_at = now()',
    ),
    deliveries: await count(
      'deliveries',
      'next_try_at',
      'next_try_at is not null',
      "update deliveries set next_try_at = null, said = 'not sent: restored from a backup'",
    ),
  };
  return { isEnded: !keep, ...ended };
}
