import { parseArgs } from 'node:util';
import { BackupProblem } from '../server/backup/back-up';
import { restore } from '../server/backup/restore';
import { runDatabaseProgram } from './database-programs';
import { Failure, run, say } from './setup/say.mjs';

/** `npm run restore -- --from FOLDER`: restores a backup into the empty database that DATABASE_URL names, and holds it against what was backed up. */
await run(async () => {
  const { values } = parseArgs({ options: { from: { type: 'string' } } });
  if (!values.from) throw new Failure('Say where the backup is: npm run restore -- --from FOLDER');
  const { DATABASE_URL: address, DATABASE_APP_URL: application } = process.env;
  if (!address)
    throw new Failure(
      'Name the empty database that it goes into: DATABASE_URL=postgres://… npm run restore -- --from FOLDER',
    );
  const role = application ? decodeURIComponent(new URL(application).username) : null;
  try {
    const { rows, editions, files, made } = await restore(address, values.from, runDatabaseProgram, role);
    say(
      `restored what was backed up on ${made}: ${rows['teams']} teams, ${rows['people']} people, ${rows['specs']} specifications, ${rows['revisions']} revisions`,
    );
    say(`${editions} editions and ${files} files of theirs have the SHA-256 that they were published with`);
  } catch (error) {
    throw error instanceof BackupProblem ? new Failure(error.message) : error;
  }
});
