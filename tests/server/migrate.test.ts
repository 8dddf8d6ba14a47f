import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { mkdtemp, rename, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach, describe, expect, test } from 'vitest';
import { migrate, MigrationsDiffer } from '../../server/database/migrate';
import { testDatabase } from './test-database';

const { sql, url } = testDatabase();

let folder: string;
beforeEach(async () => {
  folder = await mkdtemp(join(tmpdir(), 'ypsiline-migrations-'));
  // a database that has been through nothing
  await sql()`drop table if exists migrations, one, two, three`;
});
afterEach(() => rm(folder, { recursive: true }));

const write = (name: string, text: string) => writeFile(join(folder, name), text);

describe('migrations', () => {
  test('run once, in order, each whole or not at all', async () => {
    await write('001-one.sql', 'create table one (number int);');
    await write('002-two.sql', 'create table two (number int); insert into one values (1);');
    expect(await migrate(sql(), { folder })).toEqual(['001-one.sql', '002-two.sql']);
    expect(await migrate(sql(), { folder })).toEqual([]);
    await write('003-three.sql', 'create table three (number int); insert into nowhere values (1);');
    await expect(migrate(sql(), { folder })).rejects.toThrow('nowhere');
    expect(await sql()`select to_regclass('three') as three`).toMatchObject([{ three: null }]);
    await write('003-three.sql', 'create table three (number int);');
    expect(await migrate(sql(), { folder })).toEqual(['003-three.sql']);
  });

  test('one that was changed after it ran is refused, and nothing else runs', async () => {
    await write('001-one.sql', 'create table one (number int);');
    await migrate(sql(), { folder });
    await write('001-one.sql', 'create table one (number bigint);');
    await write('002-two.sql', 'create table two (number int);');
    await expect(migrate(sql(), { folder })).rejects.toThrow(
      'The migration 001-one.sql was changed after it ran. Restore it, and put the change into a new migration.',
    );
    expect(await sql()`select to_regclass('two') as two`).toMatchObject([{ two: null }]);
  });

  test('gaps, numbers that are taken twice, and one that is gone are refused', async () => {
    await write('001-one.sql', 'select 1;');
    await write('003-three.sql', 'select 1;');
    await expect(migrate(sql(), { folder })).rejects.toThrow('The migration 002 is missing');
    await rename(join(folder, '003-three.sql'), join(folder, '001-two.sql'));
    await expect(migrate(sql(), { folder })).rejects.toThrow(MigrationsDiffer);
    await rename(join(folder, '001-two.sql'), join(folder, '002-two.sql'));
    await migrate(sql(), { folder });
    await rm(join(folder, '002-two.sql'));
    await expect(migrate(sql(), { folder })).rejects.toThrow(
      'The database has been through 002-two.sql, which is not among',
    );
  });

  test('those that ran before checksums were kept get theirs', async () => {
    await write('001-one.sql', 'create table one (number int);');
    await migrate(sql(), { folder });
    await sql()`update migrations set checksum = null`;
    await migrate(sql(), { folder });
    const [row] = await sql()`select checksum from migrations`;
    expect(row!.checksum).toMatch(/^[0-9a-f]{64}$/);
  });

  test('two processes that start at once take turns', async () => {
    await write('001-one.sql', 'create table one (number int); select pg_sleep(1);');
    await write('002-two.sql', 'create table two (number int); insert into one values (1);');
    const run = `
      import { connect } from './server/database/database';
      import { migrate } from './server/database/migrate';
      const sql = connect(process.env.DATABASE_URL, 1);
      console.log((await migrate(sql, { folder: process.env.FOLDER })).length);
      await sql.end();`;
    const processes = [0, 1, 2].map(async () => {
      const child = spawn(process.execPath, ['--import', 'tsx', '--input-type=module', '-e', run], {
        env: { ...process.env, DATABASE_URL: url(), FOLDER: folder },
        stdio: ['ignore', 'pipe', 'inherit'],
      });
      let said = '';
      child.stdout.on('data', (chunk) => (said += String(chunk)));
      const [code] = (await once(child, 'close')) as [number];
      return `${code}: ${said.trim()}`;
    });
    expect((await Promise.all(processes)).sort()).toEqual(['0: 0', '0: 0', '0: 2']);
    expect(await sql()`select count(*)::int as count from one`).toMatchObject([{ count: 1 }]);
  }, 300_000);
});
