import { actingAs, type Asker } from './acting-as';
import { applicationAddress } from './application-role';
import { connect } from './connect';
import { readEnvironment } from '../running/environment';
import { guardedPool } from './pool';
import { pointOf, type Reading, readingFrom, replicaInUse, watch } from './replicas';
import type { Query, Sql, Transaction } from './sql';

export { connect };
export type { Query, Sql, Transaction };

const guarded = guardedPool(ownAddress);

/**
 * The database of this process: the primary, where there are several, but within `reading`.
 *
 * @param asker for whom it answers; without one, only what is asked before it is known who asks: sign-in, keys, links
 */
export function database(asker?: Asker): Sql {
  const sql = replicaInUse() ?? guarded;
  return asker ? actingAs(sql, asker) : sql;
}

/** Reads from a replica where one is fresh enough, as `readingFrom` says. */
export function reading<T>(read: () => Promise<T>, how: Reading<T> = {}): Promise<T> {
  return readingFrom(guarded, readEnvironment().DATABASE_READ_URLS, read, how);
}

/** Begins to watch the replicas, so that it is known at the first question which of them can be read. */
export function watchReplicas(): void {
  const urls = readEnvironment().DATABASE_READ_URLS;
  if (urls.length > 0) watch(guarded, urls);
}

/** Up to where the database has written now, for whoever reads next; null where there are no replicas. */
export function writtenPoint(): Promise<string | null> {
  return pointOf(guarded, readEnvironment().DATABASE_READ_URLS);
}

function ownAddress(): string {
  const { DATABASE_URL, DATABASE_APP_URL } = readEnvironment();
  return DATABASE_APP_URL ?? applicationAddress(DATABASE_URL);
}

/** Where the database is listened to: past a pooler, if there is one. */
export function listenAddress(): string {
  return readEnvironment().DATABASE_LISTEN_URL ?? ownAddress();
}
