import { randomBytes } from 'node:crypto';
import { appendFile, mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { editsBetween } from '../../core/edits/edits-between';
import { writeCell } from '../../core/quantities/write-cell';
import type { Spec } from '../../core/spec/schema';
import { runDatabaseProgram } from '../../scripts/database-programs';
import { seedDemo } from '../../scripts/demo/seed';
import { backUp } from '../../server/backup/back-up';
import { holdEditions, restore } from '../../server/backup/restore';
import { connect } from '../../server/database';
import { draftOf, saveDraft } from '../../server/drafts';
import { documentAt } from '../../server/revisions';
import { createSpec } from '../../server/specs';
import { onSpec, teamWithMember, testDatabase } from './test-database';

const { sql, url } = testDatabase();
const folders: string[] = [];
const emptied: string[] = [];
let backup = '';

const freshFolder = async (): Promise<string> => {
  const folder = await mkdtemp(join(tmpdir(), 'ypsiline-backup-'));
  folders.push(folder);
  return folder;
};

/** An empty database on the same cluster. */
async function emptyDatabase(): Promise<string> {
  const name = `restored_${randomBytes(5).toString('hex')}`;
  await sql().unsafe(`create database ${name}`);
  emptied.push(name);
  return url().replace(/\/[^/]*$/, `/${name}`);
}

beforeAll(async () => {
  await seedDemo(sql());
  backup = await freshFolder();
}, 60_000);
afterAll(async () => {
  for (const folder of folders) await rm(folder, { recursive: true });
  for (const name of emptied) await sql().unsafe(`drop database ${name} with (force)`);
});

describe('a backup', () => {
  test('is of one moment, though people go on saving, and comes back whole', async () => {
    const owner = await teamWithMember(sql(), 'saving-on');
    const document = { ...(await firstDocument()), name: 'Goes on' };
    const { id } = await createSpec(sql(), owner.access, document);
    const access = await onSpec(sql(), owner, id);
    let isOver = false;
    const saving = (async () => {
      for (let revision = 1; !isOver; revision++) {
        const now = (await documentAt(sql(), id, revision)) as Spec;
        const { id: breakpoint } = now.breakpoints[0]!;
        const to = writeCell(now, breakpoint, 'gutter', String((revision % 9) + 4)).value!;
        expect((await saveDraft(sql(), access, { basedOn: revision, edits: editsBetween(now, to) })).saved).toBe(true);
      }
    })();
    const manifest = await backUp(url(), backup, runDatabaseProgram);
    isOver = true;
    await saving;

    const address = await emptyDatabase();
    const restored = await restore(address, backup, runDatabaseProgram);
    expect(restored.rows).toEqual(manifest.rows);
    expect(restored.editions).toBeGreaterThan(2);
    expect(restored.files).toBeGreaterThan(restored.editions);
    const there = connect(address, 1);
    // what the draft is and what its history comes to are of the same moment
    const [{ revision, draft }] = (await there`
      select revision, document as draft from specs join drafts on spec_id = id where id = ${id}`) as unknown as [
      { revision: number; draft: Spec },
    ];
    expect(await documentAt(there, id, revision)).toEqual(draft);
    expect((await draftOf(there, access, revision)).changedBy).toBe('Member of saving-on');
    // and it works on: the application’s role, policies and triggers are there
    await expect(there`delete from editions`).rejects.toThrow(/kept as it was written/);
    await there.end();
  }, 120_000);

  test('goes into an empty folder, and is restored into an empty database only', async () => {
    await expect(backUp(url(), backup, runDatabaseProgram)).rejects.toThrow(/is not empty; give one that is/);
    await expect(restore(url(), backup, runDatabaseProgram)).rejects.toThrow(
      /has \d+ tables already; .* an empty one only/,
    );
  });

  test('that is not whole, or was changed, restores nothing', async () => {
    const address = await emptyDatabase();
    await expect(restore(address, await freshFolder(), runDatabaseProgram)).rejects.toThrow(/holds no whole backup/);
    const changed = await freshFolder();
    await backUp(url(), changed, runDatabaseProgram);
    await appendFile(join(changed, 'ypsiline.dump'), 'x');
    await expect(restore(address, changed, runDatabaseProgram)).rejects.toThrow(
      /is not what was backed up: its SHA-256/,
    );
    const there = connect(address, 1);
    expect(await there`select from pg_tables where schemaname = 'public'`).toHaveLength(0);
    await there.end();
  }, 60_000);

  test('in which an edition is not what was published is found out', async () => {
    await sql()`alter table editions disable trigger user`;
    await sql()`update editions set document = jsonb_set(document, '{name}', '"Another"') where id = (select min(id) from editions)`;
    await expect(holdEditions(sql())).rejects.toThrow(/^The edition [\d.]+ of .* is not what was published/);
  });
});

async function firstDocument(): Promise<Spec> {
  const [{ document }] = (await sql()`select document from drafts limit 1`) as unknown as [{ document: Spec }];
  return document;
}
