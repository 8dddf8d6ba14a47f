/**
 * How far one has gone into the preview: px of the window for each px of the page, or the whole page whatever that takes;
 * and the way it was moved, in px of the window.
 */
export type View = { zoom: number | 'whole'; x: number; y: number };
export const WHOLE_VIEW: View = { zoom: 'whole', x: 0, y: 0 };

const [LEAST, MOST] = [0.02, 32];

/**
 * A view zoomed by a factor around a place, which stays where it is.
 *
 * @param whole the scale at which the whole page is seen
 * @param around px of the window from where the page begins in the whole view
 */
export function zoomed({ zoom, x, y }: View, factor: number, whole: number, around = { x: 0, y: 0 }): View {
  const now = zoom === 'whole' ? whole : zoom;
  const next = Math.min(MOST, Math.max(LEAST, now * factor));
  const by = next / now;
  return { zoom: next, x: around.x - (around.x - x) * by, y: around.y - (around.y - y) * by };
}

/** Steps of the zoom beside which the whole page and 1:1 are steps too. */
const STEP = 1.25;

/**
 * A view one step further in or out. The whole page and one px to one px are not stepped over.
 *
 *     steppedView({ zoom: 0.9, x: 0, y: 0 }, 1, 0.4)   // 1
 */
export function steppedView(view: View, direction: 1 | -1, whole: number, around = { x: 0, y: 0 }): View {
  const now = view.zoom === 'whole' ? whole : view.zoom;
  const next = now * (direction === 1 ? STEP : 1 / STEP);
  const stop = [1, whole].find((each) => (each - now) * direction > 0.001 && (next - each) * direction > 0.001);
  if (stop === whole && whole !== 1) return WHOLE_VIEW;
  return zoomed(view, (stop ?? next) / now, whole, around);
}

/** The view at one px of the window for each px of the page. */
export function oneToOne(view: View, whole: number, around = { x: 0, y: 0 }): View {
  return zoomed(view, 1 / (view.zoom === 'whole' ? whole : view.zoom), whole, around);
}
