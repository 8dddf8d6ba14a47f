import { mkdirSync } from 'node:fs';
import { join } from 'node:path';
import { startCluster } from '../setup/postgres.mjs';
import { isRoot, mustExecute } from '../setup/process.mjs';

/**
 * Saving and reading drafts, on a PostgreSQL of its own.
 * @param {string} folder
 */
export async function measureDrafts(folder) {
  const data = join(folder, 'drafts');
  mkdirSync(data);
  if (isRoot) await mustExecute('Giving the folder to postgres', 'chown', ['postgres:', data]);
  const cluster = await startCluster(data);
  try {
    const env = { ...process.env, DATABASE_URL: cluster.url };
    console.log(await mustExecute('Saving drafts', 'node_modules/.bin/tsx', ['scripts/bench/drafts.ts'], { env }));
  } finally {
    await cluster.stop();
  }
}
