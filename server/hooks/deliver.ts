import { Resolver } from 'node:dns/promises';
import { type RequestOptions, request as plainRequest } from 'node:http';
import { request as secureRequest } from 'node:https';
import type { LookupFunction } from 'node:net';
import { isIP } from 'node:net';
import type { Sql } from '../database/database';
import { OWN_RECEIVER } from './hooks';
import { IN_OWN_NETWORK, isOpenAddress, refusedAddress } from './safe-address';
import { signatureOf } from './signature';

type Due = { id: string; hookId: string; url: string; secret: string; body: string; tries: number };

/** When a delivery that failed is tried again, in minutes, after its first, second, … try; then it is given up. */
const AGAIN_AFTER = [1, 5, 30, 120, 360, 720, 1440];

/** How long a receiver has for its whole answer, whatever it says meanwhile, in ms. */
const PATIENCE_MS = 10_000;

/** So many are sent to at once; each hook has at most one of these places, so that a slow receiver keeps only its own waiting. */
const AT_ONCE = 20;

/** What came of a try. */
type Came = { isDelivered: boolean; said: string };

/** Sends what is due: how many deliveries were taken now, and when those under way have ended. */
export type Postman = { sendDue: () => Promise<number>; idle: () => Promise<void> };

/**
 * Sends what is due to web hooks, each signed; what fails is tried again later. Nothing waits for the slowest: what has ended makes room for the next. Several servers
 * may do so at once: each delivery is taken by one.
 *
 * @param ownAddress where this installation itself is reached, for the receiver that it ships
 * @param patience how long a receiver has, in ms
 */
export function postman(sql: Sql, ownAddress: string, patience = PATIENCE_MS): Postman {
  const busy = new Map<string, Promise<void>>();

  const deliver = async ({ id, tries, ...delivery }: Due): Promise<void> => {
    const { isDelivered, said } = await send(delivery, ownAddress, patience);
    const minutes = AGAIN_AFTER[tries - 1] ?? null;
    await sql`
      select delivery_came_to(${id}, ${said.slice(0, 200)}, ${isDelivered}, ${minutes === null ? null : `${minutes} minutes`}::interval)`;
  };

  const take = async (): Promise<number> => {
    const room = AT_ONCE - busy.size;
    if (room <= 0) return 0;
    const due = await sql<Due[]>`select * from deliveries_due(${room}, ${`{${[...busy.keys()].join(',')}}`}::uuid[])`;
    for (const each of due) {
      const sent = deliver(each)
        // what was not noted is due again by itself in two minutes
        .catch(() => {})
        .then(() => void busy.delete(each.hookId))
        .then(() => void sendDue().catch(() => {}));
      busy.set(each.hookId, sent);
    }
    return due.length;
  };
  // one asks after the other, so that each knows what the other took
  let asking = Promise.resolve(0);
  const sendDue = (): Promise<number> => (asking = asking.catch(() => 0).then(take));

  const idle = async (): Promise<void> => {
    while (busy.size > 0) await Promise.all(busy.values());
  };
  return { sendDue, idle };
}

async function send(
  { hookId, url, secret, body }: Omit<Due, 'id' | 'tries'>,
  ownAddress: string,
  patience: number,
): Promise<Came> {
  const isOwn = url === OWN_RECEIVER;
  const target = isOwn ? `${ownAddress}/received/${hookId}` : url;
  const problem = isOwn ? null : refusedAddress(target);
  if (problem) return { isDelivered: false, said: problem };
  const seconds = Math.floor(Date.now() / 1000);
  const headers = {
    'Content-Type': 'application/json',
    'Content-Length': String(Buffer.byteLength(body)),
    'User-Agent': 'Ypsiline',
    'Ypsiline-Time': String(seconds),
    'Ypsiline-Signature': signatureOf(secret, seconds, body),
  };
  return post(new URL(target), { method: 'POST', headers, signal: AbortSignal.timeout(patience) }, body, isOwn);
}

/** Posts a body. The numeric address is looked up here and held to be open, and nothing is followed to another one. */
function post(url: URL, options: RequestOptions, body: string, isOwn: boolean): Promise<Came> {
  const ask = url.protocol === 'https:' ? secureRequest : plainRequest;
  return new Promise((resolve) => {
    const request = ask(url, isOwn ? options : { ...options, lookup: openLookup() }, (response) => {
      // what it says beyond its status is not read
      response.destroy();
      const status = response.statusCode ?? 0;
      if (status >= 200 && status < 300) resolve({ isDelivered: true, said: `answered ${status}` });
      else if (status >= 300 && status < 400)
        resolve({
          isDelivered: false,
          said: `answered ${status}, a redirect. Use the address it points to`,
        });
      else resolve({ isDelivered: false, said: `answered ${status}` });
    });
    request.on('error', (error) => {
      const isLate = error.name === 'AbortError' || error.name === 'TimeoutError';
      resolve({ isDelivered: false, said: isLate ? `no answer within ${PATIENCE_MS / 1000} s` : error.message });
    });
    request.end(body);
  });
}

/** Asks the name servers by itself: the system’s own way waits in the few threads in which passwords are checked. */
const resolver = new Resolver({ timeout: 3_000, tries: 2 });

async function addressesOf(name: string): Promise<string[]> {
  const found = await Promise.allSettled([resolver.resolve4(name), resolver.resolve6(name)]);
  return found.flatMap((each) => (each.status === 'fulfilled' ? each.value : []));
}

/** Looks a name up, and refuses what it stands for where that is inside the own network. */
export function openLookup(addresses: (name: string) => Promise<string[]> = addressesOf): LookupFunction {
  return (name, options, answer) => {
    void (async () => {
      const found = isIP(name) ? [name] : await addresses(name);
      if (found.some((address) => !isOpenAddress(address))) return answer(new Error(IN_OWN_NETWORK), '', 4);
      const [first] = found;
      if (first === undefined) return answer(new Error(`${name} has no address`), '', 4);
      if (options.all)
        return answer(
          null,
          found.map((address) => ({ address, family: isIP(address) })),
        );
      return answer(null, first, isIP(first));
    })().catch((error: Error) => answer(error, '', 4));
  };
}
