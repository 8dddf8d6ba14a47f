import { lookup } from 'node:dns';
import { request as plainRequest } from 'node:http';
import { request as secureRequest } from 'node:https';
import type { LookupFunction } from 'node:net';
import { isIP } from 'node:net';
import type { Sql } from '../database';
import { OWN_RECEIVER } from './hooks';
import { IN_OWN_NETWORK, isOpenAddress, refusedAddress } from './safe-address';
import { signatureOf } from './signature';

type Due = { id: string; hookId: string; url: string; secret: string; body: string; tries: number };

/** When a delivery that failed is tried again, in minutes, after its first, second, … try; then it is given up. */
const AGAIN_AFTER = [1, 5, 30, 120, 360, 720, 1440];
const PATIENCE_MS = 10_000;
const AT_ONCE = 10;

/** What came of a try. */
type Came = { isDelivered: boolean; said: string };

/**
 * Sends what is due, each signed; what fails is tried again later. Several servers may do so at once: each delivery is taken by one.
 *
 * @param ownAddress where this installation itself is reached, for the receiver that it ships
 * @returns how many were tried
 */
export async function deliverDue(sql: Sql, ownAddress: string): Promise<number> {
  const due = await sql<Due[]>`select * from deliveries_due(${AT_ONCE})`;
  await Promise.all(
    due.map(async ({ id, tries, ...delivery }) => {
      const { isDelivered, said } = await send(delivery, ownAddress);
      const minutes = AGAIN_AFTER[tries - 1] ?? null;
      await sql`
        select delivery_came_to(${id}, ${said.slice(0, 200)}, ${isDelivered}, ${minutes === null ? null : `${minutes} minutes`}::interval)`;
    }),
  );
  return due.length;
}

async function send({ hookId, url, secret, body }: Omit<Due, 'id' | 'tries'>, ownAddress: string): Promise<Came> {
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
  return post(new URL(target), headers, body, isOwn);
}

/** Posts a body. The numeric address is looked up here and held to be open, and nothing is followed to another one. */
function post(url: URL, headers: Record<string, string>, body: string, isOwn: boolean): Promise<Came> {
  const ask = url.protocol === 'https:' ? secureRequest : plainRequest;
  return new Promise((resolve) => {
    const request = ask(
      url,
      { method: 'POST', headers, timeout: PATIENCE_MS, ...(isOwn ? {} : { lookup: openLookup }) },
      (response) => {
        // what it says beyond its status is not read
        response.destroy();
        const status = response.statusCode ?? 0;
        if (status >= 200 && status < 300) resolve({ isDelivered: true, said: `answered ${status}` });
        else if (status >= 300 && status < 400)
          resolve({
            isDelivered: false,
            said: `answered ${status}, which leads elsewhere; give the address that it leads to`,
          });
        else resolve({ isDelivered: false, said: `answered ${status}` });
      },
    );
    request.on('timeout', () => request.destroy(new Error(`no answer within ${PATIENCE_MS / 1000} s`)));
    request.on('error', (error) => resolve({ isDelivered: false, said: error.message }));
    request.end(body);
  });
}

/** Looks a name up as usual, and refuses what it stands for where that is inside the own network. */
export const openLookup: LookupFunction = (name, options, answer) => {
  if (isIP(name))
    return isOpenAddress(name) ? answer(null, name, isIP(name)) : answer(new Error(IN_OWN_NETWORK), '', 4);
  lookup(name, { ...options, all: true }, (error, addresses) => {
    if (error) return answer(error, '', 4);
    if (addresses.some(({ address }) => !isOpenAddress(address))) return answer(new Error(IN_OWN_NETWORK), '', 4);
    const [first] = addresses;
    if (!first) return answer(new Error(`${name} stands for no address`), '', 4);
    if (options.all) return answer(null, addresses);
    return answer(null, first.address, first.family);
  });
};
