import type { AnswerOf, Method, MoreOf, PathOf, SentTo } from '../../app/api/sent';

/** What a request to the application's own endpoints came to. */
export type Answer<T, More = object> =
  { ok: true; body: T } | { ok: false; status: number; problem: string; body: More };

export const NO_ANSWER = 0;

/** Browsers finish a request after its page is left only up to 64 kB. */
const MOST_KEPT_ALIVE = 60_000;

/** How long an answer may take, in ms; a file takes longer to send, and pictures and pages take longer to make. */
const PATIENCE = 15_000;
export const LONG_PATIENCE = 60_000;

/** What is sent: nothing where the endpoint takes nothing. */
type Sent<M extends Method, P> =
  undefined extends SentTo<M, P> ? [body?: SentTo<M, P>, patience?: number] : [body: SentTo<M, P>, patience?: number];

/**
 * Sends JSON or a file, and reads JSON: the one way in which the interface asks its own server, typed by the endpoint at the address. A server that does not
 * answer in time gives status 0, not an exception.
 *
 *     await send('PATCH', `/api/specs/${id}`, { archived: true })
 */
export async function send<M extends Method, P extends PathOf<M>>(
  method: M,
  path: P,
  ...[body, given]: Sent<M, P>
): Promise<Answer<AnswerOf<M, P>, MoreOf<M, P>>> {
  const patience = given ?? (body instanceof Blob ? LONG_PATIENCE : PATIENCE);
  const isFile = body instanceof Blob;
  try {
    const init: RequestInit = { method, signal: AbortSignal.timeout(patience) };
    if (isFile) {
      init.body = body;
      init.headers = { 'Content-Type': 'application/octet-stream' };
    } else if (body !== undefined) {
      init.body = JSON.stringify(body);
      init.keepalive = init.body.length < MOST_KEPT_ALIVE;
      init.headers = { 'Content-Type': 'application/json' };
    }
    const response = await fetch(path, init);
    const answer = (await response.json().catch(() => ({}))) as Record<string, unknown>;
    if (response.ok) return { ok: true, body: answer as AnswerOf<M, P> };
    const problem =
      typeof answer.problem === 'string' ? answer.problem : `The server answered ${response.status}. Try again.`;
    return {
      ok: false,
      status: response.status >= 500 && response.status !== 507 ? NO_ANSWER : response.status,
      problem,
      body: answer as MoreOf<M, P>,
    };
  } catch {
    return {
      ok: false,
      status: NO_ANSWER,
      problem: 'The server doesn’t answer. Check your connection and try again.',
      body: {} as MoreOf<M, P>,
    };
  }
}
