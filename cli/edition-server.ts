import { Unusable } from './command';

/** A server that does not answer is given up after so many ms. */
export const PATIENCE_MS = 30_000;

/** The address of a spec, and the version that is asked for after it. */
export function editionAddress(option: string, from: string | boolean | undefined): { address: string; asked: string } {
  const example = 'https://grids.example.org/e/TEAM/SPEC/latest';
  if (typeof from !== 'string') throw new Unusable(`--${option} is missing. Use an address such as ${example}`);
  const url = URL.canParse(from) ? new URL(from) : null;
  const [, spec, version = 'latest'] = /^(\/e\/[^/]+\/[^/]+)(?:\/([^/]+))?\/?$/.exec(url?.pathname ?? '') ?? [];
  if (!url || !/^https?:$/.test(url.protocol) || !spec)
    throw new Unusable(`--${option} is “${from}”. Use an address such as ${example}`);
  return { address: url.origin + spec, asked: version };
}

/** The secret of a key, from the environment alone: an argument would stand in lists of processes and in logs. */
export function keyOf(name: string | boolean | undefined, env: Record<string, string | undefined>): string {
  if (typeof name !== 'string')
    throw new Unusable('--key-from-env is missing. Name the environment variable with the key');
  const key = env[name];
  if (!key) throw new Unusable(`the environment variable ${name} is empty. Set it to a key of the team`);
  return key.trim();
}

/**
 * Sends something to a specification’s address with a key, and gives what is answered.
 *
 * @throws Unusable with the server’s own sentence, where it refuses
 */
export async function tellServer<T>(fetching: typeof fetch, address: string, body: unknown, key: string): Promise<T> {
  const response = await fetching(address, {
    method: 'POST',
    headers: { Authorization: `Bearer ${key}`, 'Content-Type': 'application/json' },
    body: JSON.stringify(body),
    redirect: 'error',
    signal: AbortSignal.timeout(PATIENCE_MS),
  }).catch((error: unknown) => {
    throw new Unusable(`${address} doesn’t answer: ${String((error as Error).message)}`);
  });
  const answer = (await response.json().catch(() => ({}))) as T & { problem?: string };
  if (!response.ok) throw new Unusable(`${address}: ${answer.problem ?? response.status}`);
  return answer;
}
