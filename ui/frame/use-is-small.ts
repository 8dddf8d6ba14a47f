'use client';

import { useSyncExternalStore } from 'react';

/** A window in which a sheet and a drawing have no room beside each other; the same as `$small` in the stylesheets. */
const SMALL = '(max-width: 899px), (max-height: 559px)';

function subscribe(tell: () => void): () => void {
  const query = matchMedia(SMALL);
  query.addEventListener('change', tell);
  return () => query.removeEventListener('change', tell);
}

/** Is the window small, or made small by zooming in? */
export function useIsSmall(): boolean {
  return useSyncExternalStore(
    subscribe,
    () => matchMedia(SMALL).matches,
    () => false,
  );
}
