import { once } from 'node:events';
import { mkdtempSync, mkdirSync, writeFileSync } from 'node:fs';
import { createServer, type IncomingMessage, type Server } from 'node:http';
import { type AddressInfo, connect as openSocket } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { describe, expect, test } from 'vitest';
import { clientOf, readTrustedProxies } from '../../server/http/client-address';
import { driverProblem } from '../../server/http/driver';
import { plainAddress } from '../../server/http/plain-address';
import { signInGate } from '../../server/http/sign-in-gate';

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
    let [running, most] = [0, 0];
    let oneIsHeld: () => void;
    const held429 = new Promise<void>((resolve) => (oneIsHeld = resolve));
    const server = createServer((request, response) => {
      void gate(request, response, 'one', () => {
        most = Math.max(most, ++running);
        // the first are still being looked at when others are told that there is no room
        void held429.then(() => {
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
        if (answer.status === 429) oneIsHeld();
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

  /** A server behind the gate whose answers take as long as `work`. */
  const gated = async (work: () => Promise<void>): Promise<{ server: Server; port: number }> => {
    const gate = signInGate();
    const server = createServer((request, response) => {
      const address = String(request.headers['x-from'] ?? 'one');
      void gate(request, response, address, () => void work().then(() => response.end(address)));
    }).listen(0, '127.0.0.1');
    await once(server, 'listening');
    return { server, port: (server.address() as AddressInfo).port };
  };
  const post = (port: number, from: string, body = '{}') =>
    fetch(`http://127.0.0.1:${port}/`, { method: 'POST', headers: { 'x-from': from }, body });

  test('sockets that send a byte of a body and wait hold no place, and are told to go', async () => {
    const { server, port } = await gated(() => Promise.resolve());
    const began = performance.now();
    const slow = await Promise.all(
      Array.from({ length: 6 }, async () => {
        const socket = openSocket(port, '127.0.0.1');
        socket.write('POST / HTTP/1.1\r\nHost: x\r\nContent-Length: 100\r\n\r\na');
        await once(socket, 'connect');
        return socket;
      }),
    );
    const answer = await post(port, 'two');
    expect(await answer.text()).toBe('two');
    // none of them was looked at, none was told yet
    expect(performance.now() - began).toBeLessThan(2_500);
    const told = await Promise.all(slow.map(async (socket) => String((await once(socket, 'data'))[0])));
    for (const each of told) expect(each).toMatch(/^HTTP\/1\.1 408 /);
    server.close();
  });

  test('a body larger than an e-mail and a password is refused, told or not told', async () => {
    const { server, port } = await gated(() => Promise.resolve());
    expect((await post(port, 'one', 'x'.repeat(5_000))).status).toBe(413);
    const chunked = new ReadableStream({
      start(controller) {
        controller.enqueue(new TextEncoder().encode('x'.repeat(5_000)));
        controller.close();
      },
    });
    const init = { method: 'POST', body: chunked, duplex: 'half' } as RequestInit;
    expect((await fetch(`http://127.0.0.1:${port}/`, init)).status).toBe(413);
    expect((await post(port, 'one', 'x'.repeat(4_000))).status).toBe(200);
    server.close();
  });

  test('an address that has a place comes after those that have none', async () => {
    const order: string[] = [];
    const open: (() => void)[] = [];
    const { server, port } = await gated(() => new Promise((resolve) => open.push(resolve)));
    const ask = (from: string) => post(port, from).then(async (answer) => order.push(await answer.text()));
    const asked = [ask('crowd'), ask('crowd'), ask('crowd'), ask('crowd')];
    while (open.length < 2) await new Promise((resolve) => setTimeout(resolve, 5));
    asked.push(ask('one person'));
    // it waits beside the crowd’s when the next place comes free
    await new Promise((resolve) => setTimeout(resolve, 100));
    while (order.length < 5) {
      open.shift()?.();
      await new Promise((resolve) => setTimeout(resolve, 20));
    }
    await Promise.all(asked);
    expect(order.indexOf('one person')).toBeLessThanOrEqual(2);
    server.close();
  });
});

describe('an address has one spelling', () => {
  test.each([
    ['/api/session', '/api/session'],
    ['/./api/session', '/api/session'],
    ['/x/../api/session', '/api/session'],
    ['//api//session', '/api/session'],
    ['\\\\api\\session', '/api/session'],
    ['/api/%73%65ssion', '/api/session'],
    ['/api/%2E%2e/api/session', '/api/session'],
    ['/api/session#fragment', '/api/session'],
    ['/api/session?a=%2e#b', '/api/session?a=%2e'],
    ['http://elsewhere.example/api/session', '/api/session'],
    ['/tidewick/%C3%A4%2fb', '/tidewick/%C3%A4%2Fb'],
    ['/', '/'],
  ])('%s', (url, plain) => {
    expect(plainAddress(url)).toBe(plain);
    // it is its own
    expect(plainAddress(plain)).toBe(plain);
  });
  test.each(['/%00', '/a?b=%00', '/%E4', '/%', `/${'a'.repeat(4_001)}`, '/%0a', '/a?b=%1F'])('%s is none', (url) => {
    expect(plainAddress(url)).toBeNull();
  });
});

test('a driver as it was published, without its mend, is refused in a sentence', () => {
  const folder = mkdtempSync(join(tmpdir(), 'ypsiline-driver-'));
  const mended = driverProblem();
  expect(mended).toBeNull();
  for (const form of ['src', 'cjs/src']) {
    mkdirSync(join(folder, form), { recursive: true });
    writeFileSync(join(folder, form, 'connection.js'), 'function Connection() {}');
  }
  expect(driverProblem(folder)).toMatch(/^The database driver isn’t patched. Run: node node_modules\/patch-package/);
});
