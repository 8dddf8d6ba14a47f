import { cookies, headers } from 'next/headers';
import { notFound, redirect } from 'next/navigation';
import { cache } from 'react';
import { type SpecAccess, specAccess, type TeamAccess, teamAccess } from '../server/access/access';
import type { Action } from '../server/access/permissions';
import { database, type Sql, writtenPoint } from '../server/database/database';
import { openThreads } from '../server/specs/remarks';
import { reviewState } from '../server/specs/reviews';
import { type Person, personOfToken, SESSION_DAYS } from '../server/sign-in/sessions';
import { type SpecRecord, specOf } from '../server/specs/specs';
import { KNOWN_DAYS } from '../server/sign-in/known-browsers';
import { UnreadableDocument } from '../server/database/stored-spec';
import { SESSION_COOKIE } from '../server/sign-in/tokens';

const BROWSER_COOKIE = 'ypsiline_browser';

export async function sessionToken(): Promise<string | null> {
  return (await cookies()).get(SESSION_COOKIE)?.value ?? null;
}

/** Who asks, or null. Asked once for each request. */
export const currentPerson = cache(async (): Promise<Person | null> => {
  const token = await sessionToken();
  return token ? personOfToken(database(), token) : null;
});

/** Who asks for a page; nobody is led to the sign-in page and back. */
export async function signedInPerson(here: string): Promise<Person> {
  return (await currentPerson()) ?? redirect(`/sign-in?to=${encodeURIComponent(here)}`);
}

/** Who asks for a page of a team, what of the team is theirs, and the database as it answers them; whoever may not do what the page is for is told that there is no such page. */
export async function teamOfPage<A extends Action>(
  team: string,
  action: A,
  here: string,
): Promise<{ person: Person; access: TeamAccess<A | 'read-drafts'>; db: Sql }> {
  const person = await signedInPerson(here);
  const access = (await teamAccess(database({ personId: person.id }), person.id, team, action)) ?? notFound();
  return { person, access, db: database(access) };
}

// asked once for each request, whichever of a page's parts need it
const readAccess = cache((personId: string, team: string, spec: string) =>
  specAccess(database({ personId }), personId, { team, spec }, 'read-drafts'),
);
const specUnder = cache((access: SpecAccess<'read-drafts'>) => specOf(database(access), access));

/** Reading access to the spec of a page; whoever has none is told that there is no such page. */
export async function accessOfPage(team: string, spec: string, view = ''): Promise<SpecAccess<'read-drafts'>> {
  const person = await signedInPerson(`/${team}/${spec}${view}`);
  return (await readAccess(person.id, team, spec)) ?? notFound();
}

/** The spec of a page. */
export async function specOfPage(team: string, spec: string, view = ''): Promise<SpecRecord> {
  const access = await accessOfPage(team, spec, view);
  try {
    return await specUnder(access);
  } catch (error) {
    if (error instanceof UnreadableDocument) redirect(`/${team}/${spec}/unreadable`);
    throw error;
  }
}

/** How the spec of a page stands with its reviewers, and how many threads about it are open: asked once for each request. */
export const reviewOfPage = cache((access: SpecAccess<'read-drafts'>) => reviewState(database(access), access));
export const openThreadsOfPage = cache((access: SpecAccess<'read-drafts'>) => openThreads(database(access), access));

/** HttpOnly and SameSite=Lax always, Secure behind https. */
export async function setSessionCookie(token: string): Promise<void> {
  (await cookies()).set(SESSION_COOKIE, token, { ...(await cookieOptions()), maxAge: SESSION_DAYS * 86_400 });
}

/** The token by which this browser is known; it outlives sessions. */
export async function browserToken(): Promise<string | null> {
  return (await cookies()).get(BROWSER_COOKIE)?.value ?? null;
}

export async function setBrowserCookie(token: string): Promise<void> {
  (await cookies()).set(BROWSER_COOKIE, token, { ...(await cookieOptions()), maxAge: KNOWN_DAYS * 86_400 });
}

/** The network address that asks, as the server in front of the application has seen it. */
export async function clientAddress(): Promise<string> {
  return (await headers()).get('x-ypsiline-address') ?? 'unknown';
}

const POINT_COOKIE = 'ypsiline_point';

/** Up to where the database had written when this reader published something a moment ago; null where they did not. */
export async function pointOfReader(): Promise<string | null> {
  const point = (await cookies()).get(POINT_COOKIE)?.value ?? '';
  return /^\d{1,19}$/.test(point) ? point : null;
}

/** Whoever has just published reads that, whichever database answers: for as long as a replica may need. */
export async function rememberPoint(): Promise<void> {
  const point = await writtenPoint();
  if (point !== null) (await cookies()).set(POINT_COOKIE, point, { ...(await cookieOptions()), maxAge: 60 });
}

/** What the browser says that it is. */
export async function userAgent(): Promise<string> {
  return ((await headers()).get('user-agent') ?? '').replace(/[^\x20-\x7e]/g, '');
}

export async function clearSessionCookie(): Promise<void> {
  (await cookies()).set(SESSION_COOKIE, '', { ...(await cookieOptions()), maxAge: 0 });
}

async function cookieOptions() {
  const secure = (await headers()).get('x-forwarded-proto')?.split(',')[0] === 'https';
  return { httpOnly: true, sameSite: 'lax' as const, secure, path: '/' };
}
