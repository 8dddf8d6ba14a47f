import { AsyncLocalStorage } from 'node:async_hooks';
import { isLostConnection } from './database-away';
import { guardedPool } from './pool';
import type { Sql } from './sql';

/** What is read of a replica may be so old at most, in ms, and is looked at so often. */
const [OLDEST, LOOKED_EVERY] = [1_000, 200];

type Replica = {
  sql: Sql;
  /** How far it is in the primary’s log, in bytes; null while it does not answer. */
  replayed: bigint | null;
  /** It has everything that the primary had written at this moment. */
  asOf: number;
};

type Watch = {
  replicas: Replica[];
  /** How far the primary was, and when that was asked, the newest last. */
  primary: { at: number; written: bigint }[];
  turn: number;
};

type Kept = {
  ypsilineReplicas?: Watch;
  /** For what is asked now, another database than the primary; one for the process, however its routes are bundled. */
  ypsilineReadFrom?: AsyncLocalStorage<Sql>;
};
const kept = globalThis as typeof globalThis & Kept;
const readFrom = (kept.ypsilineReadFrom ??= new AsyncLocalStorage<Sql>());

/** The replica that the question at hand is asked, if it is asked one. */
export function replicaInUse(): Sql | null {
  return readFrom.getStore() ?? null;
}

/** Begins to watch, if it was not begun before, how far replicas are behind the primary. */
export function watch(primary: Sql, urls: readonly string[]): Watch {
  if (kept.ypsilineReplicas) return kept.ypsilineReplicas;
  const replicas = urls.map((url): Replica => ({ sql: guardedPool(() => url, false), replayed: null, asOf: 0 }));
  const watched: Watch = { replicas, primary: [], turn: 0 };
  kept.ypsilineReplicas = watched;
  const every = (look: () => Promise<unknown>): void => {
    const turn = (): void => void look().finally(() => setTimeout(turn, LOOKED_EVERY).unref());
    turn();
  };
  every(() => lookAtPrimary(watched, primary));
  for (const replica of replicas) every(() => lookAt(watched, replica));
  return watched;
}

async function lookAtPrimary(watched: Watch, primary: Sql): Promise<void> {
  const at = Date.now();
  const written = await writtenBy(primary).catch(() => null);
  if (written !== null) watched.primary = [...watched.primary, { at, written }].slice(-50);
}

async function lookAt(watched: Watch, replica: Replica): Promise<void> {
  const at = Date.now();
  try {
    const [row] = await replica.sql<{ replayed: string | null; isReplica: boolean }[]>`
      select pg_wal_lsn_diff(pg_last_wal_replay_lsn(), '0/0')::text as replayed, pg_is_in_recovery() as is_replica`;
    replica.replayed = BigInt(row?.replayed ?? 0);
    // one that has become the primary has everything
    if (row && !row.isReplica) Object.assign(replica, { replayed: 1n << 62n, asOf: at });
    else replica.asOf = watched.primary.findLast(({ written }) => written <= replica.replayed!)?.at ?? 0;
  } catch {
    replica.replayed = null;
  }
}

/** How far a primary has written its log, in bytes. */
async function writtenBy(primary: Sql): Promise<bigint> {
  const [row] = await primary<{ written: string }[]>`
    select pg_wal_lsn_diff(pg_current_wal_lsn(), '0/0')::text as written`;
  return BigInt(row!.written);
}

export type Reading<T> = {
  /** What was written up to here must be seen: the point in the log at which whoever reads has written something. */
  point?: string | null;
  /** What never changes may be read of any replica, however far behind. */
  isForEver?: boolean;
  /** A replica says that it is not there: then the primary is asked. */
  isMissing?: (answer: T) => boolean;
};

/**
 * Reads from a replica that is at most a second old and has what this reader wrote; from the primary where there is none; and, while the primary is away, from whichever
 * replica answers. Every `database()` within `read` goes there.
 *
 * @param read asks, and changes nothing
 */
export async function readingFrom<T>(
  primary: Sql,
  urls: readonly string[],
  read: () => Promise<T>,
  { point = null, isForEver = false, isMissing = () => false }: Reading<T> = {},
): Promise<T> {
  if (urls.length === 0) return read();
  const watched = watch(primary, urls);
  const there = watched.replicas.filter(({ replayed }) => replayed !== null);
  const now = Date.now();
  const mayBe = there.filter(
    ({ replayed, asOf }) => isForEver || (now - asOf <= OLDEST && (point === null || replayed! >= BigInt(point))),
  );
  const first = mayBe[watched.turn++ % Math.max(1, mayBe.length)];
  const isPrimaryAway = now - (watched.primary.at(-1)?.at ?? now) > 2 * OLDEST;
  const others = isPrimaryAway ? there.filter((each) => each !== first) : [];
  for (const replica of [...(first ? [first] : []), ...others]) {
    try {
      const answer = await readFrom.run(replica.sql, read);
      if (isPrimaryAway || !isMissing(answer)) return answer;
      break;
    } catch (error) {
      if (!isLostConnection(error)) throw error;
      replica.replayed = null;
    }
  }
  try {
    return await read();
  } catch (error) {
    const left = watched.replicas.find(({ replayed }) => replayed !== null);
    if (!left || !isLostConnection(error)) throw error;
    return readFrom.run(left.sql, read);
  }
}

/** Up to where the primary has written, for whoever has just written something; null where nothing is read of replicas. */
export async function pointOf(primary: Sql, urls: readonly string[]): Promise<string | null> {
  return urls.length === 0 ? null : String(await writtenBy(primary));
}

/** Does a replica answer? Then editions can be read, though the primary is away. */
export function hasReplica(): boolean {
  return kept.ypsilineReplicas?.replicas.some(({ replayed }) => replayed !== null) ?? false;
}

/** How far each replica is behind, in ms, for the metrics; null for one that does not answer. */
export function replicaAges(): (number | null)[] {
  const now = Date.now();
  return (kept.ypsilineReplicas?.replicas ?? []).map(({ replayed, asOf }) => (replayed === null ? null : now - asOf));
}
