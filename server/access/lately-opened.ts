import type { Query } from '../database/database';
import { type KeyAccess, keyAccess } from './key-access';

type Opened = Map<string, { access: KeyAccess; until: number }>;

/** What keys opened in the last second: a build asks for many files at once. One for the process, however its routes are bundled. */
const own = globalThis as { ypsilineOpened?: Opened };
const opened: Opened = (own.ypsilineOpened ??= new Map());
const REMEMBERED_MS = 1000;
const MOST = 1000;

/**
 * Access by a key, remembered for a second, so that revoking one takes a second at most where several servers answer, and no time where one does. What opens nothing is asked
 * anew each time.
 */
export async function keyAccessLately(
  sql: Query,
  secret: string,
  place: { team: string; spec: string },
): Promise<KeyAccess | null> {
  const name = `${secret} ${place.team} ${place.spec}`;
  const known = opened.get(name);
  if (known && known.until > Date.now()) return known.access;
  const access = await keyAccess(sql, secret, place);
  opened.delete(name);
  if (!access) return null;
  if (opened.size >= MOST) opened.clear();
  opened.set(name, { access, until: Date.now() + REMEMBERED_MS });
  return access;
}

/** Forgets what keys opened: one was revoked. */
export function forgetOpened(): void {
  opened.clear();
}
