import { actingAs } from '../database/acting-as';
import type { Query, Sql } from '../database/database';
import { isDemo } from '../team/people';
import { type Subject, succeeded } from './delays';
import { rememberBrowser } from './known-browsers';
import { passwordProblem } from './own-password';
import { hashPassword, passwordFits } from './passwords';
import { freshToken, hashToken } from './tokens';

export const SESSION_DAYS = 14;

export type Person = { id: string; email: string; name: string };

export type SignIn =
  | { signedIn: true; token: string; browser: string; person: Person }
  | { signedIn: false; reason: 'wrong' }
  | { signedIn: false; reason: 'too-many'; wait: number };

type Credentials = {
  email: string;
  password: string;
  address: string;
  browser?: string | null;
  /** What the browser says that it is, for the list of one's sessions. */
  agent?: string;
};

/**
 * Signs a person in. An unknown e-mail and a wrong password get the same answer after the same time. Failures make the
 * account and the network address wait, the longer the more there are; a browser that has signed the person in before
 * waits for its own failures alone, so that nobody else can lock them out.
 */
export async function signIn(
  sql: Sql,
  { email, password, address, browser = null, agent = '' }: Credentials,
): Promise<SignIn> {
  const account = email.trim().toLowerCase();
  const tries = await sql<Try[]>`
    select * from try_to_sign_in(${account}, ${address}, ${browser === null ? null : hashToken(browser)}, ${browser ?? ''})`;
  const [{ wait, subjects }] = tries as unknown as [Try];
  if (wait !== null) return { signedIn: false, reason: 'too-many', wait };
  let found: Try | null = null;
  // without an account it takes as long; one that its holder typed alone comes after the one that is vouched for
  for (const each of tries)
    if ((await passwordFits(each.passwordHash ?? undefined, password)) && found === null) found = each;
  // the demo's passwords are in the open: they open nothing once there is a team of one's own
  if (!found || (found.demo && !(await isDemo(sql)))) return { signedIn: false, reason: 'wrong' };

  for (const subject of subjects) await succeeded(sql, subject);
  const own = actingAs(sql, { personId: found.id, address });
  const token = await openSession(own, { personId: found.id, address, agent });
  await sql`select forget_lapsed()`;
  const person = { id: found.id, email: found.email, name: found.name };
  return { signedIn: true, token, browser: await rememberBrowser(own, found.id, browser), person };
}

/** A try to sign in, with an account under the address, if there is one. */
type Try = Person & { wait: number | null; subjects: Subject[]; passwordHash: string | null; demo: boolean };

/** Opens a session for somebody who has shown who they are; answers with its token. */
export async function openSession(
  sql: Query,
  { personId, address, agent }: { personId: string; address: string; agent: string },
): Promise<string> {
  const token = freshToken();
  await sql`
    insert into sessions (token_hash, person_id, expires_at, address, browser)
    values (${hashToken(token)}, ${personId}, now() + make_interval(days => ${SESSION_DAYS}), ${address.slice(0, 100)}, ${agent.slice(0, 300)})`;
  return token;
}

/** Who holds this token, or null when it is unknown or has expired. */
export async function personOfToken(sql: Query, token: string): Promise<Person | null> {
  const [person] = await sql<Person[]>`
    select id, email, name from person_of_session(${hashToken(token)})`;
  return person ?? null;
}

export async function signOut(sql: Query, token: string): Promise<void> {
  await sql`select end_session(${hashToken(token)})`;
}

/** One of a person's open sessions. */
export type Session = { id: string; browser: string; address: string; createdAt: Date; seenAt: Date; isThis: boolean };

/** The open sessions of a person, the one of this token among them, the last seen first. */
export async function sessionsOf(sql: Query, personId: string, token: string): Promise<Session[]> {
  return sql<Session[]>`
    select left(encode(token_hash, 'hex'), 16) as id, browser, address, created_at, seen_at, token_hash = ${hashToken(token)} as is_this
      from sessions
     where person_id = ${personId}
       and expires_at > now()
     order by is_this desc, seen_at desc, created_at desc`;
}

/** Ends one session of a person; false where there is none. */
export async function endSession(sql: Query, personId: string, id: string): Promise<boolean> {
  const ended = await sql`
    delete from sessions where person_id = ${personId} and left(encode(token_hash, 'hex'), 16) = ${id} returning 1`;
  return ended.length > 0;
}

/** Ends every session of a person but the one of this token. */
export async function endOtherSessions(sql: Query, personId: string, token: string): Promise<number> {
  const ended = await sql`
    delete from sessions where person_id = ${personId} and token_hash <> ${hashToken(token)} returning 1`;
  return ended.length;
}

/** The least length of a password that one chooses: NIST SP 800-63B, section 5.1.1, asks for at least 8. */
export const SHORTEST_PASSWORD = 10;

/** The sentence for a password that is too short, or null. */
export function tooShort(password: string): string | null {
  return password.length < SHORTEST_PASSWORD
    ? `Use at least ${SHORTEST_PASSWORD} characters; this has ${password.length}.`
    : null;
}

export type Changed = { changed: true } | { changed: false; problem: string; field: 'now' | 'next'; wait?: number };

/** Changes a person's password after checking the one they have, and ends their other sessions. */
export async function changePassword(
  sql: Query,
  person: Person,
  { now, next, token }: { now: string; next: string; token: string },
): Promise<Changed> {
  const short = tooShort(next);
  if (short) return { changed: false, problem: short, field: 'next' };
  if (next === now)
    return { changed: false, problem: 'That’s your current password. Choose a new one.', field: 'next' };
  const held = await passwordProblem(sql, now);
  if (held) return { changed: false, field: 'now', ...held };
  await sql`update people set password_hash = ${await hashPassword(next)}, demo = false where id = ${person.id}`;
  await endOtherSessions(sql, person.id, token);
  return { changed: true };
}
