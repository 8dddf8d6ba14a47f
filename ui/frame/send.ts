/** What a request to the application's own routes came to. */
export type Answer<T> =
  { ok: true; body: T } | { ok: false; status: number; problem: string; body: Record<string, unknown> };

export const NO_ANSWER = 0;

/** Browsers finish a request after its page is left only up to 64 kB. */
const MOST_KEPT_ALIVE = 60_000;

/** How long an answer may take, in ms; a file takes longer to send, and pictures and pages take longer to make. */
const PATIENCE = 15_000;
export const LONG_PATIENCE = 60_000;

/**
 * Sends JSON or a file, and reads JSON: the one way in which the interface asks its own server. A server that does not
 * answer in time gives status 0, not an exception.
 */
export async function send<T>(
  method: 'POST' | 'PUT' | 'PATCH' | 'GET' | 'DELETE',
  path: string,
  body?: unknown,
  patience = body instanceof Blob ? LONG_PATIENCE : PATIENCE,
): Promise<Answer<T>> {
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
    if (response.ok) return { ok: true, body: answer as T };
    const problem =
      typeof answer.problem === 'string' ? answer.problem : `The server answered ${response.status}; try again.`;
    return {
      ok: false,
      status: response.status >= 500 && response.status !== 507 ? NO_ANSWER : response.status,
      problem,
      body: answer,
    };
  } catch {
    return {
      ok: false,
      status: NO_ANSWER,
      problem: 'The server does not answer. Check the connection and try again.',
      body: {},
    };
  }
}
