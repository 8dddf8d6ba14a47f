import { createHmac, timingSafeEqual } from 'node:crypto';

/** A signed request is taken for so many seconds around its time, so that one that was recorded cannot be played again. */
export const FRESH_SECONDS = 300;

/**
 * HMAC-SHA-256 (RFC 2104) over the time in seconds, a full stop and the body, in hexadecimal.
 *
 *     signatureOf(secret, 1764057600, body)   // "9f86d0…"
 */
export function signatureOf(secret: string, seconds: number, body: string): string {
  return createHmac('sha256', secret).update(`${seconds}.${body}`).digest('hex');
}

/** Was a request signed with this secret, just now? */
export function isGenuine(
  secret: string,
  { signature, seconds, body }: { signature: string; seconds: number; body: string },
  now = Date.now() / 1000,
): boolean {
  if (!Number.isInteger(seconds) || Math.abs(now - seconds) > FRESH_SECONDS) return false;
  const [own, theirs] = [Buffer.from(signatureOf(secret, seconds, body)), Buffer.from(signature)];
  return own.length === theirs.length && timingSafeEqual(own, theirs);
}
