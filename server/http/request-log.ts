import type { IncomingMessage, ServerResponse } from 'node:http';
import { randomUUID } from 'node:crypto';
import { pino } from 'pino';

/** One JSON line for each request, on standard output. */
const log = pino({ base: { pid: process.pid }, timestamp: pino.stdTimeFunctions.isoTime });

/** Parts of an address that open something by themselves; no log holds them. */
const SECRETS = /^\/(l|join|password|api\/join|api\/password)\/[^/]+/;

/** An address without what is secret in it, and without its question. */
export function loggedPath(url: string) {
  return (url.split('?')[0] ?? '').replace(SECRETS, (_, place) => `/${place}/…`);
}

/**
 * Gives a request an id, which its answer carries and its line in the log names. One that a trusted proxy gave is kept.
 */
export function logRequest(
  request: IncomingMessage,
  response: ServerResponse,
  {
    address,
    isTrusted,
    onDone,
  }: { address: string; isTrusted: boolean; onDone: (route: { status: number; ms: number }) => void },
) {
  const began = performance.now();
  const given = String(request.headers['x-request-id'] ?? '');
  const id = isTrusted && /^[\w.-]{8,64}$/.test(given) ? given : randomUUID();
  request.headers['x-request-id'] = id;
  response.setHeader('X-Request-Id', id);
  const path = loggedPath(request.url ?? '');
  response.once('close', () => {
    const ms = Math.round((performance.now() - began) * 10) / 10;
    const status = response.headersSent ? response.statusCode : 499;
    onDone({ status, ms });
    if (!path.startsWith('/_next/') && path !== '/healthz' && path !== '/readyz')
      log.info({ id, method: request.method, path, status, ms, address });
  });
}
