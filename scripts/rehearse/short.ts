import { freePort } from '../setup/ports.mjs';
import { Failure, run, say } from '../setup/say.mjs';
import { startRehearsed } from './application';
import { Ledger } from './ledger';
import { Load } from './load';
import { pause } from './processes';
import { makeScene } from './scene';
import { onStage } from './stage';
import { heldAgainst, newestShared, noLongerThan, printVerdicts } from './verdict';

/** How long each part is under load, in ms. */
const PART = Number(process.env.YPSILINE_REHEARSAL_PART_MS ?? 5_000);

/**
 * The short form: two processes of the application, one replica by plain streaming, no balancer (readers and writers go to the next process where one cannot
 * be reached). One process is killed with -9 under load and started again, the other is drained and replaced.
 */
await run(() =>
  onStage(async ({ processes, sql, url, replicaUrl }) => {
    const env = { DATABASE_URL: url, DATABASE_READ_URLS: replicaUrl, YPSILINE_UNREADY_MS: '500' };
    const ports = [await freePort(4610), await freePort(4640)] as const;
    const start = (index: 0 | 1) =>
      startRehearsed(processes, { name: `application-${index}`, port: ports[index], env });
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
    ledger.begin('one process killed', { kills: true });
    await applications[0]!.process.kill('SIGKILL');
    await pause(PART);
    applications[0] = await start(0);
    say('draining the other, and replacing it');
    // one of two is gone while it is replaced: whoever asks it finds nobody
    ledger.begin('the other drained', { kills: true });
    await applications[1]!.process.kill('SIGTERM');
    applications[1] = await start(1);
    await pause(PART);
    // what is still under way is waited for, and nobody saves meanwhile
    ledger.closeGap();
    await load.end(() => newestShared(sql, scene));

    console.log(`\n${ledger.table()}\n`);
    const verdicts = await heldAgainst(sql, scene, load, ledger);
    if (!printVerdicts([...verdicts, noLongerThan(9_999, ledger)]))
      throw new Failure('The rehearsal found what must not be; see the lines with ✗.');
  }),
);
