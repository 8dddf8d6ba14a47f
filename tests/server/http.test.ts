import { createServer, type IncomingMessage } from 'node:http';
import { describe, expect, test } from 'vitest';
import { clientOf, readTrustedProxies } from '../../server/http/client-address.mjs';
import { signInGate } from '../../server/http/sign-in-gate.mjs';

/** A request as a server sees it, from a peer, with headers. */
const asked = (remoteAddress: string, headers: Record<string, string> = {}) =>
  ({ socket: { remoteAddress }, headers }) as unknown as IncomingMessage;

describe('who asks', () => {
  const none = readTrustedProxies('');
  const proxies = readTrustedProxies('127.0.0.1, 10.0.0.0/8 ::1');

  test('without a trusted proxy, what a client says of itself is not believed', () => {
    const request = asked('203.0.113.9', { 'x-forwarded-for': '198.51.100.1', 'x-forwarded-proto': 'https' });
    expect(clientOf(request, none)).toEqual({ address: '203.0.113.9', isSecure: false, isTrusted: false });
    expect(clientOf(request, proxies)).toEqual({ address: '203.0.113.9', isSecure: false, isTrusted: false });
  });

  test('behind trusted proxies it is the last address that is none of them', () => {
    const forwarded = (hops: string) =>
      asked('::ffff:127.0.0.1', { 'x-forwarded-for': hops, 'x-forwarded-proto': 'https' });
    expect(clientOf(forwarded('198.51.100.1'), proxies)).toEqual({
      address: '198.51.100.1',
      isSecure: true,
      isTrusted: true,
    });
    expect(clientOf(forwarded('6.6.6.6, 198.51.100.1, 10.1.2.3'), proxies).address).toBe('198.51.100.1');
    expect(clientOf(forwarded('nonsense, 10.1.2.3'), proxies).address).toBe('127.0.0.1');
  });

  test('a setting that names no address is refused in a sentence', () => {
    expect(() => readTrustedProxies('proxy.local')).toThrow(
      'YPSILINE_TRUSTED_PROXIES names “proxy.local”; it takes addresses and ranges, such as 127.0.0.1, 10.0.0.0/8.',
    );
  });
});

describe('sign-ins', () => {
  test('two at a time, eight of one address wait, and a crowd is held before it is refused', async () => {
    const CROWD = 30;
    const gate = signInGate();
    let [come, running, most] = [0, 0, 0];
    let allHaveCome: () => void;
    const crowd = new Promise<void>((resolve) => (allHaveCome = resolve));
    const server = createServer((request, response) => {
      if (++come === CROWD) allHaveCome();
      gate(request, response, 'one', () => {
        most = Math.max(most, ++running);
        // the first are still being looked at when the last come
        void crowd.then(() => {
          running--;
          response.end('looked at');
        });
      });
    });
    await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
    const { port } = server.address() as { port: number };
    const began = performance.now();
    const answers = await Promise.all(
      Array.from({ length: CROWD }, async () => {
        const answer = await fetch(`http://127.0.0.1:${port}/`);
        return { status: answer.status, text: await answer.text(), after: performance.now() - began };
      }),
    );
    server.close();
    const looked = answers.filter(({ status }) => status === 200);
    const held = answers.filter(({ status }) => status === 429);
    expect(most).toBe(2);
    expect(looked).toHaveLength(10);
    expect(held).toHaveLength(20);
    for (const { text, after } of held) {
      expect(text).toContain('Too many sign-ins are being tried at once');
      expect(after).toBeGreaterThan(900);
    }
  });
});
