import { mkdirSync } from 'node:fs';
import { join } from 'node:path';
import { startCluster } from '../setup/postgres.mjs';
import { isRoot, mustExecute } from '../setup/process.mjs';

/**
 * Runs a bench of this folder on a PostgreSQL of its own.
 * @param name drafts: saving and reading them; editions: publishing; team: lists, histories, comparisons
 */
export async function measureOnDatabase(folder: string, name: 'drafts' | 'editions' | 'team') {
  const data = join(folder, name);
  mkdirSync(data);
  if (isRoot) await mustExecute('Giving the folder to postgres', 'chown', ['postgres:', data]);
  const cluster = await startCluster(data);
  try {
    const env = { ...process.env, DATABASE_URL: cluster.url };
    console.log(await mustExecute(`Measuring ${name}`, 'node_modules/.bin/tsx', [`scripts/bench/${name}.ts`], { env }));
  } finally {
    await cluster.stop();
  }
}
