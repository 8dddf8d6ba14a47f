import { execFileSync } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { applicationAddress, letApplicationIn } from '../../server/database/application-role';
import { connect, type Sql } from '../../server/database/database';
import { migrate } from '../../server/database/migrate';
import { freePort } from '../setup/ports.mjs';
import { startCluster } from '../setup/postgres.mjs';
import { isRoot } from '../setup/process.mjs';
import { Processes } from './processes';
import { startReplica } from './replica';

/** A migrated primary, and a replica of it by plain streaming. */
export type Stage = {
  processes: Processes;
  /** The primary, as its owner. */
  sql: Sql;
  url: string;
  /** The replica, as the application connects to it. */
  replicaUrl: string;
  stopReplica: () => Promise<void>;
};

/** A folder of its own, which the database's server may write. */
export function stageFolder(): string {
  const folder = mkdtempSync(join(tmpdir(), 'ypsiline-rehearsal-'));
  if (isRoot) execFileSync('chown', ['postgres:', folder]);
  return folder;
}

/** Does something with a primary and a replica that are there for it alone; nothing of them is left. */
export async function onStage(act: (stage: Stage) => Promise<void>): Promise<void> {
  const folder = stageFolder();
  const processes = new Processes(folder);
  const cluster = await startCluster(join(folder, 'primary'));
  const sql = connect(cluster.url, 4);
  let stopReplica = async (): Promise<void> => {};
  try {
    await migrate(sql);
    await letApplicationIn(sql, cluster.url);
    const port = await freePort(54600);
    const replica = await startReplica({ primary: cluster.url, folder: join(folder, 'replica'), port });
    let isThere = true;
    stopReplica = async () => {
      if (isThere) await replica.stop();
      isThere = false;
    };
    const replicaUrl = applicationAddress(cluster.url).replace(/:\d+\//, `:${port}/`);
    await act({ processes, sql, url: cluster.url, replicaUrl, stopReplica });
  } finally {
    await processes.end();
    await sql.end({ timeout: 5 });
    await stopReplica();
    await cluster.stop();
    rmSync(folder, { recursive: true, force: true });
  }
}
