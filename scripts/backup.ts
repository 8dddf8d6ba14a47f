import { parseArgs } from 'node:util';
import { BackupProblem, backUp } from '../server/backup/back-up';
import { runDatabaseProgram } from './database-programs';
import { databaseInUse } from './setup/postgres.mjs';
import { Failure, run, say } from './setup/say.mjs';

/** `npm run backup -- --to FOLDER`: backs the database up into a new folder, while people work. */
await run(async () => {
  const { values } = parseArgs({ options: { to: { type: 'string' } } });
  if (!values.to) throw new Failure('Say where the backup goes: npm run backup -- --to FOLDER');
  const cluster = await databaseInUse();
  try {
    const { migration, rows } = await backUp(cluster.url, values.to, runDatabaseProgram);
    say(`backed up into ${values.to}: ${rows['specs']} specifications, ${rows['editions']} editions, at ${migration}`);
  } catch (error) {
    throw error instanceof BackupProblem ? new Failure(error.message) : error;
  } finally {
    await cluster.stop();
  }
});
