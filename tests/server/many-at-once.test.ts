import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { setTimeout as pause } from 'node:timers/promises';
import { beforeAll, expect, test } from 'vitest';
import { canonicalJson } from '../../core/edition/canonical';
import { applicationAddress } from '../../server/database/application-role';
import { addPerson } from '../../server/team/people';
import { documentAt } from '../../server/specs/revisions';
import { createSpec } from '../../server/specs/specs';
import { storedSpec } from '../../server/database/stored-spec';
import { DOCUMENT } from './doings';
import { type Membership, teamWithMember, testDatabase } from './test-database';

const { sql, url } = testDatabase();

/** How long twenty clients are at it, and how often they are killed; `YPSILINE_LONG=1` takes the long form. */
const [SECONDS, KILLS] = process.env.YPSILINE_LONG ? [60, 30] : [4, 3];

let owner: Membership;
const people: string[] = [];

beforeAll(async () => {
  owner = await teamWithMember(sql(), 'crowd');
  people.push(owner.personId);
  for (let number = 1; number < 20; number++) {
    const person = { email: `c${number}@crowd.test`, name: `Client ${number}`, password: 'a long password', says: '' };
    people.push(
      (await addPerson(sql(), owner.teamId, { ...person, role: number % 4 === 0 ? 'reviewer' : 'author' })).id,
    );
  }
}, 300_000);

/** Starts the clients in a process of their own; answers with what was acknowledged, and how it is ended. */
function clients(specId: string, seconds: number) {
  const process_ = spawn(
    process.execPath,
    ['--import', 'tsx', 'tests/server/many-clients.ts', applicationAddress(url()), specId, String(seconds), ...people],
    { stdio: ['ignore', 'pipe', 'inherit'] },
  );
  let said = '';
  process_.stdout.on('data', (chunk) => (said += String(chunk)));
  const lines = (): string[] => said.split('\n').slice(0, -1);
  return { lines, kill: () => process_.kill('SIGKILL'), ended: once(process_, 'exit') };
}

/** What must hold of a spec at any moment, whatever was cut off. */
async function holds(specId: string, acknowledged: readonly string[]): Promise<void> {
  const [spec] = await sql()<{ revision: number; draftHash: string; document: unknown }[]>`
    select revision, draft_hash, document from specs join drafts on spec_id = id where id = ${specId}`;
  const revisions = await sql()<{ revision: number }[]>`
    select revision from revisions where spec_id = ${specId} order by revision`;
  // without gaps, and the newest is the one that the spec names
  expect(revisions.map(({ revision }) => revision)).toEqual(
    Array.from({ length: spec!.revision }, (_, index) => index + 1),
  );
  // the draft is what its history comes to
  expect(canonicalJson(storedSpec(await documentAt(sql(), specId, spec!.revision)))).toBe(
    canonicalJson(storedSpec(spec!.document)),
  );
  // what was acknowledged is there, once
  const saved = acknowledged.filter((line) => line.startsWith('saved ')).map((line) => Number(line.slice(6)));
  expect(new Set(saved).size).toBe(saved.length);
  expect(Math.max(0, ...saved)).toBeLessThanOrEqual(spec!.revision);
  const published = acknowledged.filter((line) => line.startsWith('published ')).map((line) => line.slice(10));
  const editions = await sql()<{ version: string; files: number; logged: number; told: number }[]>`
    select version, (select count(*)::int from edition_files where edition_id = editions.id) as files,
           (select count(*)::int from log where spec_id = ${specId} and action = 'publish' and about like '% ' || version) as logged,
           (select count(*)::int from notices where spec_id = ${specId} and kind = 'publish' and text like '% ' || version || ' is published%') as told
      from editions where spec_id = ${specId}`;
  expect(editions.map(({ version }) => version)).toEqual(expect.arrayContaining(published));
  // each edition is whole: its files, one line of the log, a notice for everybody else
  for (const { version, files, logged, told } of editions) {
    expect([logged, told], version).toEqual([1, people.length - 1]);
    expect(files, version).toBeGreaterThan(10);
  }
  const remarks = acknowledged.filter((line) => line.startsWith('remarked ')).map((line) => line.slice(9));
  const kept = new Set(
    (await sql()<{ id: string }[]>`select id from remarks where spec_id = ${specId}`).map(({ id }) => id),
  );
  expect(remarks.filter((id) => !kept.has(id))).toEqual([]);
  // every answer of a review, and every role that changed, stands in the log
  const [counted] = await sql()<{ answers: number; logged: number; reviews: number }[]>`
    select (select count(*)::int from review_answers where spec_id = ${specId}) as answers,
           (select count(*)::int from log where spec_id = ${specId} and action = 'approve') as logged,
           (select count(*)::int from reviews where spec_id = ${specId} and ended_at is null) as reviews`;
  expect(counted!.answers).toBe(counted!.logged);
  expect(counted!.reviews).toBeLessThanOrEqual(1);
}

test('twenty who save, approve, publish and change roles at once: nothing is lost, doubled or left half', async () => {
  const { id } = await createSpec(sql(), owner.access, DOCUMENT);
  const crowd = clients(id, SECONDS);
  await crowd.ended;
  const lines = crowd.lines();
  await holds(id, lines);
  const saves = lines.filter((line) => line.startsWith('saved '));
  const [{ revision }] = (await sql()`select revision from specs where id = ${id}`) as unknown as [
    { revision: number },
  ];
  expect(saves.length).toBe(revision - 1);
  expect(saves.length).toBeGreaterThan(0);
  // nothing failed for another reason than a role that had just changed
  const refused = new Set(lines.filter((line) => line.startsWith('refused ')));
  expect([...refused].filter((line) => !/42501|the database did not take|is not there for whoever/.test(line))).toEqual(
    [],
  );
}, 300_000);

test('killed with −9 at random moments: each thing that was done is whole, or not there', async () => {
  const { id } = await createSpec(sql(), owner.access, { ...DOCUMENT, name: 'Killed' });
  const acknowledged: string[] = [];
  for (let turn = 0; turn < KILLS; turn++) {
    const crowd = clients(id, 60);
    while (crowd.lines().length < 3) await pause(20);
    await pause(Math.random() * 1_200);
    crowd.kill();
    await crowd.ended;
    acknowledged.push(...crowd.lines());
    // what the server was at when it was killed ends with its connection
    await pause(200);
    await holds(id, acknowledged);
  }
}, 300_000);
