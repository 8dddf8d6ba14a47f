import type { Sql, Transaction } from './sql';
import { isLostConnection } from './database-away';

/** For whom the database answers: a person, or a key. Its policies go by this (`migrations/009-people-and-roles.sql`). */
export type Asker = { personId: string; keyId?: string; address?: string | null };

type Tag = (strings: TemplateStringsArray, ...args: unknown[]) => PromiseLike<unknown>;

/**
 * The same database, asked for somebody: every statement runs in a transaction that begins by saying for whom. A statement that
 * stands by itself is sent together with that, so that it costs no further wait.
 */
export function actingAs(sql: Sql, asker: Asker): Sql {
  const say = (transaction: Transaction): Promise<unknown> => {
    const said = transaction`
      select set_config('ypsiline.person', ${asker.keyId ? '' : asker.personId}, true),
             set_config('ypsiline.key', ${asker.keyId ?? ''}, true),
             set_config('ypsiline.address', ${asker.address ?? ''}, true)`.then(() => {});
    // whoever waits for the statements hears of it; nobody may be waiting for this yet
    said.catch(() => {});
    return said;
  };
  const begin = <T>(work: (transaction: Transaction) => Promise<T>): Promise<T> =>
    sql.begin(async (transaction) => {
      const said = say(transaction as Transaction);
      const result = await work(transaction as Transaction);
      await said;
      return result;
    }) as Promise<T>;

  const alone = (strings: TemplateStringsArray, args: unknown[]): Promise<unknown> =>
    begin(async (transaction) => (transaction as unknown as Tag)(strings, ...args));
  const asked = async (strings: TemplateStringsArray, args: unknown[]): Promise<unknown> => {
    try {
      return await alone(strings, args);
    } catch (error) {
      if (!isLostConnection(error) || !/^\s*select\b/i.test(strings[0] ?? '')) throw error;
      // what only reads is asked once more
      return alone(strings, args);
    }
  };

  return new Proxy(function () {} as unknown as Sql, {
    apply: (_, _this, [strings, ...args]: [TemplateStringsArray, ...unknown[]]) => {
      const query = (sql as unknown as Tag)(strings, ...args);
      // names and lists of values are no queries
      if (!Array.isArray(strings) || !('raw' in strings)) return query;
      let answer: Promise<unknown> | null = null;
      const once = (): Promise<unknown> => (answer ??= asked(strings, args));
      return Object.assign(query, {
        then: (done?: never, failed?: never) => once().then(done, failed),
        catch: (failed?: never) => once().catch(failed),
        finally: (done?: never) => once().finally(done),
      });
    },
    get: (_, name: keyof Sql) => (name === 'begin' ? begin : sql[name]),
  });
}
