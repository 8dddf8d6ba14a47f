import postgres from 'postgres';
import { readEnvironment } from './environment';

export type Sql = postgres.Sql<Record<string, never>>;
export type Transaction = postgres.TransactionSql<Record<string, never>>;
export type Query = Sql | Transaction;

const kept = globalThis as typeof globalThis & { ypsilineSql?: Sql };

/** The pool of this process. It is made at the first question, so that a build needs no database. */
export function database(): Sql {
  kept.ypsilineSql ??= connect(readEnvironment().DATABASE_URL);
  return kept.ypsilineSql;
}

export function connect(url: string, max = 10): Sql {
  return postgres(url, {
    max,
    idle_timeout: 30,
    connect_timeout: 5,
    onnotice: () => {},
    transform: { column: { from: postgres.toCamel } },
  }) as Sql;
}
