import { randomBytes } from 'node:crypto';
import { parseArgs } from 'node:util';
import * as z from 'zod';
import { slug } from '../core/spec/slug';
import { connect } from '../server/database/database';
import { migrate } from '../server/database/migrate';
import { addPerson, addTeam } from '../server/team/people';
import { databaseInUse } from './setup/postgres.mjs';
import { Failure, run, say } from './setup/say.mjs';

const USAGE =
  'npm run add-person -- --team "Harbour office" --name "Rin Sol" --email rin@example.org --says "Grid author"';

const wanted = z.object({
  team: z.string().trim().min(1, 'A team needs a name'),
  name: z.string().trim().min(1, 'A person needs a name'),
  email: z.email('The e-mail is not an address'),
  says: z.string().default(''),
});

/** `npm run add-person`: adds a person to a team, making the team where there is none, and prints a password. */
await run(async () => {
  const { values } = parseArgs({
    options: {
      team: { type: 'string' },
      name: { type: 'string' },
      email: { type: 'string' },
      says: { type: 'string' },
    },
  });
  const read = wanted.safeParse({ team: '', name: '', email: '', ...values });
  if (!read.success) throw new Failure(`${read.error.issues[0]!.message}. Type: ${USAGE}`);
  const { team: teamName, ...person } = read.data;
  const teamSlug = slug(teamName);
  if (!/^[a-z]/.test(teamSlug))
    throw new Failure(`The name “${teamName}” can’t become an address. Start it with a letter.`);
  const cluster = await databaseInUse();
  const sql = connect(cluster.url, 1);
  try {
    await migrate(sql);
    const team = await addTeam(sql, { slug: teamSlug, name: teamName });
    const password = randomBytes(12).toString('base64url');
    const { isNew } = await addPerson(sql, team.id, { ...person, password });
    say(`${person.name} is in ${team.name}`);
    console.log(
      isNew
        ? `    ${person.email}   ${password}`
        : `    ${person.email}   (had an account already; its password stays)`,
    );
  } finally {
    await sql.end();
    await cluster.stop();
  }
});
