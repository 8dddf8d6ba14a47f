import { execFileSync } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { letApplicationIn, applicationAddress } from '../../server/application-role';
import { connect } from '../../server/database';
import { migrate } from '../../server/migrate';
import { freePort } from '../setup/ports.mjs';
import { startCluster } from '../setup/postgres.mjs';
import { isRoot } from '../setup/process.mjs';
import { Failure, run, say } from '../setup/say.mjs';
import { startApplication } from './application';
import { Ledger } from './ledger';
import { Load } from './load';
import { pause, Processes } from './processes';
import { startReplica } from './replica';
import { makeScene } from './scene';
import { heldAgainst, printVerdicts } from './verdict';

/** How long each part is under load, in ms. */
const PART = Number(process.env.YPSILINE_REHEARSAL_PART_MS ?? 8_000);

/**
 * The short form: two processes of the application, one replica by plain streaming, no balancer (readers and writers go to the next process where one cannot
 * be reached). One process is killed with -9 under load and started again, the other is drained and replaced.
 */
await run(async () => {
  const folder = mkdtempSync(join(tmpdir(), 'ypsiline-rehearsal-'));
  if (isRoot) execFileSync('chown', ['postgres:', folder]);
  const processes = new Processes(folder);
  const cluster = await startCluster(join(folder, 'primary'));
  try {
    const sql = connect(cluster.url, 4);
    await migrate(sql);
    await letApplicationIn(sql, cluster.url);
    const replica = await startReplica({
      primary: cluster.url,
      folder: join(folder, 'replica'),
      port: await freePort(54600),
    });
    const replicaUrl = applicationAddress(cluster.url).replace(/:\d+\//, `:${replica.port}/`);
    const env = { DATABASE_URL: cluster.url, DATABASE_READ_URLS: replicaUrl, YPSILINE_UNREADY_MS: '500' };
    const ports = [await freePort(4610), await freePort(4640)] as const;
    const start = (index: 0 | 1) =>
      startApplication(processes, { name: `application-${index}`, port: ports[index], env });
    const applications = await Promise.all([start(0), start(1)]);
    const scene = await makeScene(sql, { people: 8, writers: 6, publishers: 2 });

    const ledger = new Ledger();
    let turn = 0;
    const load = new Load(
      scene,
      () => {
        const urls = applications.map(({ url }) => url);
        return turn++ % 2 === 0 ? urls : urls.reverse();
      },
      ledger,
    );
    ledger.begin('all is well');
    load.start({ streams: 40, readers: 3 });
    await pause(PART);
    say('killing a process of the application with -9');
    ledger.begin('one process killed');
    await applications[0]!.process.kill('SIGKILL');
    await pause(PART);
    applications[0] = await start(0);
    say('draining the other, and replacing it');
    ledger.begin('the other drained');
    await applications[1]!.process.kill('SIGTERM');
    applications[1] = await start(1);
    await pause(PART);
    // what is still under way is waited for, and nobody saves meanwhile
    ledger.closeGap();
    await load.end();

    console.log(`\n${ledger.table()}\n`);
    const verdicts = await heldAgainst(sql, scene, load, ledger);
    const isGood = printVerdicts([
      ...verdicts,
      {
        what: 'longest time without a save',
        found: `${(ledger.longestGap / 1000).toFixed(1)} s`,
        isGood: ledger.longestGap < 10_000,
      },
    ]);
    await sql.end();
    await replica.stop();
    if (!isGood) throw new Failure('The rehearsal found what must not be; see the lines with ✗.');
  } finally {
    await processes.end();
    await cluster.stop();
    rmSync(folder, { recursive: true, force: true });
  }
});
