import { createHash } from 'node:crypto';

/** The SHA-256 of a text or of bytes, in hexadecimal. */
export function sha256(content: string | Buffer): string {
  return createHash('sha256').update(content).digest('hex');
}
