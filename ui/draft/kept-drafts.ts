import { canonicalJson } from '../../core/edition/canonical';
import { applyEdits } from '../../core/edits/apply-edits';
import { type Change, type Edit, turnedBack } from '../../core/edits/edit';
import { editsBetween } from '../../core/edits/edits-between';
import type { Spec } from '../../core/spec/schema';
import { liveWindows } from '../frame/live-windows';
import { windowName } from '../frame/window-name';
import type { Waiting } from './together/together-store';

/**
 * What the browser keeps of a draft: the edits of each window that the server does not have, with the document that they were made of (in localStorage,
 * until the server has them), what waits for a choice, and this window's undo steps (in sessionStorage, written when the page is left).
 */

/** A save that is under way or was never answered: sent again as it was, it is known by its id. */
export type Sent = { id: string; edits: readonly Edit[] };

/** A document as the server had it. */
export type Base = { revision: number; document: Spec };

/** What the server does not have: a save without an answer, and the edits since. */
export type Unsaved = { sent?: Sent | undefined; edits: readonly Edit[]; basedOn: number; at: string; window: string };

const keyOf = (what: 'unsaved' | 'base' | 'waiting', specId: string, window = windowName()): string =>
  `ypsiline:${what}:${specId}:${window}`;

const keptBase = new Map<string, number>();

/** Keeps what the server does not have yet; what the browser refuses to keep is there for as long as the page is. */
export function keepUnsaved(specId: string, base: Base, own: Pick<Unsaved, 'sent' | 'edits'>): void {
  // the base is the same for all that is typed between two saves
  if (keptBase.get(specId) !== base.revision && isKept(keyOf('base', specId), base))
    keptBase.set(specId, base.revision);
  const now = { basedOn: base.revision, at: new Date().toISOString(), window: windowName() };
  isKept(keyOf('unsaved', specId), { ...own, ...now } satisfies Unsaved);
}

function isKept(key: string, what: unknown): boolean {
  try {
    localStorage.setItem(key, JSON.stringify(what));
    return true;
  } catch {
    return false;
  }
}

export function dropUnsaved(specId: string, window?: string): void {
  localStorage.removeItem(keyOf('unsaved', specId, window));
  localStorage.removeItem(keyOf('base', specId, window));
  if (window === undefined) keptBase.delete(specId);
}

/** What this window had not saved when it was left or reloaded. */
export function ownUnsaved(specId: string): Unsaved | null {
  return readUnsaved(specId, keyOf('unsaved', specId));
}

/** The document of which what is unsaved was made; null where the browser could not keep it. */
export function baseOf(specId: string, { basedOn, window }: Pick<Unsaved, 'basedOn' | 'window'>): Base | null {
  const base = read<Base>(localStorage, keyOf('base', specId, window));
  return base?.revision === basedOn ? base : null;
}

/** Puts what was not saved aside, where what was made of it is not known: it is asked about like what other windows left behind. */
export function setAside(specId: string, kept: Unsaved): void {
  const window = `${kept.window}-before`;
  localStorage.setItem(keyOf('unsaved', specId, window), JSON.stringify({ ...kept, window }));
  dropUnsaved(specId);
}

/** Keeps what waits for a choice, so that it outlives the page. */
export function keepWaiting(specId: string, waiting: readonly Waiting[]): void {
  if (waiting.length === 0) localStorage.removeItem(keyOf('waiting', specId));
  else isKept(keyOf('waiting', specId), waiting);
}

export function keptWaiting(specId: string): Waiting[] {
  return read<Waiting[]>(localStorage, keyOf('waiting', specId)) ?? [];
}

/** Where it is not known which windows live: they save within seconds, and what is older was left behind by one that is gone. */
const LEFT_BEHIND_MS = 20_000;

/** Unsaved documents that windows of this browser left behind when they were closed, the newest first. */
export async function leftBehind(specId: string): Promise<Unsaved[]> {
  const live = await liveWindows();
  const isGone = ({ window, at }: Unsaved): boolean =>
    live ? !live.has(window) : Date.now() - Date.parse(at) > LEFT_BEHIND_MS;
  const prefix = keyOf('unsaved', specId, '');
  return Object.keys(localStorage)
    .filter((key) => key.startsWith(prefix) && key !== keyOf('unsaved', specId))
    .map((key) => readUnsaved(specId, key))
    .filter((kept): kept is Unsaved => kept !== null && isGone(kept))
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

/** A step that was made outside of the draft's views, such as a restore, so that it is undone like any other. */
export function keepStep(specId: string, step: Change, after: Spec): void {
  const kept = keptSteps(specId);
  const before = applyEdits(after, turnedBack(step.edits)).value;
  const past = kept && before && kept.document === canonicalJson(before) ? kept.past : [];
  keepSteps(specId, { document: canonicalJson(after), past: [...past, step], future: [] });
}

/** What is kept under a key; what an older version of the application kept was the whole document. */
function readUnsaved(specId: string, key: string): Unsaved | null {
  const kept = read<Unsaved & { document?: Spec }>(localStorage, key);
  if (!kept?.document) return kept;
  const { document, basedOn, at, window } = kept;
  const base = baseOf(specId, kept);
  return { edits: base ? editsBetween(base.document, document) : [], basedOn, at, window };
}

function read<T>(storage: Storage, key: string): T | null {
  try {
    const text = storage.getItem(key);
    return text === null ? null : (JSON.parse(text) as T);
  } catch {
    return null;
  }
}
