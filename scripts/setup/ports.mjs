import { createServer } from 'node:net';

/**
 * @param {number} port
 * @param {string} [host]
 * @returns {Promise<boolean>} can somebody listen there?
 */
export function isFree(port, host = '127.0.0.1') {
  return new Promise((resolve) => {
    const server = createServer();
    server.once('error', () => resolve(false));
    server.listen(port, host, () => server.close(() => resolve(true)));
  });
}

/**
 * The first free port from here on.
 * @param {number} from
 * @returns {Promise<number>}
 */
export async function freePort(from) {
  for (let port = from; port < from + 200; port++) if (await isFree(port)) return port;
  throw new Error(`no free port between ${from} and ${from + 200}`);
}
