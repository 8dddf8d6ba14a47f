import postgres from 'postgres';
import { actingAs, type Asker } from './acting-as';
import { applicationAddress } from './application-role';
import { DatabaseAway, isLostConnection } from './database-away';
import { readEnvironment } from './environment';
import type { Query, Sql, Transaction } from './sql';

export type { Query, Sql, Transaction };

/** A question that is not answered within this time, in ms, counts as lost: whoever asked is told, and may ask again. */
const PATIENCE_MS = 8_000;

/** How long the database itself goes on with a statement, waits for a lock, or keeps a transaction that says nothing. */
const TIME_LIMITS = {
  statement_timeout: 10_000,
  lock_timeout: 5_000,
  idle_in_transaction_session_timeout: 10_000,
};

const kept = globalThis as typeof globalThis & { ypsilineSql?: Sql; ypsilineAwayAt?: number };

/**
 * The pool of this process, made at the first question, so that a build needs no database. When a connection is lost,
 * the pool makes way for a fresh one; a question that only reads is asked once more, anything else ends with
 * `DatabaseAway`.
 *
 * @param asker for whom it answers; without one, only what is asked before it is known who asks: sign-in, keys, links
 */
export function database(asker?: Asker): Sql {
  return asker ? actingAs(guarded, asker) : guarded;
}

export function connect(url: string, max = 10): Sql {
  return postgres(url, {
    max,
    idle_timeout: 30,
    // nothing here is an array, and a question of the driver's own would fail unheard
    fetch_types: false,
    connect_timeout: 5,
    backoff: () => 0.2,
    connection: TIME_LIMITS,
    onnotice: () => {},
    transform: { column: { from: postgres.toCamel } },
  }) as Sql;
}

function pool(): Sql {
  kept.ypsilineSql ??= connect(ownAddress());
  return kept.ypsilineSql;
}

function ownAddress(): string {
  const { DATABASE_URL, DATABASE_APP_URL } = readEnvironment();
  return DATABASE_APP_URL ?? applicationAddress(DATABASE_URL);
}

/** Where the database is listened to: past a pooler, if there is one. */
export function listenAddress(): string {
  return readEnvironment().DATABASE_LISTEN_URL ?? ownAddress();
}

/** A pool that has lost a connection makes way for a fresh one: the others may be lost too, and not know it yet. */
function replace(spoilt: Sql): void {
  kept.ypsilineAwayAt = Date.now();
  if (kept.ypsilineSql === spoilt) delete kept.ypsilineSql;
  void spoilt.end({ timeout: 5 }).catch(() => {});
}

type Ask = (sql: Sql) => PromiseLike<unknown>;

/** Asks on the pool as it is now; what is safe to ask twice is asked again after a loss. */
async function ask(question: Ask, isSafeTwice: boolean): Promise<unknown> {
  const asked = pool();
  try {
    return await withinPatience(question(asked));
  } catch (error) {
    if (!isLostConnection(error)) throw error;
    replace(asked);
    if (!isSafeTwice || error instanceof DatabaseAway) throw new DatabaseAway(error);
    return ask(question, false);
  }
}

async function withinPatience(answer: PromiseLike<unknown>): Promise<unknown> {
  let timer: NodeJS.Timeout | undefined;
  const late = new Promise((_, reject) => {
    timer = setTimeout(() => reject(new DatabaseAway(new Error(`no answer within ${PATIENCE_MS} ms`))), PATIENCE_MS);
  });
  try {
    return complete(await Promise.race([answer, late]));
  } finally {
    clearTimeout(timer);
  }
}

/** An answer to a statement carries the command that was carried out; one without was cut off. */
function complete(answer: unknown): unknown {
  const cutOff = Array.isArray(answer) && 'command' in answer && !answer.command && answer.length === 0;
  if (cutOff) throw Object.assign(new Error('the answer was cut off'), { code: 'CONNECTION_CLOSED' });
  return answer;
}

/** A query that is asked, under guard, when somebody waits for it; until then it can stand inside another. */
function waited<Q extends PromiseLike<unknown>>(query: Q, again: Ask): Q {
  const plain = query.then.bind(query);
  let answer: Promise<unknown> | null = null;
  const first: Ask = () => ({ then: plain }) as PromiseLike<unknown>;
  const asked = (): Promise<unknown> => {
    let turn = 0;
    answer ??= ask((sql) => (turn++ === 0 ? first(sql) : again(sql)), readsOnly(query));
    return answer;
  };
  return Object.assign(query, {
    then: (done?: never, failed?: never) => asked().then(done, failed),
    catch: (failed?: never) => asked().catch(failed),
    finally: (done?: never) => asked().finally(done),
  });
}

function readsOnly(query: unknown): boolean {
  const { strings } = query as { strings?: TemplateStringsArray };
  return /^\s*select\b/i.test(strings?.[0] ?? '');
}

const guarded = new Proxy(function () {} as unknown as Sql, {
  apply: (_, _this, [strings, ...args]: [TemplateStringsArray, ...unknown[]]) => {
    const ofPool = pool() as unknown as (strings: TemplateStringsArray, ...args: unknown[]) => PromiseLike<unknown>;
    const query = ofPool(strings, ...args);
    // names and lists of values are no queries
    if (!Array.isArray(strings) || !('raw' in strings)) return query;
    return waited(query, (sql) => (sql as unknown as typeof ofPool)(strings, ...args));
  },
  get: (_, name: keyof Sql) => {
    if (name === 'begin') return begin;
    const value = pool()[name] as unknown;
    return typeof value === 'function' ? (value as () => unknown).bind(pool()) : value;
  },
});

/** A transaction is never begun again by itself: whether it was carried out is not known. */
function begin<T>(work: (transaction: Transaction) => Promise<T>): Promise<T> {
  const state = { isLost: false };
  const begun = (sql: Sql): Promise<unknown> => {
    const outcome = sql.begin((transaction) => work(checked(transaction, state))) as Promise<unknown>;
    outcome.catch(() => (state.isLost = true));
    return outcome;
  };
  return ask(begun, false) as Promise<T>;
}

/**
 * The transaction, with every answer held to be whole. Once it has failed it takes nothing more: the driver may have
 * connected anew by then, and what comes later would be written alone.
 */
function checked(transaction: Transaction, state: { isLost: boolean }): Transaction {
  return new Proxy(transaction, {
    apply: (target, self, args: [TemplateStringsArray, ...unknown[]]) => {
      if (state.isLost) throw new DatabaseAway(new Error('the transaction is over'));
      const query = Reflect.apply(target as never, self, args) as PromiseLike<unknown>;
      if (!Array.isArray(args[0]) || !('raw' in args[0])) return query;
      const plain = query.then.bind(query);
      return Object.assign(query, {
        then: (done?: (answer: unknown) => unknown, failed?: never) => plain(complete).then(done, failed),
      });
    },
  });
}
