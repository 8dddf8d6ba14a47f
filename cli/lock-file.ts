import type { GridCssOptions } from '../core/formats/grid-css/grid-css-options';
import type { Parsed } from '../core/parsed';
import { GRID_CSS_OPTIONS } from './grid-css-options';

/** Where a lock stands, unless another file is named. */
export const LOCK_FILE = 'ypsiline-lock.json';

/** A file that was pulled: its name in the edition, the edition's version, and what its bytes come to; of `grid.css` also how it was written, of `spec.json` when it was published. */
export type Locked = { name: string; version: string; sha256: string; published?: string; options?: GridCssOptions };

/** What was pulled, and from where: each file by its path, folders included. */
export type Lock = { from: string; files: Record<string, Locked> };

/** A lock with more files: those at other paths stay. The paths stand in their order. */
export function merged(before: Lock | null, { from, files }: Lock): Lock {
  const all = { ...before?.files, ...files };
  return { from, files: Object.fromEntries(Object.entries(all).sort(([a], [b]) => (a < b ? -1 : 1))) };
}

/** The form of lock files that is written; a greater one is of a later command. */
const LOCK_VERSION = 1;

export function lockText(lock: Lock): string {
  return `${JSON.stringify({ lockVersion: LOCK_VERSION, ...lock }, null, 2)}\n`;
}

/**
 * A lock file, or one sentence that says why it is none. An older one named a version for all of its files, and no folders: its
 * files are taken to be in `folder`.
 */
export function readLock(text: string, folder = ''): Parsed<Lock> {
  let json: unknown;
  try {
    json = JSON.parse(text);
  } catch {
    return { problem: 'this lock file isn’t JSON. Delete it and pull again' };
  }
  const { from, version, files, lockVersion = LOCK_VERSION } = (isRecord(json) ? json : {}) as Record<string, unknown>;
  if (typeof lockVersion === 'number' && lockVersion > LOCK_VERSION)
    return { problem: `this lock file is of a later ypsiline (lockVersion ${lockVersion}). Update ypsiline.mjs` };
  if (typeof from !== 'string' || !isRecord(files))
    return { problem: 'this lock file lacks from or files. Delete it and pull again' };
  const read = Object.entries(files).map(([key, value]): [string, unknown] =>
    typeof value === 'string' ? [folder + key, { name: key, version, sha256: value }] : [key, value],
  );
  const wrong = read.find(([path, value]) => !isPath(path) || !isLocked(value));
  if (wrong)
    return { problem: `this lock file has for “${wrong[0]}” something that can’t be read. Delete it and pull again` };
  return { value: { from, files: Object.fromEntries(read) as Record<string, Locked> } };
}

function isRecord(value: unknown): value is Record<string, unknown> {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}

/** A path that leads out of nowhere: no parent folders between others, nothing strange at its end. */
function isPath(path: string): boolean {
  return /^[^\0\n]+$/.test(path) && !/[^.\/]\/+\.\.(\/|$)/.test(path) && isName(path.split('/').at(-1)!);
}

function isName(name: unknown): boolean {
  return typeof name === 'string' && /^\w[\w.@-]*$/.test(name) && !name.includes('..');
}

function isLocked(value: unknown): value is Locked {
  return (
    isRecord(value) &&
    isName(value['name']) &&
    /^\w[\w.+-]*$/.test(String(value['version'])) &&
    /^[0-9a-f]{64}$/.test(String(value['sha256'])) &&
    (value['options'] === undefined || isOptions(value['options'])) &&
    (value['published'] === undefined || /^\d{4}-\d{2}-\d{2}$/.test(String(value['published'])))
  );
}

function isOptions(value: unknown): boolean {
  return (
    isRecord(value) &&
    Object.entries(value).every(
      ([name, said]) => name in GRID_CSS_OPTIONS && typeof said === 'string' && said.length < 200,
    )
  );
}
