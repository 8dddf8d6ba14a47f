import type { Query } from '../database';
import { sha256 } from '../sha256';

/** Who is held back after failures: an account, a network address, a browser that is known. */
export type Subject = { kind: 'account' | 'address' | 'browser'; name: string };

/** Failures that cost nothing yet; an office shares one address. */
const FREE: Record<Subject['kind'], number> = { account: 5, address: 60, browser: 10 };

/** The longest delay in seconds, and how long failures count. */
const [LONGEST, LAPSE] = [300, 900];

/**
 * Takes one try for a subject, counted as a failure until `succeeded` takes it back. Null, or how many seconds are still
 * to wait: after the free failures each doubles the wait, from one second to five minutes. Tries that have to wait are
 * not counted.
 *
 *     await takeTry(sql, { kind: 'account', name: 'rin@example.org' })   // null; the 8th in a row: 4
 */
export async function takeTry(sql: Query, { kind, name }: Subject): Promise<number | null> {
  const subject = hashOf(kind, name);
  const free = FREE[kind];
  const [taken] = await sql<{ failures: number }[]>`
    insert into sign_in_delays as kept (subject, failures) values (${subject}, 1)
    on conflict (subject) do update
       set failures = case when kept.last_at < now() - make_interval(secs => ${LAPSE}) then 1 else kept.failures + 1 end,
           last_at  = now()
     where kept.failures < ${free}
        or kept.last_at + make_interval(secs => least(${LONGEST}, 2 ^ least(20, kept.failures - ${free}))) <= now()
    returning failures`;
  if (taken) return null;
  const [held] = await sql<{ wait: number }[]>`
    select ceil(extract(epoch from last_at - now()) + least(${LONGEST}, 2 ^ least(20, failures - ${free})))::int as wait
      from sign_in_delays
     where subject = ${subject}`;
  return Math.max(1, held?.wait ?? 1);
}

/** Takes a try back that was none: the password was right. An account and a browser are then free of all they had. */
export async function succeeded(sql: Query, { kind, name }: Subject): Promise<void> {
  const subject = hashOf(kind, name);
  if (kind === 'address')
    await sql`update sign_in_delays set failures = greatest(0, failures - 1) where subject = ${subject}`;
  else await sql`delete from sign_in_delays where subject = ${subject}`;
}

function hashOf(kind: string, name: string): string {
  return sha256(`${kind} ${name}`);
}
