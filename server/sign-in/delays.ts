import type { Query } from '../database/database';

/**
 * Who is held back after failures: an account, a network address, a browser that is known; named by a hash. The database takes a try
 * (`take_try`, `migrations/012-doors.sql`) before it gives anything that a password could be held against.
 */
export type Subject = { kind: 'account' | 'address' | 'browser'; subject: string };

/** Takes a try back that was none: the password was right. An account and a browser are then free of all they had. */
export async function succeeded(sql: Query, { kind, subject }: Subject): Promise<void> {
  if (kind === 'address')
    await sql`update sign_in_delays set failures = greatest(0, failures - 1) where subject = ${subject}`;
  else await sql`delete from sign_in_delays where subject = ${subject}`;
}
