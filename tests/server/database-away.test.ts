import { expect, test } from 'vitest';
import { connect, database } from '../../server/database/database';
import { DatabaseAway, safeTwice } from '../../server/database/database-away';
import { testDatabase } from './test-database';

const { sql, url } = testDatabase();

/** Cuts every connection to the test's database but the one that asks. */
async function cut(): Promise<void> {
  await sql()`select pg_terminate_backend(pid) from pg_stat_activity where datname = current_database() and pid <> pg_backend_pid() and application_name <> 'tester'`;
}

/** A table that the application may write. */
async function table(name: string): Promise<void> {
  await sql().unsafe(`create table ${name} (number int); grant all on ${name} to ypsiline_app`);
}

test('questions go on right after their connections were cut, fifty times under load', async () => {
  process.env.DATABASE_URL = url();
  await table('numbers');
  await sql()`insert into numbers select * from generate_series(1, 1000)`;
  let isOver = false;
  const wrong: unknown[] = [];
  let answered = 0;
  // some for nobody, some for somebody, whose questions stand in transactions
  const reader = async (_: unknown, turn: number): Promise<void> => {
    const pool = turn % 2 === 0 ? database() : database({ personId: '1' });
    while (!isOver) {
      try {
        const [row] = await pool<{ sum: string }[]>`select sum(number) from numbers where number <= ${1000}`;
        if (row?.sum !== '500500') wrong.push(row);
        answered++;
      } catch (error) {
        if (!(error instanceof DatabaseAway)) wrong.push(error);
      }
    }
  };
  const readers = Array.from({ length: 12 }, reader);
  for (let round = 0; round < 50; round++) {
    await cut();
    await new Promise((resolve) => setTimeout(resolve, 40));
  }
  // every reader is answered again, however long a busy machine takes
  const before = answered;
  await expect.poll(() => answered - before, { timeout: 120_000 }).toBeGreaterThan(50);
  isOver = true;
  await Promise.all(readers);
  expect(wrong).toEqual([]);
}, 300_000);

test('a transaction that was cut off is told as such, and what it wrote is whole or not there', async () => {
  const pool = database();
  await table('pairs');
  const outcomes = await Promise.allSettled(
    Array.from({ length: 40 }, async (_, number) => {
      await new Promise((resolve) => setTimeout(resolve, number * 10));
      return pool.begin(async (transaction) => {
        await transaction`insert into pairs values (${number})`;
        if (number % 5 === 0) await cut().catch(() => {});
        await transaction`insert into pairs values (${number})`;
      });
    }),
  );
  const away = outcomes.filter((outcome) => outcome.status === 'rejected');
  expect(away.length).toBeGreaterThan(0);
  for (const { reason } of away as PromiseRejectedResult[]) expect(reason).toBeInstanceOf(DatabaseAway);
  const odd = await pool`select number from pairs group by number having count(*) <> 2`;
  expect(odd).toHaveLength(0);
});

test('nothing of a transaction is written after its connection was cut', async () => {
  const pool = database();
  await table('lone');
  const outcome = pool.begin(async (transaction) => {
    await transaction`insert into lone values (1)`;
    await cut();
    // others take up the connection, which the driver makes anew
    await Promise.allSettled(Array.from({ length: 30 }, () => pool`select 1`));
    await transaction`insert into lone values (2)`;
  });
  await expect(outcome).rejects.toBeInstanceOf(DatabaseAway);
  await new Promise((resolve) => setTimeout(resolve, 300));
  expect(await pool`select * from lone`).toHaveLength(0);
});

test('an address where nobody answers is told at once', async () => {
  const nobody = connect('postgres://nobody@127.0.0.1:9/none', 1);
  await expect(nobody`select 1`).rejects.toMatchObject({ code: 'ECONNREFUSED' });
  await nobody.end();
});

test('two transactions that wait for each other: one is taken back by the database, begun once more, and both are done', async () => {
  const pool = database();
  await table('crossed');
  await sql()`insert into crossed values (1), (2)`;
  const begun: number[] = [];
  const meet = { there: 0, go: (): void => {} };
  const both = new Promise<void>((resolve) => (meet.go = resolve));
  const change = (first: number, second: number): Promise<unknown> =>
    pool.begin(async (transaction) => {
      begun.push(first);
      await transaction`update crossed set number = number where number = ${first}`;
      if (++meet.there === 2) meet.go();
      await both;
      await transaction`update crossed set number = number where number = ${second}`;
    });
  await Promise.all([change(1, 2), change(2, 1)]);
  expect(begun).toHaveLength(3);
}, 300_000);

test('what is safe to do twice is done once more after a loss, and an error of its own is passed on', async () => {
  let turns = 0;
  const lost = new DatabaseAway(new Error('cut'));
  expect(await safeTwice(async () => (turns++ === 0 ? Promise.reject(lost) : turns))).toBe(2);
  await expect(safeTwice(async () => Promise.reject(lost))).rejects.toBe(lost);
  await expect(safeTwice(async () => Promise.reject(new Error('a fault')))).rejects.toThrow('a fault');
});

test('through a pooler nothing is asked before the answer to what was asked before; transactions keep their connection', async () => {
  const pooled = connect(url(), 2, { isPooled: true });
  const sums = await Promise.all(
    Array.from({ length: 40 }, (_, number) =>
      number % 2 === 0
        ? pooled<{ sum: number }[]>`select ${number}::int + 1 as sum`
        : pooled.begin(async (transaction) => {
            await transaction`select set_config('ypsiline.person', ${String(number)}, true)`;
            return transaction<{ sum: number }[]>`select current_setting('ypsiline.person')::int + 1 as sum`;
          }),
    ),
  );
  expect(sums.map(([row]) => row!.sum)).toEqual(Array.from({ length: 40 }, (_, number) => number + 1));
  await pooled.end();
});
