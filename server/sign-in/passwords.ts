import { hash, verify } from '@node-rs/argon2';
import pLimit from 'p-limit';

/** argon2id with the library's parameters (19 MiB, 2 passes), as a PHC string. */
export async function hashPassword(password: string): Promise<string> {
  return hash(password);
}

let nobodysHash: Promise<string> | undefined;

/** One check at a time, so that guessing keeps no more than one core from everybody else. */
const oneAtATime = pLimit(1);

/** So many may wait for theirs; a check takes some 30 ms. */
const MOST_WAITING = 60;

/** More people are signing in than there is time for. */
export class TooBusy extends Error {}

/**
 * Checks a password. Without a hash (an unknown address) it takes the same time and answers no.
 *
 * @throws TooBusy when too many checks are waiting
 */
export async function passwordFits(passwordHash: string | undefined, password: string): Promise<boolean> {
  if (oneAtATime.pendingCount >= MOST_WAITING) throw new TooBusy();
  return oneAtATime(async () => {
    nobodysHash ??= hashPassword('nobody has this password');
    const fits = await verify(passwordHash ?? (await nobodysHash), password);
    return passwordHash !== undefined && fits;
  });
}
