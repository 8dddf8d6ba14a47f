const WINDOW_KEY = 'ypsiline:window';

let ownName: string | null = null;

/**
 * The name of this window. It lies in the session only while nobody is on the page: a tab that is duplicated takes a
 * copy of the session along, and must not find the name of the tab that it was made from.
 */
export function windowName(): string {
  if (ownName) return ownName;
  const name = sessionStorage.getItem(WINDOW_KEY) ?? Math.random().toString(36).slice(2, 10);
  ownName = name;
  sessionStorage.removeItem(WINDOW_KEY);
  window.addEventListener('pagehide', () => sessionStorage.setItem(WINDOW_KEY, name));
  window.addEventListener('pageshow', ({ persisted }) => persisted && sessionStorage.removeItem(WINDOW_KEY));
  return name;
}
