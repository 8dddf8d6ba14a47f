import { randomInt } from 'node:crypto';
import { setTimeout as pause } from 'node:timers/promises';
import { type SpecAccess, specAccess, teamAccess } from '../../server/access/access';
import type { Action } from '../../server/access/permissions';
import { actingAs } from '../../server/database/acting-as';
import { connect, type Sql } from '../../server/database/database';
import { saveDocument } from '../../server/specs/drafts';
import { publishEdition } from '../../server/editions/publish';
import { changeRole } from '../../server/team/members';
import { writeRemark } from '../../server/specs/remarks';
import { answerReview, askReview } from '../../server/specs/reviews';
import { specOf } from '../../server/specs/specs';

/**
 * Many clients at one spec, each doing one thing after another, until the time is over or the process is killed. What was acknowledged is written to standard
 * output, a line each: `saved 12`, `published 1.0.3`.
 *
 * `node --import tsx tests/server/many-clients.ts ADDRESS SPEC SECONDS PERSON…`
 */
const [address, specId, seconds, ...people] = process.argv.slice(2) as [string, string, string, ...string[]];
const application = connect(address, 12);
const until = Date.now() + Number(seconds) * 1000;

const [owner] = people as [string, ...string[]];

async function act(personId: string): Promise<string | null> {
  const sql = actingAs(application, { personId });
  const access = await specAccess(sql, personId, { id: specId }, 'read-drafts');
  if (!access) return null;
  const granted = access as SpecAccess<Action>;
  const turn = randomInt(100);
  const { revision } = await specOf(sql, granted);
  if (turn < 60 && access.role !== 'reviewer') return save(sql, granted);
  if (turn < 72) {
    await askReview(sql, granted, { note: 'Look.', people: [] });
    return null;
  }
  if (turn < 84) {
    const { problem } = await answerReview(sql, granted, { verdict: 'approve', note: '', revision });
    return problem === undefined ? 'approved' : null;
  }
  if (turn < 90) {
    const { value } = await writeRemark(sql, granted, { text: `At ${revision}` });
    return value ? `remarked ${value}` : null;
  }
  if (turn < 92 && access.role !== 'reviewer') {
    const version = `1.${revision}.0`;
    const published = await publishEdition(sql, granted, { revision, version, note: 'So far.', stepReason: 'Tested.' });
    return published.published ? `published ${version}` : null;
  }
  return changeSomebody();
}

/** The owner changes what somebody may do. */
async function changeSomebody(): Promise<string | null> {
  const sql = actingAs(application, { personId: owner });
  const team = await teamAccess(sql, owner, 'crowd', 'people');
  const other = people[1 + randomInt(people.length - 1)]!;
  if (!team) return null;
  await changeRole(sql, team, other, (['author', 'reviewer', 'author'] as const)[randomInt(3)]!);
  return null;
}

/** Saves a change of the newest draft; where another came first, of the one that is there then. */
async function save(sql: Sql, access: SpecAccess<Action>): Promise<string | null> {
  for (let turn = 0; turn < 8; turn++) {
    const { revision, document } = await specOf(sql, access);
    const gutter = `${4 + randomInt(30)}px`;
    const breakpoints = document.breakpoints.map((each) => ({
      ...each,
      columns: { ...each.columns, gutter },
      notes: `${randomInt(1e9)}`,
    }));
    const saved = await saveDocument(sql, access, { basedOn: revision, document: { ...document, breakpoints } });
    if (saved.saved) return `saved ${saved.revision}`;
  }
  return null;
}

async function client(personId: string): Promise<void> {
  while (Date.now() < until) {
    try {
      const done = await act(personId);
      if (done) process.stdout.write(`${done}\n`);
    } catch (error) {
      // what the database refuses, because a role has just changed or two waited for each other, is no fault of the client
      process.stdout.write(`refused ${String((error as { code?: string }).code ?? (error as Error).message)}\n`);
    }
    await pause(randomInt(10));
  }
}

await Promise.all(people.map(client));
await application.end();
