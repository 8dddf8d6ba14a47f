import { parseArgs } from 'node:util';
import { BackupProblem } from '../server/backup/back-up';
import { restore } from '../server/backup/restore';
import { runDatabaseProgram } from './database-programs';
import { Failure, run, say } from './setup/say.mjs';

/** `npm run restore -- --from FOLDER [--keep-open]`: restores a backup into the empty database that DATABASE_URL names, and holds it against what was backed up. */
await run(async () => {
  const { values } = parseArgs({ options: { from: { type: 'string' }, 'keep-open': { type: 'boolean' } } });
  if (!values.from) throw new Failure('Say where the backup is: npm run restore -- --from FOLDER');
  const { DATABASE_URL: address, DATABASE_APP_URL: application } = process.env;
  if (!address)
    throw new Failure(
      'Name the empty database that it goes into: DATABASE_URL=postgres://… npm run restore -- --from FOLDER',
    );
  const role = application ? decodeURIComponent(new URL(application).username) : null;
  try {
    const { rows, editions, files, made, open } = await restore(address, values.from, runDatabaseProgram, {
      applicationRole: role,
      keepOpen: values['keep-open'],
    });
    say(
      `restored what was backed up on ${made}: ${rows['teams']} teams, ${rows['people']} people, ${rows['specs']} specifications, ${rows['revisions']} revisions`,
    );
    say(`${editions} editions and ${files} files of theirs have the SHA-256 that they were published with`);
    const { sessions, keys, invitations, passwordLinks, deliveries } = open;
    const list = `${sessions} sessions, ${keys} keys and public links, ${invitations} invitations, ${passwordLinks} password links and ${deliveries} waiting web hook deliveries`;
    say(
      open.isEnded
        ? `${list} were open in the backup and are ended now; with --keep-open they go on`
        : `${list} were open in the backup and work again, also those that were revoked or used since`,
    );
  } catch (error) {
    throw error instanceof BackupProblem ? new Failure(error.message) : error;
  }
});
