import { createHash } from 'node:crypto';

/** The SHA-256 of a text in UTF-8, as hexadecimal digits. */
export function sha256(text: string): string {
  return createHash('sha256').update(text, 'utf8').digest('hex');
}

export function sha256OfBytes(bytes: Buffer): string {
  return createHash('sha256').update(bytes).digest('hex');
}
