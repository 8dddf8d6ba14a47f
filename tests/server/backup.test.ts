import { randomBytes } from 'node:crypto';
import { appendFile, mkdtemp, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { editsBetween } from '../../core/edits/edits-between';
import { writeCell } from '../../core/quantities/write-cell';
import type { Spec } from '../../core/spec/schema';
import { runDatabaseProgram } from '../../scripts/database-programs';
import { seedDemo } from '../../scripts/demo/seed';
import { makeKey } from '../../server/access/keys';
import { backUp, type RunProgram } from '../../server/backup/back-up';
import { type Manifest, MANIFEST } from '../../server/backup/manifest';
import { holdEditions } from '../../server/backup/hold-editions';
import { restore } from '../../server/backup/restore';
import { connect } from '../../server/database/database';
import { draftOf, saveDraft } from '../../server/specs/drafts';
import { makeHook } from '../../server/hooks/hooks';
import { invite } from '../../server/team/invitations';
import { linkForAnybody } from '../../server/team/password-links';
import { openSession, personOfToken } from '../../server/sign-in/sessions';
import { documentAt } from '../../server/specs/revisions';
import { createSpec } from '../../server/specs/specs';
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
}, 300_000);
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
  }, 300_000);

  test('goes into an empty folder, and is restored into an empty database only', async () => {
    await expect(backUp(url(), backup, runDatabaseProgram)).rejects.toThrow(/isn’t empty. Use an empty folder/);
    await expect(restore(url(), backup, runDatabaseProgram)).rejects.toThrow(/already has \d+ tables. .* an empty one/);
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
  }, 300_000);

  test('whose rows are not what was backed up leaves the database empty, however it is found out', async () => {
    const address = await emptyDatabase();
    const there = connect(address, 1);
    const isEmpty = async () =>
      (await there`select from pg_tables where schemaname not in ('pg_catalog', 'information_schema')`).length === 0;
    const spoilt = await freshFolder();
    const manifest = await backUp(url(), spoilt, runDatabaseProgram);
    const write = (changed: Manifest) => writeFile(join(spoilt, MANIFEST), JSON.stringify(changed));
    await write({ ...manifest, digests: { ...manifest.digests, remarks: '1-1' } });
    await expect(restore(address, spoilt, runDatabaseProgram)).rejects.toThrow(/^What remarks holds is not what/);
    expect(await isEmpty()).toBe(true);
    await write({ ...manifest, rows: { ...manifest.rows, specs: manifest.rows['specs']! + 1 } });
    await expect(restore(address, spoilt, runDatabaseProgram)).rejects.toThrow(/^specs has \d+ rows, not \d+/);
    expect(await isEmpty()).toBe(true);
    await there.end();
  }, 300_000);

  test('that was killed when its tables stood beside leaves an empty database, into which it is restored again', async () => {
    const address = await emptyDatabase();
    const there = connect(address, 1);
    const killed: RunProgram = async (program, args, where) => {
      await runDatabaseProgram(program, args, where);
      if (program === 'psql') throw new Error('killed');
    };
    // what a process that was killed leaves: nothing cleans up after it
    const left = restore(address, backup, async (program, args, where) => {
      await killed(program, args, where).catch(async (error: unknown) => {
        await there.unsafe('alter schema ypsiline_restoring rename to kept_by_the_test');
        throw error;
      });
    });
    await expect(left).rejects.toThrow('killed');
    await there.unsafe('alter schema kept_by_the_test rename to ypsiline_restoring');
    expect(await there`select from pg_tables where schemaname = 'public'`).toHaveLength(0);
    const restored = await restore(address, backup, runDatabaseProgram);
    expect(restored.editions).toBeGreaterThan(2);
    expect(await there`select from pg_namespace where nspname = 'ypsiline_restoring'`).toHaveLength(0);
    await there.end();
  }, 300_000);

  test('says what would come to life again, and ends it unless it is to go on', async () => {
    const { access, personId } = await teamWithMember(sql(), 'open-things');
    const token = await openSession(sql(), { personId, address: '', agent: '' });
    const key = await makeKey(sql(), access, { name: 'Build', specIds: null, days: 1 });
    await invite(sql(), access, { email: 'later@example.test', role: 'reader', says: '' }, 'http://here');
    await linkForAnybody(sql(), 'open-things@example.test');
    const { value: hook } = await makeHook(sql(), access, { name: 'H', url: 'own', kinds: ['publish'] });
    await sql()`insert into deliveries (hook_id, team_id, body) values (${hook!.id}, ${access.teamId}, '{}')`;
    const opened = await freshFolder();
    await backUp(url(), opened, runDatabaseProgram);
    const standsAfter = async (keepOpen: boolean) => {
      const address = await emptyDatabase();
      const { open } = await restore(address, opened, runDatabaseProgram, { keepOpen });
      const there = connect(address, 1);
      const session = await personOfToken(there, token);
      const [{ revoked }] = (await there`
        select revoked_at is not null as revoked from access_keys where id = ${key.value!.id}`) as unknown as [
        { revoked: boolean },
      ];
      const due = await there`select from deliveries_due(50, '{}'::uuid[])`;
      await there.end();
      return { open, session: session !== null, revoked, due: due.length };
    };
    const ended = await standsAfter(false);
    expect(ended).toMatchObject({ session: false, revoked: true, due: 0 });
    for (const each of ['sessions', 'keys', 'invitations', 'passwordLinks', 'deliveries'] as const)
      expect(ended.open[each], each).toBeGreaterThan(0);
    expect(await standsAfter(true)).toMatchObject({
      open: { ...ended.open, isEnded: false },
      session: true,
      revoked: false,
      due: 2,
    });
  }, 300_000);

  test('in which an edition is not what was published is found out, and leaves the database empty', async () => {
    await sql()`alter table editions disable trigger user`;
    await sql()`update editions set document = jsonb_set(document, '{name}', '"Another"') where id = (select min(id) from editions)`;
    await expect(holdEditions(sql())).rejects.toThrow(/^The edition [\d.]+ of .* is not what was published/);
    // the digests fit what was backed up; its own SHA-256 does not
    const [address, wrong] = [await emptyDatabase(), await freshFolder()];
    await backUp(url(), wrong, runDatabaseProgram);
    await expect(restore(address, wrong, runDatabaseProgram)).rejects.toThrow(/is not what was published/);
    const there = connect(address, 1);
    expect(await there`select from pg_namespace where nspname = 'ypsiline_restoring'`).toHaveLength(0);
    expect(await there`select from pg_tables where schemaname = 'public'`).toHaveLength(0);
    await there.end();
  }, 300_000);
});

async function firstDocument(): Promise<Spec> {
  const [{ document }] = (await sql()`select document from drafts limit 1`) as unknown as [{ document: Spec }];
  return document;
}
