import { unstable_rethrow } from 'next/navigation';
import type { z } from 'zod';
import { LIMITS } from '../core/spec/limits';
import { problemOf } from '../core/document/problem';
import { isPlainText } from '../core/spec/text-schema';
import { may, type SpecAccess, specAccess, type TeamAccess, teamAccess } from '../server/access/access';
import { type Action, mayDo, mayNot } from '../server/access/permissions';
import type { Asker } from '../server/acting-as';
import { database } from '../server/database';
import { DatabaseAway, isDiskFull, isLostConnection, isRolledBack, tookTooLong } from '../server/database-away';
import { noteDiskFull } from '../server/for-the-server';
import { isForbidden, NotTaken } from '../server/must-change';
import { TooBusy } from '../server/sign-in/passwords';
import type { Person } from '../server/sign-in/sessions';
import { UnreadableDocument } from '../server/stored-spec';
import { currentPerson } from './asker';

/** An answer that refuses, with one sentence for the person. */
export function refuse(status: number, problem: string, more: object = {}, headers: HeadersInit = {}): Response {
  return Response.json({ problem, ...more }, { status, headers: { 'Cache-Control': 'no-store', ...headers } });
}

export const signedOut = (): Response =>
  refuse(401, 'You are signed out; sign in again. What you typed is kept in this window.');
export const nothingHere = (): Response =>
  refuse(404, 'There is nothing here, or it belongs to a team that you are not in.');

/** Does a request come from a page of another site? */
function isForeign(request: Request): boolean {
  const origin = request.headers.get('origin');
  if (origin === null) return ['cross-site', 'same-site'].includes(request.headers.get('sec-fetch-site') ?? '');
  return origin !== originOfRequest(request);
}

/** A body of JSON has at most so many bytes: a document, in the fullest of characters, and what stands around it. */
const LARGEST_BODY = LIMITS.documentCharacters * 1.5;

/** JSON may be nested so deep before it is read any further. */
const DEEPEST = 64;

/** Reads a JSON body of at most so many bytes, checked; or the answer that refuses it. */
export async function readBody<T>(
  request: Request,
  schema: z.ZodType<T>,
  most = LARGEST_BODY,
): Promise<{ body: T } | { refusal: Response }> {
  const { bytes, length } = await readBytes(request, most);
  if (!bytes) {
    const problem = `This is too large (${length.toLocaleString('en')} bytes or more); the most is ${most.toLocaleString('en')}.`;
    return { refusal: refuse(413, problem, {}, { Connection: 'close' }) };
  }
  const text = bytes.toString('utf8');
  if (nesting(text) > DEEPEST)
    return { refusal: refuse(400, `The body of this request is nested more than ${DEEPEST} deep.`) };
  let json: unknown;
  try {
    json = JSON.parse(text);
  } catch {
    return { refusal: refuse(400, 'The body of this request is not JSON.') };
  }
  const parsed = schema.safeParse(json);
  if (!parsed.success) return { refusal: refuse(400, problemOf(parsed.error, json)) };
  // whatever a schema lets pass: no text goes further that the database cannot keep
  if (!holdsPlainText(parsed.data))
    return { refusal: refuse(400, 'A text in this request holds a control character; leave it out.') };
  return { body: parsed.data };
}

/** Is every text in this, keys too, one that the database can keep? */
function holdsPlainText(value: unknown): boolean {
  if (typeof value === 'string') return isPlainText(value);
  if (typeof value !== 'object' || value === null) return true;
  return Object.entries(value).every(([key, each]) => isPlainText(key) && holdsPlainText(each));
}

/** How deep brackets stand in each other in a JSON text, those in strings aside. */
function nesting(text: string): number {
  let [depth, deepest, isString] = [0, 0, false];
  for (let at = 0; at < text.length; at++) {
    const letter = text[at];
    if (isString) {
      if (letter === '\\') at++;
      else if (letter === '"') isString = false;
    } else if (letter === '"') isString = true;
    else if (letter === '{' || letter === '[') deepest = Math.max(deepest, ++depth);
    else if (letter === '}' || letter === ']') depth--;
  }
  return deepest;
}

/** Reads a body of bytes up to the most that is taken; beyond it, it is cut off, and only its length so far is known. */
export async function readBytes(request: Request, most: number): Promise<{ bytes: Buffer | null; length: number }> {
  const stated = Number(request.headers.get('content-length') ?? 0);
  const chunks: Uint8Array[] = [];
  let length = 0;
  const reader = request.body?.getReader();
  for (let next = await reader?.read(); next && !next.done; next = await reader?.read()) {
    length += next.value.length;
    if (length > most) {
      chunks.length = 0;
      void reader?.cancel().catch(() => {});
      return { bytes: null, length: Math.max(length, stated) };
    }
    chunks.push(next.value);
  }
  return { bytes: Buffer.concat(chunks), length };
}

/** What went wrong on the server, as an answer; what nobody foresaw is logged whole and said in a sentence. */
function failure(error: unknown): Response {
  if (error instanceof DatabaseAway || isLostConnection(error) || tookTooLong(error) || isRolledBack(error))
    return refuse(503, 'The database does not answer. Try again in a moment.', {}, { 'Retry-After': '2' });
  if (isDiskFull(error)) {
    noteDiskFull();
    return refuse(
      507,
      'The disk of the database is full, and nothing was written. What you typed is kept in this window; tell whoever runs this server.',
      {},
      { 'Retry-After': '30' },
    );
  }
  if (error instanceof TooBusy)
    return refuse(503, 'Many people are signing in at once. Try again in a moment.', {}, { 'Retry-After': '2' });
  if (error instanceof NotTaken || isForbidden(error))
    return refuse(403, 'What you may do in this team has just changed, and nothing was written. Load the page again.');
  if (error instanceof UnreadableDocument)
    return refuse(422, `What is stored here cannot be read by this version: ${error.problem}`);
  unstable_rethrow(error);
  // eslint-disable-next-line no-console -- whoever runs the server reads it there
  console.error(error);
  return refuse(
    500,
    'The server met a fault of its own, and nothing was changed. It is logged; try again, or tell who runs it.',
  );
}

type WithParams<P> = { params: Promise<P> };

/** A route for anybody. What changes something must be asked for from a page of this application. */
export function forAnybody<P>(answer: (request: Request, params: P) => Promise<Response>) {
  return async (request: Request, { params }: WithParams<P>): Promise<Response> => {
    if (request.method !== 'GET' && isForeign(request)) return refuse(403, 'This request comes from another site.');
    try {
      return await answer(request, await params);
    } catch (error) {
      return failure(error);
    }
  };
}

/** A route for people who are signed in. */
export function forPeople<P>(answer: (person: Person, request: Request, params: P) => Promise<Response>) {
  return forAnybody<P>(async (request, params) => {
    if (Object.values(params ?? {}).some((part) => !isPlain(String(part)))) return nothingHere();
    const person = await currentPerson();
    return person ? answer(person, request, params) : signedOut();
  });
}

/** For whom the database is asked, and from where. */
export function askerOf(person: Person, request: Request): Asker & { address: string } {
  return { personId: person.id, address: request.headers.get('x-ypsiline-address') ?? '' };
}

/** The answer to whoever may not: which of these it is, and who may. */
function forbidden(role: TeamAccess<never>['role'], actions: readonly Action[]): Response {
  return refuse(
    403,
    mayNot(
      role,
      actions.find((action) => !mayDo(role, action))!,
    ),
  );
}

/** A route of one spec, for whoever may do this with it. */
export function forSpec<A extends Action, P extends { id: string } = { id: string }>(
  actions: [A, ...A[]],
  answer: (access: SpecAccess<A | 'read-drafts'>, request: Request, params: P) => Promise<Response>,
) {
  return forPeople<P>(async (person, request, params) => {
    const asker = askerOf(person, request);
    const found = await specAccess(database(asker), person.id, { id: params.id }, 'read');
    if (!found) return nothingHere();
    const access = may(found, ...actions);
    return access ? answer({ ...access, address: asker.address }, request, params) : forbidden(found.role, actions);
  });
}

/** A route of a team, for whoever may do this in it. */
export function forTeam<A extends Action, P extends { team: string } = { team: string }>(
  actions: [A, ...A[]],
  answer: (access: TeamAccess<A | 'read-drafts'>, request: Request, params: P) => Promise<Response>,
) {
  return forPeople<P>(async (person, request, params) => {
    const asker = askerOf(person, request);
    const found = await teamAccess(database(asker), person.id, params.team, 'read');
    if (!found) return nothingHere();
    const access = may(found, ...actions);
    return access ? answer({ ...access, address: asker.address }, request, params) : forbidden(found.role, actions);
  });
}

/** Where the application is reached, as whoever asks reaches it. */
export function originOfRequest(request: Request): string {
  return `${request.headers.get('x-forwarded-proto') ?? 'http'}://${request.headers.get('host') ?? ''}`;
}

/** A part of an address that a database can be asked for. */
export function isPlain(part: string): boolean {
  return part.length <= 200 && isPlainText(part);
}
