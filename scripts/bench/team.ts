import { performance } from 'node:perf_hooks';
import { differences } from '../../core/diff/differences';
import { effects } from '../../core/diff/effects';
import { movedAt } from '../../core/diff/moved';
import { publishedDifferences } from '../../core/diff/published-differences';
import { writeCell } from '../../core/quantities/write-cell';
import { specAccess, teamAccess } from '../../server/access/access';
import { actingAs } from '../../server/database/acting-as';
import { applicationAddress, letApplicationIn } from '../../server/database/application-role';
import { connect } from '../../server/database/database';
import { historyOf } from '../../server/specs/history';
import { migrate } from '../../server/database/migrate';
import { addPerson, addTeam } from '../../server/team/people';
import { specPage } from '../../server/specs/spec-list';
import { createSpec } from '../../server/specs/specs';
import { DEMO_SPECS } from '../demo/specs';

/** What the team's pages ask the database, as the application's own role: lists of 20 to 20,000 specs, a history of 5,000 revisions; and a comparison. Run by `npm run bench team`. */

const share = (list: number[], part: number): number => list.toSorted((a, b) => a - b)[Math.floor(list.length * part)]!;
const ms = (value: number): string => `${value.toFixed(1).padStart(7)} ms`;

async function timed(turns: number, work: () => Promise<unknown> | unknown): Promise<number[]> {
  const times: number[] = [];
  await work();
  for (let turn = 0; turn < turns; turn++) {
    const from = performance.now();
    await work();
    times.push(performance.now() - from);
  }
  return times;
}

async function measure(): Promise<void> {
  const url = process.env.DATABASE_URL!;
  const owner = connect(url, 2);
  await migrate(owner);
  await letApplicationIn(owner, url);
  const application = connect(applicationAddress(url), 2);
  const documents = DEMO_SPECS.map(({ drafts }) => drafts.at(-1)!.document);
  const largest = documents.toSorted((a, b) => JSON.stringify(b).length - JSON.stringify(a).length)[0]!;

  console.log('\nThe team, as the application’s own role');
  const lists: number[] = [];
  for (const count of [20, 2_000, 20_000]) {
    const slug = `team-${count}`;
    const team = await addTeam(owner, { slug, name: slug });
    const person = { email: `${slug}@example.test`, name: slug, password: 'long enough for a bench', says: '' };
    const { id: personId } = await addPerson(owner, team.id, person);
    const inTeam = (await teamAccess(owner, personId, slug, 'edit'))!;
    const { id } = await createSpec(owner, inTeam, largest);
    await owner`
      with copies as (
        insert into specs (team_id, slug, name, must_fix, weigh, counts, draft_hash, changed_by, changed_at)
        select team_id, slug || '-' || n, name || ' ' || n, n % 3, n % 5, counts, draft_hash, changed_by, now() - n * interval '1 minute'
          from specs, generate_series(2, ${count}) n where specs.id = ${id}
        returning id),
      kept as (insert into drafts (spec_id, document) select copies.id, document from copies, drafts where spec_id = ${id})
      insert into revisions (spec_id, revision, document, made_by) select copies.id, 1, document, ${personId} from copies, drafts where spec_id = ${id}`;
    await owner`analyze`;
    const sql = actingAs(application, { personId });
    const access = (await teamAccess(sql, personId, slug, 'read'))!;
    const times = await timed(60, () =>
      specPage(sql, access, { sought: '', sort: 'changed', archived: false, page: 1 }),
    );
    lists.push(share(times, 0.95));
    console.log(
      `  a page of ${String(count).padStart(6)} specs      p50 ${ms(share(times, 0.5))}   p95 ${ms(share(times, 0.95))}`,
    );
    if (count !== 20) continue;
    await owner`
      insert into revisions (spec_id, revision, edits, label, made_by, made_at)
      select ${id}, n, '[]', 'Gutter, Desktop', ${personId}, now() from generate_series(2, 5000) n`;
    await owner`update specs set revision = 5000 where id = ${id}`;
    const spec = (await specAccess(sql, personId, { id }, 'read-drafts'))!;
    const history = await timed(60, () => historyOf(sql, spec));
    console.log(
      `  a history of 5,000          p50 ${ms(share(history, 0.5))}   p95 ${ms(share(history, 0.95))} (goal: 200 ms)`,
    );
  }
  console.log(
    `  p95 grows from 20 to 20,000 specs by ${Math.round((lists[2]! / lists[0]! - 1) * 100)} % (goal: less than 50)`,
  );

  const site = documents.find(({ name }) => name === 'Passenger site')!;
  const changed = writeCell(writeCell(site, 'desktop', 'gutter', '20').value!, 'phone', 'count', '6').value!;
  const compared = await timed(30, () => {
    publishedDifferences(site, structuredClone(changed));
  });
  const worked = await timed(30, () => effects(structuredClone(site), structuredClone(changed)));
  const quantities = await timed(30, () => differences(site, structuredClone(changed)));
  const drawn = await timed(200, () => movedAt(site, changed, 1512));
  console.log(
    `  quantities compared         p50 ${ms(share(quantities, 0.5))}   p95 ${ms(share(quantities, 0.95))} (goal: 30 ms)`,
  );
  console.log(`  with the style sheets       p50 ${ms(share(compared, 0.5))}   p95 ${ms(share(compared, 0.95))}`);
  console.log(`  what it comes to            p50 ${ms(share(worked, 0.5))}   p95 ${ms(share(worked, 0.95))}`);
  console.log(`  both grids at one width     p50 ${ms(share(drawn, 0.5))}   p95 ${ms(share(drawn, 0.95))}`);
  await application.end();
  await owner.end();
}

await measure();
