import { parseArgs } from 'node:util';
import { connect } from '../server/database/database';
import { linkForAnybody, PASSWORD_LINK_HOURS } from '../server/team/password-links';
import { databaseInUse } from './setup/postgres.mjs';
import { Failure, run, say } from './setup/say.mjs';

const USAGE = 'npm run password-link -- --email rin@example.org';

/** `npm run password-link`: makes a link by which somebody who forgot their password chooses another, whatever teams they are in. */
await run(async () => {
  const { values } = parseArgs({ options: { email: { type: 'string' } } });
  if (!values.email) throw new Failure(`Whose password? Type: ${USAGE}`);
  const cluster = await databaseInUse();
  const sql = connect(cluster.url, 1);
  try {
    const { value, problem } = await linkForAnybody(sql, values.email);
    if (problem !== undefined) throw new Failure(problem);
    say(`this link works once, within ${PASSWORD_LINK_HOURS} hours`);
    console.log(`    ${value.path}   (after the address of this installation)`);
  } finally {
    await sql.end();
    await cluster.stop();
  }
});
