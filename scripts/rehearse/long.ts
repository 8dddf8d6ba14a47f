import { rmSync } from 'node:fs';
import { join } from 'node:path';
import { letApplicationIn } from '../../server/database/application-role';
import { backUp } from '../../server/backup/back-up';
import { restore } from '../../server/backup/restore';
import { connect } from '../../server/database/database';
import { migrate } from '../../server/database/migrate';
import { runDatabaseProgram } from '../database-programs';
import { isRoot } from '../setup/process.mjs';
import { Failure, run, say } from '../setup/say.mjs';
import { type Application, startRehearsed } from './application';
import { KINDS, Ledger } from './ledger';
import { Load } from './load';
import { freePorts, installPackages, Machines } from './machines';
import { nextVersion } from './next-version';
import { pause, Processes, until } from './processes';
import { makeScene } from './scene';
import { stageFolder } from './stage';
import { heldAgainst, newestShared, noLongerThan, printVerdicts, type Verdict } from './verdict';

/** How long each part is under load, in ms; how long the whole may take. */
const [PART, LONGEST] = [20_000, 15 * 60_000];

/** How long nobody may be able to save in a failover, in ms. */
const LONGEST_GAP = 20_000;

await run(async () => {
  if (!isRoot)
    throw new Failure(
      'The rehearsal starts everything that docs/running.md names, as its own users: run it as root, on Debian. `npm run rehearse -- --short` needs no root.',
    );
  const began = Date.now();
  await installPackages();
  const folder = stageFolder();
  const processes = new Processes(folder);
  const late = setTimeout(() => {
    console.error(`✗ The rehearsal was not over within ${LONGEST / 60_000} minutes.`);
    void processes.end().then(() => process.exit(1));
  }, LONGEST);
  try {
    const isGood = await rehearse(processes, folder);
    console.log(`\nin ${((Date.now() - began) / 60_000).toFixed(1)} minutes`);
    if (!isGood) throw new Failure('The rehearsal found what must not be; see the lines with ✗.');
  } finally {
    clearTimeout(late);
    await processes.end();
    if (!process.env.YPSILINE_KEEP) rmSync(folder, { recursive: true, force: true });
  }
});

async function rehearse(processes: Processes, folder: string): Promise<boolean> {
  const ports = await freePorts();
  const machines = new Machines(processes, folder, ports);
  say('starting etcd, two PostgreSQL under Patroni, PgBouncer, HAProxy');
  await machines.start();
  const sql = connect(machines.owner, 4);
  await migrate(sql);
  await letApplicationIn(sql, machines.owner);
  say('starting two processes of the application');
  const start = (index: number, cwd?: string): Promise<Application> =>
    startRehearsed(processes, {
      name: index === 0 ? 'application-one' : 'application-two',
      port: index === 0 ? ports.one : ports.two,
      env: machines.environment,
      ...(cwd ? { cwd } : {}),
    });
  const applications = await Promise.all([start(0), start(1)]);
  const scene = await makeScene(sql, { people: 12, writers: 10, publishers: 2 });
  await until(
    'the balancer has both',
    async () => (await fetch(`http://127.0.0.1:${ports.people}/healthz`)).status === 200,
  );
  await sql.end();

  const ledger = new Ledger();
  const memory = [0, 0];
  const weigh = setInterval(
    () => applications.forEach(({ memory: now }, index) => (memory[index] = Math.max(memory[index]!, now()))),
    1_000,
  );
  const load = new Load(scene, () => [`http://127.0.0.1:${ports.people}`], ledger);
  ledger.begin('all is well');
  load.start({ streams: 200, readers: 4 });
  await pause(PART);

  say('an application process is killed with -9');
  ledger.begin('application killed', { kills: true });
  await applications[0]!.process.kill('SIGKILL');
  await pause(PART / 2);
  applications[0] = await start(0);
  await pause(PART / 2);

  say('one is drained and replaced');
  ledger.begin('application drained');
  await applications[1]!.process.kill('SIGTERM');
  applications[1] = await start(1);
  await pause(PART / 2);

  say('the primary PostgreSQL is killed with -9');
  ledger.begin('primary killed', { kills: true });
  const lost = await machines.primary();
  await machines.loseNode(lost);
  const promoted = await until('the other is the primary', () => machines.isPrimary(1 - lost), 90_000);
  say(`the other one was the primary after ${(promoted / 1000).toFixed(1)} s`);
  await pause(PART);

  say('the old one comes back as a replica');
  ledger.begin('old primary back');
  machines.startNode(lost);
  const back = await machines.untilSynchronous();
  say(`it followed synchronously after ${(back / 1000).toFixed(1)} s`);
  await pause(PART / 2);

  say('a backup is taken under load, and restored beside');
  ledger.begin('backup and restore');
  const beside = await backUpAndRestore(machines.owner, join(folder, 'backup'));
  await pause(PART / 4);

  say('an application of the next schema version is rolled in');
  ledger.begin('next version');
  const next = nextVersion(folder);
  const owner = connect(machines.owner, 2);
  const ran = await migrate(owner, { folder: next.migrations });
  await owner.end();
  for (const index of [0, 1]) {
    await applications[index]!.process.kill('SIGTERM');
    applications[index] = await start(index, next.cwd);
  }
  await pause(PART / 2);
  // what is still under way is waited for, and nobody saves meanwhile
  ledger.closeGap();
  const atEnd = connect(machines.owner, 1);
  await load.end(() => newestShared(atEnd, scene));
  await atEnd.end();
  clearInterval(weigh);

  console.log(`\n${ledger.table()}\n`);
  const after = connect(machines.owner, 2);
  const held = await heldAgainst(after, scene, load, ledger);
  await after.end();
  // streams are ended, and come back
  const requests = KINDS.filter((kind) => kind !== 'stream');
  const failed = requests
    .flatMap((kind) => ['application drained', 'next version'].map((phase) => ledger.errorsOf(kind, phase)))
    .reduce((sum, count) => sum + count, 0);
  return printVerdicts([
    ...held,
    noLongerThan(LONGEST_GAP, ledger),
    { what: 'requests that failed while a process was drained', found: String(failed), isGood: failed === 0 },
    beside,
    { what: 'migrations of the next version', found: ran.join(', '), isGood: ran.length === 1 },
    { what: 'most memory of a process', found: `${Math.max(...memory).toFixed(0)} MB`, isGood: true },
  ]);
}

/** A backup of the database at work, restored into another one beside it. */
async function backUpAndRestore(address: string, folder: string): Promise<Verdict> {
  const manifest = await backUp(address, folder, runDatabaseProgram);
  const sql = connect(address, 1);
  await sql.unsafe('create database beside');
  await sql.end();
  const restored = await restore(address.replace(/\/ypsiline$/, '/beside'), folder, runDatabaseProgram);
  const isSame = JSON.stringify(restored.rows) === JSON.stringify(manifest.rows);
  return {
    what: 'restored beside',
    found: `${restored.rows['revisions']} revisions, ${restored.editions} editions with their SHA-256`,
    isGood: isSame && restored.editions > 0,
  };
}
