import { once } from 'node:events';
import { createServer, type ServerResponse } from 'node:http';
import type { AddressInfo } from 'node:net';
import { expect, test } from 'vitest';
import { applicationAddress } from '../../server/database/application-role';
import { connect } from '../../server/database/database';
import { postman } from '../../server/hooks/deliver';
import { makeHook } from '../../server/hooks/hooks';
import { teamWithMember, testDatabase } from './test-database';

const { sql, url } = testDatabase();

const DAWDLERS: Record<string, (response: ServerResponse) => void> = {
  'says 102 for ever': (response) => response.writeProcessing(),
  'sends a byte of a header now and then': (response) => {
    const socket = response.socket!;
    if (socket.bytesWritten === 0) socket.write('HTTP/1.1 200 OK\r\nX-Long: ');
    socket.write('x');
  },
  'says nothing at all': () => {},
};

test.each(Object.entries(DAWDLERS))('a receiver that %s is given up, and keeps no other waiting', async (_, dawdle) => {
  const { access } = await teamWithMember(sql(), `hooks-${Math.random().toString(36).slice(2, 8)}`);
  const make = async (name: string) =>
    (await makeHook(sql(), access, { name, url: 'own', kinds: ['publish'] })).value!.id;
  const [slow, quick] = [await make('slow'), await make('quick')];
  const came: string[] = [];
  const receiver = createServer((request, response) => {
    const isSlow = request.url!.endsWith(slow);
    came.push(isSlow ? 'slow' : 'quick');
    if (!isSlow) return void response.writeHead(204).end();
    const timer = setInterval(() => dawdle(response), 100);
    response.once('close', () => clearInterval(timer));
  }).listen(0, '127.0.0.1');
  await once(receiver, 'listening');

  // so many that the slow one’s alone would fill every place, and all of them due before the quick one’s
  for (let number = 0; number < 30; number++)
    await sql()`
      insert into deliveries (hook_id, team_id, body, next_try_at)
      values (${slow}, ${access.teamId}, '{}', now() - interval '1 minute')`;
  for (let number = 0; number < 5; number++)
    await sql()`insert into deliveries (hook_id, team_id, body) values (${quick}, ${access.teamId}, '{}')`;
  const application = connect(applicationAddress(url()), 2);
  const address = `http://127.0.0.1:${(receiver.address() as AddressInfo).port}`;
  const { sendDue } = postman(application, address, 1_500);
  await sendDue();
  const said = (hook: string) => sql()<{ said: string; deliveredAt: Date | null }[]>`
    select said, delivered_at from deliveries where hook_id = ${hook} and said <> '' order by delivered_at nulls last, id`;
  await expect.poll(async () => (await said(slow)).length, { timeout: 15_000 }).toBeGreaterThan(0);
  expect((await said(slow))[0]).toEqual({ said: 'no answer within 10 s', deliveredAt: null });
  // the quick one’s went out meanwhile, all of them, beside one try at the slow one
  expect((await said(quick)).map((each) => each.said)).toEqual(Array.from({ length: 5 }, () => 'answered 204'));
  expect(came.filter((each) => each === 'slow').length).toBeLessThanOrEqual(2);
  receiver.closeAllConnections();
  receiver.close();
  await sql()`update hooks set removed_at = now()`;
  await application.end();
});
