import { readFileSync } from 'node:fs';
import { Failure } from '../setup/say.mjs';

/**
 * A file of `deploy/` as it is shipped, but for ports, folders and passwords: what is rehearsed is what is shipped.
 *
 * @throws Failure where the file does not hold what is to be replaced
 */
export function shipped(file: string, replaced: readonly (readonly [string, string])[]): string {
  let text = readFileSync(`deploy/${file}`, 'utf8');
  for (const [from, to] of replaced) {
    if (!text.includes(from))
      throw new Failure(`deploy/${file} does not say “${from}” any more; the rehearsal replaces it.`);
    text = text.replaceAll(from, to);
  }
  return text;
}
