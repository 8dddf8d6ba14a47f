import type { IncomingMessage, ServerResponse } from 'node:http';
import type { ForTheServer } from '../running/for-the-server';

/** What the application answers the server, once it has started */
export function application(): ForTheServer | undefined {
  return (globalThis as { ypsiline?: ForTheServer }).ypsiline;
}

/**
 * `/healthz`: the process is up. `/readyz`: it can take requests, which a balancer asks: the database answers, its migrations are those that
 * this application needs, and it is not being stopped.
 * @returns was it one of the two?
 */
export async function answerHealth(
  request: IncomingMessage,
  response: ServerResponse,
  isDraining: boolean,
): Promise<boolean> {
  const path = request.url?.split('?')[0];
  if (path !== '/healthz' && path !== '/readyz') return false;
  if (path === '/healthz') return answer(response, 200, { up: true });
  if (isDraining) return answer(response, 503, { ready: false, problem: 'This process is stopping.' });
  const app = application();
  const { problem, warning } = app ? await app.ready() : { problem: 'The application is starting.', warning: null };
  return answer(response, problem ? 503 : 200, {
    ready: !problem,
    ...(problem ? { problem } : {}),
    ...(warning ? { warning } : {}),
  });
}

function answer(response: ServerResponse, status: number, body: object) {
  response.writeHead(status, { 'Content-Type': 'application/json', 'Cache-Control': 'no-store' });
  response.end(`${JSON.stringify(body)}\n`);
  return true;
}
