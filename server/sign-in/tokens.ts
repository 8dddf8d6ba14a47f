import { createHash, randomBytes } from 'node:crypto';

/** A secret for a cookie. */
export function freshToken(): string {
  return randomBytes(32).toString('base64url');
}

/** What the database keeps of a token. */
export function hashToken(token: string): Buffer {
  return createHash('sha256').update(token).digest();
}

/** The cookie that holds a session's token. */
export const SESSION_COOKIE = 'ypsiline_session';
