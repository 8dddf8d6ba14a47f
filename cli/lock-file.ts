import type { Parsed } from '../core/length/parsed';

/** What was pulled: from where, which version, and the SHA-256 of each file. */
export type Lock = { from: string; version: string; files: Record<string, string> };

export function lockText(lock: Lock): string {
  return `${JSON.stringify(lock, null, 2)}\n`;
}

/** A lock file, or one sentence that says why it is none. */
export function readLock(text: string): Parsed<Lock> {
  let json: unknown;
  try {
    json = JSON.parse(text);
  } catch {
    return { problem: 'this lock file is no JSON; delete it and pull again' };
  }
  const { from, version, files } = (typeof json === 'object' && json !== null ? json : {}) as Record<string, unknown>;
  const areFiles =
    typeof files === 'object' &&
    files !== null &&
    Object.entries(files).every(([name, sum]) => /^[\w.-]+$/.test(name) && /^[0-9a-f]{64}$/.test(String(sum)));
  if (typeof from !== 'string' || typeof version !== 'string' || !/^[\w.+-]+$/.test(version) || !areFiles)
    return { problem: 'this lock file lacks from, version or files; delete it and pull again' };
  return { value: { from, version, files: files as Record<string, string> } };
}
