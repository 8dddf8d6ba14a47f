import { connectAsSet } from './connect';
import { DatabaseAway, isLostConnection, isRolledBack } from './database-away';
import type { Sql, Transaction } from './sql';

/** A question that is not answered within this time, in ms, counts as lost: whoever asked is told, and may ask again. */
const PATIENCE_MS = 8_000;

const kept = globalThis as typeof globalThis & { ypsilinePools?: Map<string, Sql>; ypsilineAwayAt?: number };

type Ask = (sql: Sql) => PromiseLike<unknown>;

/**
 * The pool of this process for one address, made at the first question, so that a build needs no database. When a connection is lost,
 * the pool makes way for a fresh one; a question that only reads is asked once more, anything else ends with `DatabaseAway`. A transaction that the database
 * itself took back whole, for a deadlock or for what others wrote, is begun once more.
 *
 * @param isMain a page that fails soon after this pool lost a connection has failed by it (`http/away.ts`)
 */
export function guardedPool(address: () => string, isMain = true): Sql {
  const pools = (kept.ypsilinePools ??= new Map());
  const pool = (): Sql => {
    const url = address();
    const there = pools.get(url) ?? connectAsSet(url);
    pools.set(url, there);
    return there;
  };

  /** A pool that has lost a connection makes way for a fresh one: the others may be lost too, and not know it yet. */
  const replace = (spoilt: Sql): void => {
    if (isMain) kept.ypsilineAwayAt = Date.now();
    for (const [url, each] of pools) if (each === spoilt) pools.delete(url);
    void spoilt.end({ timeout: 5 }).catch(() => {});
  };

  /** Asks on the pool as it is now; what is safe to ask twice is asked again after a loss. */
  const ask = async (question: Ask, isSafeTwice: boolean): Promise<unknown> => {
    const asked = pool();
    try {
      return await withinPatience(question(asked));
    } catch (error) {
      if (!isLostConnection(error)) throw error;
      replace(asked);
      if (!isSafeTwice || error instanceof DatabaseAway) throw new DatabaseAway(error);
      return ask(question, false);
    }
  };

  /** A query that is asked, under guard, when somebody waits for it; until then it can stand inside another. */
  const waited = <Q extends PromiseLike<unknown>>(query: Q, again: Ask): Q => {
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
  };

  /** Whether a transaction whose connection was lost was carried out is not known: it is not begun again here. */
  const begin = async <T>(work: (transaction: Transaction) => Promise<T>): Promise<T> => {
    const once = (): Promise<T> => {
      const state = { isLost: false };
      const begun = (sql: Sql): Promise<unknown> => {
        const outcome = sql.begin((transaction) => work(checked(transaction, state))) as Promise<unknown>;
        outcome.catch(() => (state.isLost = true));
        return outcome;
      };
      return ask(begun, false) as Promise<T>;
    };
    try {
      return await once();
    } catch (error) {
      if (!isRolledBack(error)) throw error;
      // the others go first
      await new Promise((resolve) => setTimeout(resolve, 5 + Math.random() * 45));
      return once();
    }
  };

  return new Proxy(function () {} as unknown as Sql, {
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

function readsOnly(query: unknown): boolean {
  const { strings } = query as { strings?: TemplateStringsArray };
  return /^\s*select\b/i.test(strings?.[0] ?? '');
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
