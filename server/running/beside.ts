import { actingAs } from '../database/acting-as';
import type { Sql } from '../database/database';
import { postman } from '../hooks/deliver';
import { sendDigest } from '../team/notices';

/** How often it is looked whether something is due, in ms. */
const [HOOKS_EVERY, DIGESTS_EVERY] = [2_000, 10 * 60_000];

/**
 * What runs beside the server: web hooks are sent, and letters with what was not read. Several servers may run it at once.
 *
 * @returns what ends it
 */
export function runBeside(sql: Sql, ownAddress: string): () => void {
  let isOver = false;
  const every = (wait: number, work: () => Promise<unknown>): void => {
    const turn = async (): Promise<void> => {
      // a database that is away is there again some time
      await work().catch(() => {});
      if (!isOver) setTimeout(() => void turn(), wait).unref();
    };
    setTimeout(() => void turn(), wait).unref();
  };
  const { sendDue } = postman(sql, ownAddress);
  every(HOOKS_EVERY, sendDue);
  every(DIGESTS_EVERY, () => sendDigests(sql));
  return () => void (isOver = true);
}

/** Sends everybody who wants it, once a day, what they have not read; answers how many letters. */
export async function sendDigests(sql: Sql): Promise<number> {
  const due = await sql<{ personId: string }[]>`select person_id from digests_due()`;
  let letters = 0;
  for (const { personId } of due) letters += await sendDigest(actingAs(sql, { personId }), personId);
  return letters;
}
