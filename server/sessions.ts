import { createHash, randomBytes } from 'node:crypto';
import type { Query } from './database';
import { passwordFits } from './passwords';

export const SESSION_DAYS = 14;

/** Failed attempts in a quarter of an hour before further ones are refused unread. */
export const MOST_PER_ACCOUNT = 8;
export const MOST_PER_ADDRESS = 40;

export type Person = { id: string; email: string; name: string };

export type SignIn =
  { signedIn: true; token: string; person: Person } | { signedIn: false; reason: 'wrong' | 'too-many' };

/**
 * Signs a person in. An unknown e-mail and a wrong password get the same answer after the same time; attempts are
 * counted in the database, per account and per network address.
 */
export async function signIn(
  sql: Query,
  { email, password, address }: { email: string; password: string; address: string },
): Promise<SignIn> {
  const account = email.trim().toLowerCase();
  const [attempt] = await sql<{ id: string }[]>`
    insert into sign_in_attempts (email, address) values (${account}, ${address}) returning id`;
  const [failures] = await sql<{ account: number; address: number }[]>`
    select count(*) filter (where email   = ${account})::int as account,
           count(*) filter (where address = ${address})::int as address
      from sign_in_attempts
     where failed
       and at > now() - interval '15 minutes'
       and (email = ${account} or address = ${address})`;
  if (failures!.account > MOST_PER_ACCOUNT || failures!.address > MOST_PER_ADDRESS)
    return { signedIn: false, reason: 'too-many' };

  const [found] = await sql<(Person & { passwordHash: string })[]>`
    select id, email, name, password_hash from people where email = ${account}`;
  if (!(await passwordFits(found?.passwordHash, password)) || !found) return { signedIn: false, reason: 'wrong' };

  await sql`update sign_in_attempts set failed = false where id = ${attempt!.id}`;
  const token = randomBytes(32).toString('base64url');
  await sql`
    insert into sessions (token_hash, person_id, expires_at)
    values (${hashToken(token)}, ${found.id}, now() + make_interval(days => ${SESSION_DAYS}))`;
  await sql`delete from sessions where expires_at < now()`;
  await sql`delete from sign_in_attempts where at < now() - interval '1 day'`;
  return { signedIn: true, token, person: { id: found.id, email: found.email, name: found.name } };
}

/** Who holds this token, or null when it is unknown or has expired. */
export async function personOfToken(sql: Query, token: string): Promise<Person | null> {
  const [person] = await sql<Person[]>`
    select people.id, email, name
      from sessions
      join people on people.id = person_id
     where token_hash = ${hashToken(token)}
       and expires_at > now()`;
  return person ?? null;
}

export async function signOut(sql: Query, token: string): Promise<void> {
  await sql`delete from sessions where token_hash = ${hashToken(token)}`;
}

function hashToken(token: string): Buffer {
  return createHash('sha256').update(token).digest();
}
