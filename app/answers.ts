import { unstable_rethrow } from 'next/navigation';
import type { Parsed } from '../core/parsed';
import { isPlainText } from '../core/spec/text-schema';
import {
  DatabaseAway,
  isDiskFull,
  isLostConnection,
  isRolledBack,
  tookTooLong,
} from '../server/database/database-away';
import { noteDiskFull } from '../server/running/for-the-server';
import { isForbidden, NotTaken } from '../server/database/must-change';
import { TooBusy } from '../server/sign-in/passwords';
import { UnreadableDocument } from '../server/database/stored-spec';

/** What kind of refusal an answer is: a code that stays, whatever its sentence says, and its title (RFC 9457, section 3.1.3). */
const KINDS: Record<number, { code: string; title: string }> = {
  400: { code: 'malformed', title: 'The request is malformed' },
  401: { code: 'signed-out', title: 'Not signed in' },
  403: { code: 'not-allowed', title: 'This is not allowed' },
  404: { code: 'not-here', title: 'Not found' },
  409: { code: 'collides', title: 'Something else came first' },
  413: { code: 'too-large', title: 'The request is too large' },
  422: { code: 'not-taken', title: 'The input isn’t valid' },
  429: { code: 'too-many', title: 'Too many requests' },
  500: { code: 'fault', title: 'Server error' },
  503: { code: 'away', title: 'Service unavailable' },
  507: { code: 'disk-full', title: 'The disk is full' },
};

/** An answer that refuses; what it carries beside its sentence is known to whoever asks through `send`. */
export class Refusal<More = unknown> extends Response {
  declare readonly more: More;
}

/**
 * An answer that refuses, with one sentence for the person: problem details (RFC 9457). `problem` says the same as `detail`, for those who read it before.
 *
 *     refuse(422, 'The version is 1.2.0 already.', { field: 'version' })
 */
export function refuse<More extends object = never>(
  status: number,
  problem: string,
  more?: More,
  headers: HeadersInit = {},
): Refusal<More> {
  const details = { type: 'about:blank', ...KINDS[status], status, detail: problem, problem, ...more };
  return new Refusal<More>(JSON.stringify(details), {
    status,
    headers: { 'Content-Type': 'application/problem+json', 'Cache-Control': 'no-store', ...headers },
  });
}

/** What an endpoint answers that did what it was asked, and has nothing to say. */
export const DONE: Record<string, never> = {};

/** What ends a request, wherever in it that becomes clear. */
class Refused extends Error {
  constructor(readonly answer: Refusal) {
    super('refused');
  }
}

/**
 * What was accepted, or the end of the request with what speaks against it.
 *
 * @throws Refused
 */
export function accepted<T>(parsed: Parsed<T>, status = 422): T {
  if (parsed.problem !== undefined) throw new Refused(refuse(status, parsed.problem));
  return parsed.value;
}

export const signedOut = (): Refusal<never> =>
  refuse(401, 'You’re signed out. Sign in again; your changes are still in this window.');
export const nothingHere = (): Refusal<never> => refuse(404, 'Not found, or it belongs to a team you’re not in.');

/** Does a request come from a page of another site? */
function isForeign(request: Request): boolean {
  const origin = request.headers.get('origin');
  if (origin === null) return ['cross-site', 'same-site'].includes(request.headers.get('sec-fetch-site') ?? '');
  return origin !== originOfRequest(request);
}

/** What went wrong on the server, as an answer; what nobody foresaw is logged whole and said in a sentence. */
function failure(error: unknown): Response {
  if (error instanceof Refused) return error.answer;
  if (error instanceof DatabaseAway || isLostConnection(error) || tookTooLong(error) || isRolledBack(error))
    return refuse(503, 'The database doesn’t answer. Try again in a moment.', {}, { 'Retry-After': '2' });
  if (isDiskFull(error)) {
    noteDiskFull();
    return refuse(
      507,
      'The server’s disk is full and nothing was saved. Your changes are still in this window. Tell your administrator.',
      {},
      { 'Retry-After': '30' },
    );
  }
  if (error instanceof TooBusy)
    return refuse(503, 'Many people are signing in at once. Try again in a moment.', {}, { 'Retry-After': '2' });
  if (error instanceof NotTaken || isForbidden(error))
    return refuse(403, 'Your role in this team has just changed and nothing was saved. Reload the page.');
  if (error instanceof UnreadableDocument)
    return refuse(422, `This version can’t read what’s stored here: ${error.problem}`);
  unstable_rethrow(error);
  // eslint-disable-next-line no-console -- whoever runs the server reads it there
  console.error(error);
  return refuse(
    500,
    'Something went wrong on the server and nothing was changed. It’s logged. Try again or tell your administrator.',
  );
}

type WithParams<P> = { params: Promise<P> };

/** A route of its own kind, for anybody. What changes something must be asked for from a page of this application. */
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

/** Where the application is reached, as whoever asks reaches it. */
export function originOfRequest(request: Request): string {
  return `${request.headers.get('x-forwarded-proto') ?? 'http'}://${request.headers.get('host') ?? ''}`;
}

/** A part of an address that a database can be asked for. */
export function isPlain(part: string): boolean {
  return part.length <= 200 && isPlainText(part);
}
