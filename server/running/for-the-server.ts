import { readdir } from 'node:fs/promises';
import { join } from 'node:path';
import { database, watchReplicas } from '../database/database';
import { isDiskFull } from '../database/database-away';
import { events } from '../events/events';
import { hasReplica, replicaAges } from '../database/replicas';

/** Why the process is not ready, in a sentence, or null; and what is wrong, though it is. */
export type Readiness = { problem: string | null; warning: string | null };

/** What an operator wants to know of a process, besides its requests. */
export type Numbers = { streams: number; oldestDelivery: number | null; replicaAges: (number | null)[] };

/** What the server in front of the application (`http/serve.ts`), which is not built with it, asks it. */
export type ForTheServer = {
  ready: () => Promise<Readiness>;
  numbers: () => Promise<Numbers>;
  drain: (withinMs: number) => Promise<void>;
};

const kept = globalThis as typeof globalThis & { ypsiline?: ForTheServer; ypsilineDiskFullAt?: number | undefined };

/** How long the database may take to say that it is there, in ms. */
const PATIENCE = 2_000;

export function noteDiskFull(): void {
  kept.ypsilineDiskFullAt = Date.now();
}

/** Is there still no room? It is found out by writing a little, and taking it back. */
async function isDiskStillFull(): Promise<boolean> {
  if (kept.ypsilineDiskFullAt === undefined) return false;
  try {
    await database()`select try_to_write()`;
    kept.ypsilineDiskFullAt = undefined;
    return false;
  } catch (error) {
    return isDiskFull(error);
  }
}

export function answerTheServer(): void {
  watchReplicas();
  kept.ypsiline = {
    ready,
    numbers: async () => ({
      streams: events().count(),
      oldestDelivery: await oldestDelivery().catch(() => null),
      replicaAges: replicaAges(),
    }),
    drain: (withinMs) => events().drain(withinMs),
  };
}

async function oldestDelivery(): Promise<number> {
  const [row] = await database()<{ waits: number }[]>`select oldest_delivery_waits() as waits`;
  return row!.waits;
}

async function ready(): Promise<Readiness> {
  const warning = (await isDiskStillFull())
    ? 'The disk of the database is full: nothing can be saved until there is room.'
    : null;
  const late = new Promise<never>((_, reject) => setTimeout(() => reject(new Error('late')), PATIENCE).unref());
  try {
    const [needed, rows] = await Promise.all([
      newestMigration(),
      Promise.race([database()<{ name: string | null }[]>`select newest_migration() as name`, late]),
    ]);
    const there = rows[0]?.name ?? '';
    // a newer one is of a newer application, which runs beside this one while it is rolled out
    const problem =
      there < needed ? `The database is at ${there || 'no migration'}; this application needs ${needed}.` : null;
    return { problem, warning };
  } catch {
    return hasReplica()
      ? { problem: null, warning: 'The primary does not answer: editions are read of replicas, nothing can be saved.' }
      : { problem: 'The database doesn’t answer.', warning };
  }
}

let newest: string | undefined;

async function newestMigration(): Promise<string> {
  newest ??= (await readdir(join(process.cwd(), 'server/database/migrations')))
    .filter((name) => name.endsWith('.sql'))
    .sort()
    .at(-1)!;
  return newest;
}
