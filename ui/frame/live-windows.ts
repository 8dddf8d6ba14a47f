import { windowName } from './window-name';

const LOCK = 'ypsiline window ';
let isHeld = false;

/** Holds a lock under the name of this window for as long as its page lives, so that others know that it is there. */
export function holdWindow(): void {
  if (isHeld || !('locks' in navigator)) return;
  isHeld = true;
  void navigator.locks.request(LOCK + windowName(), { mode: 'shared' }, () => new Promise<never>(() => {}));
}

/** The names of the windows whose pages live; null where the browser does not know (Web Locks need a secure context). */
export async function liveWindows(): Promise<ReadonlySet<string> | null> {
  if (!('locks' in navigator)) return null;
  const { held = [] } = await navigator.locks.query();
  return new Set(held.flatMap(({ name }) => (name?.startsWith(LOCK) ? [name.slice(LOCK.length)] : [])));
}
