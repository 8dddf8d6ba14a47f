import { randomBytes } from 'node:crypto';
import { connect } from '../database/database';

/** The one channel on which the database says that something is new (`migrations/011-together.sql`). */
const CHANNEL = 'ypsiline';

/** How often it is tried whether a note still comes through, and how long one may take, in ms. */
const [PROVED_EVERY, LONGEST_WAY] = [5_000, 4_000];

/** How long to wait before connecting anew, in ms. */
const PAUSE = 500;

type Listening = {
  /** A note of the channel: what it is about, and the id of the spec. */
  onNote: (kind: string, spec: string) => void;
  /** It is heard (again): what was noted before then was missed. */
  onHeard: () => void;
};

/**
 * Listens on a connection of its own, for as long as the process runs. Now and then a note to itself must come back: a connection that only
 * seems to be there (a server that failed over, a pooler in between) is found out by that and made anew.
 *
 * @param address of the database itself; a pooler that shares connections between transactions cannot be listened through
 * @returns what ends it
 */
export function keepListening(address: string, { onNote, onHeard }: Listening): () => Promise<void> {
  const self = randomBytes(8).toString('hex');
  let isOver = false;
  let end: () => Promise<unknown> = async () => {};

  const listen = async (): Promise<void> => {
    const sql = connect(address, 1);
    end = () => sql.end({ timeout: 1 }).catch(() => {});
    let heardAt = 0;
    try {
      await within(
        // the driver listens anew by itself where it hears of a connection that was closed, and says so each time
        sql.listen(
          CHANNEL,
          (note) => {
            const [kind = '', about = ''] = note.split(' ');
            if (kind !== 'proof') onNote(kind, about);
            else if (about === self) heardAt = Date.now();
          },
          onHeard,
        ),
      );
      for (;;) {
        const sentAt = Date.now();
        await within(sql`select pg_notify(${CHANNEL}, ${`proof ${self}`})`);
        await pause(LONGEST_WAY / 8);
        for (let turn = 0; turn < 8 && heardAt < sentAt && !isOver; turn++) await pause(LONGEST_WAY / 8);
        if (isOver || heardAt < sentAt) return;
        await pause(PROVED_EVERY);
      }
    } finally {
      await end();
    }
  };

  const go = async (): Promise<void> => {
    while (!isOver) {
      // a database that is away is there again some time
      await listen().catch(() => {});
      if (!isOver) await pause(PAUSE);
    }
  };
  void go();
  return async () => {
    isOver = true;
    await end();
  };
}

const pause = (ms: number): Promise<void> => new Promise((resolve) => setTimeout(resolve, ms).unref());

async function within<T>(answer: PromiseLike<T>): Promise<T> {
  let timer: NodeJS.Timeout | undefined;
  const late = new Promise<never>((_, reject) => {
    timer = setTimeout(() => reject(new Error('the database does not answer')), 8_000);
  });
  try {
    return await Promise.race([answer, late]);
  } finally {
    clearTimeout(timer);
  }
}
