import { Worker } from 'node:worker_threads';
import { programFile } from '../running/programs';

/** What a text can become: a drawing a picture, a page a PDF; a document with what its edition is called, the texts of its files. */
export type Becomes = 'png' | 'pdf' | 'texts';

/** What is to be made. */
export type Order = { becomes: Becomes; text: string };

/** What came of an order: its bytes, or why there are none. */
export type Made = { bytes: Buffer; problem?: undefined } | { bytes?: undefined; problem: string };

type Waiting = { order: Order; done: (made: Made) => void };
type Answer = { bytes?: Uint8Array; problem?: string };

/** Workers of this process, whatever is published at once; one order may take so long, and a worker without work waits so long for some, in ms. */
const [MOST_WORKERS, LONGEST_MS, IDLE_MS] = [2, 30_000, 20_000];

/** A worker’s memory ends there, in MB: an order that needs more fails by itself, and nothing else with it. */
const MEMORY = { maxOldGenerationSizeMb: 512 };

/** One pool for the process: pages and routes are built apart, and each has this file. */
const kept = globalThis as typeof globalThis & { ypsilineMakers?: { queue: Waiting[]; idle: Maker[]; count: number } };
const pool = (kept.ypsilineMakers ??= { queue: [], idle: [], count: 0 });
const { queue, idle } = pool;

type Maker = { take: (waiting: Waiting) => void };

/**
 * Makes what texts become, beside the thread that answers: by one pool for the process, first come, first served. What fails says so by itself, and the others are made.
 *
 *     await rendered([{ becomes: 'pdf', text }])   // [{ bytes }]
 */
export function rendered(orders: readonly Order[]): Promise<Made[]> {
  return Promise.all(
    orders.map(
      (order) =>
        new Promise<Made>((done) => {
          queue.push({ order, done });
          next();
        }),
    ),
  );
}

function next(): void {
  while (queue.length > 0) {
    const maker = idle.pop() ?? (pool.count < MOST_WORKERS ? startMaker() : null);
    if (!maker) return;
    maker.take(queue.shift()!);
  }
}

function startMaker(): Maker {
  pool.count++;
  const worker = new Worker(/* turbopackIgnore: true */ programFile('worker'), { resourceLimits: MEMORY });
  // a process that has nothing else to do ends
  worker.unref();
  let current: Waiting | null = null;
  let timer: NodeJS.Timeout | undefined;
  let isOver = false;

  const end = (): void => {
    if (isOver) return;
    isOver = true;
    pool.count--;
    clearTimeout(timer);
    void worker.terminate();
  };
  const settle = (made: Made): void => {
    clearTimeout(timer);
    current?.done(made);
    current = null;
  };
  const fail = (problem: string): void => {
    end();
    settle({ problem });
    next();
  };
  worker.on('message', ({ bytes, problem }: Answer) => {
    settle(bytes ? { bytes: Buffer.from(bytes) } : { problem: problem ?? 'nothing came back' });
    worker.unref();
    idle.push(maker);
    timer = setTimeout(() => {
      const place = idle.indexOf(maker);
      if (place >= 0) idle.splice(place, 1);
      end();
    }, IDLE_MS);
    timer.unref();
    next();
  });
  worker.on('error', (error) => fail(error.message));
  worker.on('exit', () => !isOver && fail('it ended in the middle'));
  const maker: Maker = {
    take: (waiting) => {
      clearTimeout(timer);
      current = waiting;
      worker.ref();
      timer = setTimeout(() => fail(`it took longer than ${LONGEST_MS / 1000} s`), LONGEST_MS);
      worker.postMessage(waiting.order);
    },
  };
  return maker;
}
