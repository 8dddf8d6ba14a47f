import { createHash } from 'node:crypto';

/** The SHA-256 of bytes, or of a text in UTF-8, as hexadecimal digits. */
export function digestOf(data: string | Buffer): string {
  return createHash('sha256').update(data).digest('hex');
}
