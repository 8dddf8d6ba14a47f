import { sha256 } from '../sha256';
import { type Made, type Order, rendered } from './rendered';

/** Pages and routes are built apart; what was made for one is there for the others. */
const kept = globalThis as typeof globalThis & { ypsilineMade?: Map<string, Promise<Made>> };

/** Pictures and PDFs that were made lately, by what they are made of: whoever looks at the page for publishing publishes soon. */
const lately: Map<string, Promise<Made>> = (kept.ypsilineMade ??= new Map());
const MOST = 150;

/** What a text becomes; made once for as long as it is remembered, also for several who ask at the same moment. */
export function madeLately(order: Order): Promise<Made> {
  const key = `${order.becomes} ${sha256(order.text)}`;
  const made = lately.get(key) ?? rendered([order]).then(([only]) => only!);
  // the longest unasked is forgotten first
  lately.delete(key);
  lately.set(key, made);
  void made.then(({ problem }) => problem !== undefined && lately.delete(key));
  for (const oldest of lately.keys()) {
    if (lately.size <= MOST) break;
    lately.delete(oldest);
  }
  return made;
}
