import type { Sql } from '../../server/database/database';
import { type Application, startRehearsed } from '../rehearse/application';
import { Ledger } from '../rehearse/ledger';
import { Load } from '../rehearse/load';
import { pause, until } from '../rehearse/processes';
import { makeScene, type Scene } from '../rehearse/scene';
import { onStage } from '../rehearse/stage';
import { freePort } from '../setup/ports.mjs';

/** Reads of exact versions and of `latest` a second with one process, two, and two with a replica; event streams: what one weighs, and when all have a change. */

const READ_MS = 8_000;
const READERS = 16;

await onStage(async ({ processes, sql, url, replicaUrl, stopReplica }) => {
  const scene = await makeScene(sql, { people: 40, writers: 1, publishers: 1 });
  let next = await freePort(4700);
  const start = async (more: Record<string, string> = {}): Promise<Application> => {
    const port = await freePort(next);
    next = port + 1;
    return startRehearsed(processes, {
      name: `application-${port}`,
      port,
      env: { DATABASE_URL: url, ...more },
    });
  };

  const one = await start();
  await publishOnce(scene, one);
  await reads('one process', scene, [one]);
  const two = await start();
  await reads('two processes', scene, [one, two]);
  await Promise.all([one, two].map(({ process }) => process.kill('SIGTERM')));
  const withReplica = await Promise.all([
    start({ DATABASE_READ_URLS: replicaUrl }),
    start({ DATABASE_READ_URLS: replicaUrl }),
  ]);
  await reads('two processes and a replica', scene, withReplica);
  await Promise.all(withReplica.map(({ process }) => process.kill('SIGTERM')));
  await stopReplica();

  for (const count of [200, 1_000]) await streams(sql, scene, await start(), count);
});

/** An edition to read. */
async function publishOnce(scene: Scene, { url }: Application): Promise<void> {
  const ledger = new Ledger();
  ledger.begin('an edition');
  const load = new Load({ ...scene, own: [], shared: { ...scene.shared, breakpoints: [] } }, () => [url], ledger);
  load.start({ streams: 0, readers: 0 });
  await until('an edition is published', () => load.editions.length > 0);
  await load.end();
}

async function reads(what: string, scene: Scene, applications: readonly Application[]): Promise<void> {
  const { slug } = scene.published[0]!;
  for (const version of ['1.0.0', 'latest']) {
    let [count, isOver] = [0, false];
    const reader = async (index: number): Promise<void> => {
      const { url } = applications[index % applications.length]!;
      while (!isOver) {
        const answer = await fetch(`${url}/e/${scene.team}/${slug}/${version}/grid.css`, {
          headers: { authorization: `Bearer ${scene.key}` },
        });
        if (answer.status !== 200) throw new Error(`a read was answered ${answer.status}`);
        await answer.arrayBuffer();
        count++;
      }
    };
    const readers = Array.from({ length: READERS }, (_, index) => reader(index));
    await pause(1_000);
    const [before, began] = [count, Date.now()];
    await pause(READ_MS);
    const perSecond = ((count - before) * 1000) / (Date.now() - began);
    isOver = true;
    await Promise.all(readers);
    console.log(`${what}: ${perSecond.toFixed(0)} reads of ${version} a second (${READERS} at once)`);
  }
}

/** So many streams of one draft at one process: what each weighs, and how long after a save all of them have it. */
async function streams(sql: Sql, scene: Scene, application: Application, count: number): Promise<void> {
  await pause(2_000);
  const before = application.memory();
  const ledger = new Ledger();
  ledger.begin('streams');
  const load = new Load(
    { ...scene, own: [], published: [], shared: { ...scene.shared, breakpoints: [] } },
    () => [application.url],
    ledger,
  );
  load.start({ streams: count, readers: 0 });
  const revision = async (): Promise<number> => {
    const [row] = await sql<{ revision: number }[]>`select revision from specs where id = ${scene.shared.id}`;
    return row!.revision;
  };
  const now = await revision();
  await until(
    'all streams are open',
    () => ledger.phases[0]!.asked.stream >= count && load.streams.every((each) => each.revision === now),
    120_000,
  );
  await pause(3_000);
  const weight = ((application.memory() - before) / count) * 1024;
  const times: number[] = [];
  for (let turn = 0; turn < 5; turn++) {
    const known = await revision();
    const at = ['breakpoints', scene.shared.breakpoints[0]!, 'notes'];
    const [was] = await sql<{ notes: string }[]>`
      select document->'breakpoints'->0->>'notes' as notes from drafts where spec_id = ${scene.shared.id}`;
    const edits = [{ at, before: was!.notes, after: `streams ${count}, ${turn}` }];
    const began = performance.now();
    const answer = await fetch(`${application.url}/api/specs/${scene.shared.id}/draft`, {
      method: 'PUT',
      headers: { cookie: scene.cookies[0]!, 'content-type': 'application/json' },
      body: JSON.stringify({ revision: known, edits }),
    });
    if (answer.status !== 200) throw new Error(await answer.text());
    await until('all streams have it', () => load.streams.every((each) => each.revision > known));
    times.push(performance.now() - began);
    await pause(500);
  }
  await load.end();
  await application.process.kill('SIGTERM');
  const errors = [...ledger.phases[0]!.errors].map(([what, times]) => `${times} × ${what}`).join(', ') || 'none';
  console.log(
    `${count} event streams: ${weight.toFixed(0)} kB each, all have a save after ${Math.min(...times).toFixed(0)} to ${Math.max(...times).toFixed(0)} ms (seen each 100 ms), errors: ${errors}`,
  );
}
