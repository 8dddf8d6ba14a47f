import { performance } from 'node:perf_hooks';
import { editsBetween } from '../../core/edits/edits-between';
import { writeCell } from '../../core/quantities/write-cell';
import type { Spec } from '../../core/spec/schema';
import { specAccess, teamAccess } from '../../server/access/access';
import { actingAs } from '../../server/database/acting-as';
import { applicationAddress, letApplicationIn } from '../../server/database/application-role';
import { connect } from '../../server/database/database';
import { draftOf, saveDraft } from '../../server/specs/drafts';
import { migrate } from '../../server/database/migrate';
import { addPerson, addTeam } from '../../server/team/people';
import { createSpec } from '../../server/specs/specs';
import { DEMO_SPECS } from '../demo/specs';

/** Saving a cell of the largest demo draft, reading any of 5,000 revisions, and what they take. Run by `npm run bench drafts`. */

const REVISIONS = 5_000;
async function measure(): Promise<void> {
  const url = process.env.DATABASE_URL!;
  const owner = connect(url, 2);
  await migrate(owner);
  await letApplicationIn(owner, url);
  const team = await addTeam(owner, { slug: 'bench', name: 'Bench', demo: false });
  const { id: personId } = await addPerson(owner, team.id, {
    email: 'bench@example.test',
    name: 'Bench',
    password: 'long enough for a bench',
    says: '',
  });
  // as the application has it: its own role, and for somebody
  const application = connect(applicationAddress(url), 2);
  const sql = actingAs(application, { personId });
  const inTeam = (await teamAccess(sql, personId, 'bench', 'edit'))!;
  let document: Spec = DEMO_SPECS.map(({ drafts }) => drafts.at(-1)!.document).find(
    ({ name }) => name === 'Passenger site',
  )!;
  const { id } = await createSpec(sql, inTeam, document);
  const access = (await specAccess(sql, personId, { id }, 'edit'))!;

  const saves: number[] = [];
  for (let basedOn = 1; basedOn < REVISIONS; basedOn++) {
    const after = writeCell(document, 'tablet', 'gutter', String(8 + (basedOn % 40))).value!;
    const edits = editsBetween(document, after);
    const from = performance.now();
    const answer = await saveDraft(sql, access, { basedOn, edits });
    saves.push(performance.now() - from);
    if (!answer.saved) throw new Error(JSON.stringify(answer));
    document = after;
  }

  // the same statements alone, with nothing worked out
  const json = sql.json(document);
  const edit = sql.json(editsBetween(document, { ...document, name: 'Other' }) as never);
  const bare: number[] = [];
  for (let turn = 0; turn < 500; turn++) {
    const from = performance.now();
    await sql.begin(async (transaction) => {
      await transaction`select revision, document from specs join drafts on spec_id = id where id = ${id} for update of specs`;
      await transaction`
      with newest as (update drafts set document = ${json} where spec_id = ${id})
      insert into revisions (spec_id, revision, edits, made_by) values (${id}, ${REVISIONS + 1 + turn}, ${edit}, ${personId})`;
      await transaction`update specs set revision = revision where id = ${id}`;
      await transaction`update specs set name = name, must_fix = 0, weigh = 0, counts = counts, changed_by = ${personId} where id = ${id}`;
    });
    bare.push(performance.now() - from);
  }

  const updates: number[] = [];
  for (let turn = 0; turn < 500; turn++) {
    const from = performance.now();
    await owner`update drafts set document = ${json} where spec_id = ${id}`;
    updates.push(performance.now() - from);
  }

  const reads: number[] = [];
  for (let revision = 31; revision <= REVISIONS; revision += 97) {
    const from = performance.now();
    await draftOf(sql, access, revision);
    reads.push(performance.now() - from);
  }
  const last = performance.now();
  await draftOf(sql, access, REVISIONS);
  const newest = performance.now() - last;
  const [size] = await owner<{ bytes: string; cell: string; whole: number }[]>`
  select pg_total_relation_size('revisions') as bytes,
         (select max(pg_column_size(edits) + 100) from revisions where document is null) as cell,
         (select count(document)::int from revisions) as whole`;

  const share = (list: number[], part: number): number =>
    list.toSorted((a, b) => a - b)[Math.floor(list.length * part)]!;
  const ms = (value: number): string => `${value.toFixed(1).padStart(7)} ms`;
  console.log(`\nDrafts: ${REVISIONS.toLocaleString('en')} revisions of the passenger site, a cell changed in each`);
  console.log(`  save of a cell              p50 ${ms(share(saves, 0.5))}   p95 ${ms(share(saves, 0.95))}`);
  console.log(`  the same statements alone   p50 ${ms(share(bare, 0.5))}   p95 ${ms(share(bare, 0.95))}`);
  console.log(`  an UPDATE of the draft      p50 ${ms(share(updates, 0.5))}   p95 ${ms(share(updates, 0.95))}`);
  console.log(`  p95 is ${(share(saves, 0.95) / share(bare, 0.95)).toFixed(1)} times the statements (goal: 3)`);
  console.log(
    `  reading any revision        p50 ${ms(share(reads, 0.5))}   p95 ${ms(share(reads, 0.95))} (goal: 20 ms)`,
  );
  console.log(`  reading revision ${REVISIONS}           ${ms(newest)}`);
  console.log(
    `  all revisions ${(Number(size!.bytes) / 1e6).toFixed(1)} MB, ${size!.whole} kept whole; one of a cell at most ${size!.cell} B (goal: 2,000)`,
  );
  await application.end();
  await owner.end();
}

void measure();
