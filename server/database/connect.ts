import postgres from 'postgres';
import { readEnvironment } from '../running/environment';
import type { Sql } from './sql';

/** How long the database itself goes on with a statement, waits for a lock, or keeps a transaction that says nothing. */
export const TIME_LIMITS = {
  statement_timeout: 10_000,
  lock_timeout: 5_000,
  idle_in_transaction_session_timeout: 10_000,
};

/**
 * A pool of so many connections at most. Through a pooler that shares connections between transactions (`isPooled`) nothing is prepared, nothing is asked before the
 * answer to what was asked before (PgBouncer 1.18 gives the connection away in between, and the second answer is lost), and the time
 * limits are those of the role (`application-role.ts`), since a pooler takes none with a connection.
 */
export function connect(url: string, max = 10, { isPooled = false } = {}): Sql {
  return postgres(url, {
    max,
    idle_timeout: 30,
    // nothing here is an array, and a question of the driver's own would fail unheard
    fetch_types: false,
    connect_timeout: 5,
    backoff: () => 0.2,
    ...(isPooled ? { prepare: false, max_pipeline: 0 } : { connection: TIME_LIMITS }),
    onnotice: () => {},
    transform: { column: { from: postgres.toCamel } },
  }) as Sql;
}

/** A pool as the environment says, for the application. */
export function connectAsSet(url: string): Sql {
  const { DATABASE_POOLED, DATABASE_CONNECTIONS } = readEnvironment();
  return connect(url, DATABASE_CONNECTIONS, { isPooled: DATABASE_POOLED });
}
