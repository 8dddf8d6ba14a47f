import { database, listenAddress } from '../database/database';
import { createHub, type Hub, SAID_EVERY } from './hub';
import { keepListening } from './listen';

const kept = globalThis as typeof globalThis & { ypsilineEvents?: Hub };

/** The event streams of this process; listening begins with the first. */
export function events(): Hub {
  if (kept.ypsilineEvents) return kept.ypsilineEvents;
  const hub = createHub(database());
  kept.ypsilineEvents = hub;
  keepListening(listenAddress(), {
    onNote: (kind, specId) => (kind === 'saved' || kind === 'here') && hub.note(specId, kind),
    onHeard: hub.noteAll,
  });
  const every = (ms: number, work: () => unknown): void => void setInterval(work, ms).unref();
  every(SAID_EVERY, () => hub.count() > 0 && hub.sayHere());
  every(15_000, hub.breathe);
  return hub;
}
