import type { Change } from '../../core/edits/edit';
import type { Spec } from '../../core/spec/schema';
import { windowName } from '../frame/window-name';

/**
 * What the browser keeps of a draft: the newest unsaved document of each window (in localStorage, until the server has
 * it), and this window's undo steps (in sessionStorage, written when the page is left).
 */

export type Unsaved = { document: Spec; basedOn: number; at: string; window: string };

function unsavedKey(specId: string, window = windowName()): string {
  return `ypsiline:unsaved:${specId}:${window}`;
}

/** Keeps a document that the server does not have yet. False where the browser refuses to keep anything. */
export function keepUnsaved(specId: string, document: Spec, basedOn: number): boolean {
  try {
    const kept: Unsaved = { document, basedOn, at: new Date().toISOString(), window: windowName() };
    localStorage.setItem(unsavedKey(specId), JSON.stringify(kept));
    return true;
  } catch {
    return false;
  }
}

export function dropUnsaved(specId: string, window?: string): void {
  localStorage.removeItem(unsavedKey(specId, window));
}

/** What this window had not saved when it was left or reloaded. */
export function ownUnsaved(specId: string): Unsaved | null {
  return read<Unsaved>(localStorage, unsavedKey(specId));
}

/** Windows save within seconds; what is older than this was left behind by one that is gone, or cannot reach the server. */
const LEFT_BEHIND_MS = 20_000;

/** Unsaved documents that other windows of this browser left behind, the newest first. */
export function leftBehind(specId: string): Unsaved[] {
  const prefix = unsavedKey(specId, '');
  return Object.keys(localStorage)
    .filter((key) => key.startsWith(prefix) && key !== unsavedKey(specId))
    .map((key) => read<Unsaved>(localStorage, key))
    .filter((kept): kept is Unsaved => kept !== null && Date.now() - Date.parse(kept.at) > LEFT_BEHIND_MS)
    .sort((a, b) => b.at.localeCompare(a.at));
}

/** What can be undone and done again, and the canonical text of the document that it belongs to. */
export type Steps = { document: string; past: readonly Change[]; future: readonly Change[] };

export function keepSteps(specId: string, steps: Steps): void {
  try {
    sessionStorage.setItem(`ypsiline:steps:${specId}`, JSON.stringify(steps));
  } catch {
    // too much for the browser: undo then starts afresh after a reload, the draft itself is unharmed
    sessionStorage.removeItem(`ypsiline:steps:${specId}`);
  }
}

export function keptSteps(specId: string): Steps | null {
  return read<Steps>(sessionStorage, `ypsiline:steps:${specId}`);
}

function read<T>(storage: Storage, key: string): T | null {
  try {
    const text = storage.getItem(key);
    return text === null ? null : (JSON.parse(text) as T);
  } catch {
    return null;
  }
}
