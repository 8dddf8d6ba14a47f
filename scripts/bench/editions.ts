import { performance } from 'node:perf_hooks';
import { holdingBack, judge } from '../../core/checks/run';
import { writeCell } from '../../core/quantities/write-cell';
import type { Spec } from '../../core/spec/schema';
import { specAccess, teamAccess } from '../../server/access/access';
import { actingAs } from '../../server/database/acting-as';
import { applicationAddress, letApplicationIn } from '../../server/database/application-role';
import { connect, type Sql, type Transaction } from '../../server/database/database';
import { saveDocument } from '../../server/specs/drafts';
import { migrate } from '../../server/database/migrate';
import { addPerson, addTeam } from '../../server/team/people';
import { publishEdition } from '../../server/editions/publish';
import { createSpec } from '../../server/specs/specs';
import { DEMO_SPECS } from '../demo/specs';

/** Publishing the demo’s largest edition: all of it, and for how long its spec is held. Run by `npm run bench editions`. */

const ROUNDS = 8;

/** The document with the most in it of all of the demo that can be published. */
function largest(): Spec {
  const documents = DEMO_SPECS.flatMap(({ drafts }) => drafts.map((each) => each.document)).filter(
    (each) => holdingBack(judge(each)).length === 0,
  );
  return documents.toSorted((a, b) => JSON.stringify(b).length - JSON.stringify(a).length)[0]!;
}

/** The same database, which notes how long a transaction that holds a spec goes on after it asked for that, with its end. */
function watched(sql: Sql, took: number[]): Sql {
  const begin = async <T>(work: (transaction: Transaction) => Promise<T>): Promise<T> => {
    let from = 0;
    const watching = (transaction: Transaction): Transaction =>
      new Proxy(transaction, {
        apply: (target, self, args: [TemplateStringsArray]) => {
          if (args[0]?.join?.('').includes('for no key update')) from = performance.now();
          return Reflect.apply(target as never, self, args) as unknown;
        },
      });
    const result = (await sql.begin((transaction) => work(watching(transaction)))) as T;
    if (from > 0) took.push(performance.now() - from);
    return result;
  };
  return new Proxy(sql, { get: (target, name: keyof Sql) => (name === ('begin' as never) ? begin : target[name]) });
}

async function measure(): Promise<void> {
  const url = process.env.DATABASE_URL!;
  const owner = connect(url, 2);
  await migrate(owner);
  await letApplicationIn(owner, url);
  const team = await addTeam(owner, { slug: 'bench', name: 'Bench', demo: false });
  const person = { email: 'bench@example.test', name: 'Bench', password: 'long enough for a bench', says: '' };
  const { id: personId } = await addPerson(owner, team.id, person);
  const application = connect(applicationAddress(url), 4);
  const sql = actingAs(application, { personId });
  const inTeam = (await teamAccess(sql, personId, 'bench', 'edit'))!;
  let document = largest();
  const { id } = await createSpec(sql, inTeam, document);
  const access = (await specAccess(sql, personId, { id }, 'publish', 'edit'))!;

  const held: number[] = [];
  const whole: number[] = [];
  for (let round = 1; round <= ROUNDS; round++) {
    const from = performance.now();
    const published = await publishEdition(watched(sql, held), access, {
      revision: round,
      version: `${round}.0.0`,
      note: 'Measured.',
    });
    whole.push(performance.now() - from);
    if (!published.published) throw new Error(published.problem);
    document = writeCell(document, document.breakpoints[0]!.id, 'notes', `Round ${round}`).value!;
    await saveDocument(sql, access, { basedOn: round, document });
  }
  const middle = (list: number[]): string => `${list.toSorted((a, b) => a - b)[list.length >> 1]!.toFixed(1)} ms`;
  console.log(
    `\nEditions: ${document.name}, ${JSON.stringify(document).length.toLocaleString('en')} characters, ${ROUNDS} published`,
  );
  console.log(`  publishing, all of it    median ${middle(whole)}`);
  console.log(
    `  its spec is held for     median ${middle(held)}, at most ${Math.max(...held).toFixed(1)} ms (goal: 50 ms)`,
  );
  await application.end();
  await owner.end();
  // the threads that make pictures wait for more
  process.exit(0);
}

void measure();
