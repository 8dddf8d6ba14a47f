import type { Query } from '../database';
import { isDemo } from '../people';
import { forgetLapsed, type Subject, succeeded, takeTry } from './delays';
import { isKnownBrowser, rememberBrowser } from './known-browsers';
import { hashPassword, passwordFits } from './passwords';
import { freshToken, hashToken } from './tokens';

export const SESSION_DAYS = 14;

export type Person = { id: string; email: string; name: string };

export type SignIn =
  | { signedIn: true; token: string; browser: string; person: Person }
  | { signedIn: false; reason: 'wrong' }
  | { signedIn: false; reason: 'too-many'; wait: number };

type Credentials = { email: string; password: string; address: string; browser?: string | null };

/**
 * Signs a person in. An unknown e-mail and a wrong password get the same answer after the same time. Failures make the
 * account and the network address wait, the longer the more there are; a browser that has signed the person in before
 * waits for its own failures alone, so that nobody else can lock them out.
 */
export async function signIn(sql: Query, { email, password, address, browser = null }: Credentials): Promise<SignIn> {
  const account = email.trim().toLowerCase();
  const [found] = await sql<(Person & { passwordHash: string; demo: boolean })[]>`
    select id, email, name, password_hash, demo from people where email = ${account}`;
  const isKnown = found !== undefined && (await isKnownBrowser(sql, found.id, browser));
  const subjects: Subject[] = isKnown
    ? [{ kind: 'browser', name: browser! }]
    : [
        { kind: 'account', name: account },
        { kind: 'address', name: address },
      ];
  for (const subject of subjects) {
    const wait = await takeTry(sql, subject);
    if (wait !== null) return { signedIn: false, reason: 'too-many', wait };
  }
  const fits = await passwordFits(found?.passwordHash, password);
  // the demo's passwords are in the open: they open nothing once there is a team of one's own
  if (!fits || !found || (found.demo && !(await isDemo(sql)))) return { signedIn: false, reason: 'wrong' };

  for (const subject of subjects) await succeeded(sql, subject);
  const token = await openSession(sql, found.id);
  await sql`delete from sessions where expires_at < now()`;
  await forgetLapsed(sql);
  const person = { id: found.id, email: found.email, name: found.name };
  return { signedIn: true, token, browser: await rememberBrowser(sql, found.id, browser), person };
}

async function openSession(sql: Query, personId: string): Promise<string> {
  const token = freshToken();
  await sql`
    insert into sessions (token_hash, person_id, expires_at)
    values (${hashToken(token)}, ${personId}, now() + make_interval(days => ${SESSION_DAYS}))`;
  return token;
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

/** How many sessions a person has open, this one included. */
export async function sessionCount(sql: Query, personId: string): Promise<number> {
  const [open] = await sql<{ count: number }[]>`
    select count(*)::int from sessions where person_id = ${personId} and expires_at > now()`;
  return open!.count;
}

/** Ends every session of a person but the one of this token. */
export async function endOtherSessions(sql: Query, personId: string, token: string): Promise<number> {
  const ended = await sql`
    delete from sessions where person_id = ${personId} and token_hash <> ${hashToken(token)} returning 1`;
  return ended.length;
}

/** The least length of a password that one chooses: NIST SP 800-63B, section 5.1.1, asks for at least 8. */
export const SHORTEST_PASSWORD = 10;

export type Changed = { changed: true } | { changed: false; problem: string; field: 'now' | 'next'; wait?: number };

/** Changes a person's password after checking the one they have, and ends their other sessions. */
export async function changePassword(
  sql: Query,
  person: Person,
  { now, next, token }: { now: string; next: string; token: string },
): Promise<Changed> {
  if (next.length < SHORTEST_PASSWORD)
    return {
      changed: false,
      problem: `A password has at least ${SHORTEST_PASSWORD} characters; this one has ${next.length}.`,
      field: 'next',
    };
  if (next === now)
    return { changed: false, problem: 'This is the password that you have; choose another.', field: 'next' };
  const subject: Subject = { kind: 'account', name: `change ${person.id}` };
  const wait = await takeTry(sql, subject);
  if (wait !== null)
    return { changed: false, problem: `Too many attempts. Wait ${wait} seconds, then try again.`, field: 'now', wait };
  const [kept] = await sql<{ passwordHash: string }[]>`select password_hash from people where id = ${person.id}`;
  if (!(await passwordFits(kept?.passwordHash, now)))
    return { changed: false, problem: 'This is not the password that you have now.', field: 'now' };
  await succeeded(sql, subject);
  await sql`update people set password_hash = ${await hashPassword(next)}, demo = false where id = ${person.id}`;
  await endOtherSessions(sql, person.id, token);
  return { changed: true };
}
