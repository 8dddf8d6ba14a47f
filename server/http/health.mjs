/** @typedef {import('../running/for-the-server').ForTheServer} ForTheServer */

/** @returns {ForTheServer | undefined} what the application answers the server, once it has started */
export function application() {
  return /** @type {{ ypsiline?: ForTheServer }} */ (globalThis).ypsiline;
}

/**
 * `/healthz`: the process is up. `/readyz`: it can take requests, which a balancer asks: the database answers, its migrations are those that
 * this application needs, and it is not being stopped.
 * @param {import('node:http').IncomingMessage} request
 * @param {import('node:http').ServerResponse} response
 * @param {boolean} isDraining
 * @returns {Promise<boolean>} was it one of the two?
 */
export async function answerHealth(request, response, isDraining) {
  const path = request.url?.split('?')[0];
  if (path !== '/healthz' && path !== '/readyz') return false;
  if (path === '/healthz') return answer(response, 200, { up: true });
  if (isDraining) return answer(response, 503, { ready: false, problem: 'This process is being stopped.' });
  const app = application();
  const { problem, warning } = app ? await app.ready() : { problem: 'The application is starting.', warning: null };
  return answer(response, problem ? 503 : 200, {
    ready: !problem,
    ...(problem ? { problem } : {}),
    ...(warning ? { warning } : {}),
  });
}

/** @param {import('node:http').ServerResponse} response @param {number} status @param {object} body */
function answer(response, status, body) {
  response.writeHead(status, { 'Content-Type': 'application/json', 'Cache-Control': 'no-store' });
  response.end(`${JSON.stringify(body)}\n`);
  return true;
}
