import type { Query } from '../database/database';
import { succeeded } from './delays';
import { passwordFits } from './passwords';

/**
 * Why the password that the asking person gave is not taken, or null: it is theirs. Guesses are counted as at sign-in, before the database gives a hash to hold
 * them against.
 */
export async function passwordProblem(sql: Query, given: string): Promise<{ problem: string; wait?: number } | null> {
  const [own] = await sql<{ wait: number | null; subject: string; passwordHash: string | null }[]>`
    select wait, subject, password_hash from try_own_password()`;
  if (own?.wait) return { problem: `Too many attempts. Wait ${own.wait} seconds and try again.`, wait: own.wait };
  if (!own || !(await passwordFits(own.passwordHash ?? undefined, given)))
    return { problem: 'Wrong current password.' };
  await succeeded(sql, { kind: 'account', subject: own.subject });
  return null;
}
