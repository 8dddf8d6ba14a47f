import { join } from 'node:path';
import { Worker } from 'node:worker_threads';

/** What a text can become: a drawing a picture, a page a PDF. */
export type Becomes = 'png' | 'pdf';

type Answer = { id: number; bytes?: Uint8Array; problem?: string };

const MOST_WORKERS = 2;

/**
 * The bytes that texts become, in their order; made beside the thread that answers, two at a time. Workers end when there is nothing left to do.
 */
export async function rendered(orders: readonly { becomes: Becomes; text: string }[]): Promise<Buffer[]> {
  const found: Buffer[] = [];
  let next = 0;
  const work = (): Promise<void> =>
    new Promise((resolve, reject) => {
      const worker = new Worker(join(process.cwd(), 'server/rendering/worker.mjs'));
      const give = (): void => {
        if (next >= orders.length) {
          void worker.terminate();
          return resolve();
        }
        const id = next++;
        worker.postMessage({ id, ...orders[id]! });
      };
      worker.on('message', ({ id, bytes, problem }: Answer) => {
        if (!bytes) {
          void worker.terminate();
          return reject(new Error(problem));
        }
        found[id] = Buffer.from(bytes);
        give();
      });
      worker.on('error', reject);
      give();
    });
  await Promise.all(Array.from({ length: Math.min(MOST_WORKERS, orders.length) }, work));
  return found;
}
