/** How far one has gone into the preview; the way it moved is in px of the window. */
export type View = { zoom: number; x: number; y: number };
export const WHOLE_VIEW: View = { zoom: 1, x: 0, y: 0 };

const [LEAST, MOST] = [0.25, 16];

/**
 * A view zoomed by a factor around a place, which stays where it is.
 *
 * @param around px of the window from where the page begins in the whole view
 */
export function zoomed({ zoom, x, y }: View, factor: number, around = { x: 0, y: 0 }): View {
  const next = Math.min(MOST, Math.max(LEAST, zoom * factor));
  const by = next / zoom;
  return { zoom: next, x: around.x - (around.x - x) * by, y: around.y - (around.y - y) * by };
}
