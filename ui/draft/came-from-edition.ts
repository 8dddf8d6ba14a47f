'use client';

import { useEffect, useState } from 'react';

const KEY = 'ypsiline:at-edition';

/** Remembers, in this window, that an edition is being read. */
export function useAtEdition(): void {
  useEffect(() => sessionStorage.setItem(KEY, '1'), []);
}

/** Was an edition read just before, in this window? */
export function useAfterEdition(): boolean {
  const [came, setCame] = useState(false);
  useEffect(() => {
    setCame(sessionStorage.getItem(KEY) !== null);
    sessionStorage.removeItem(KEY);
  }, []);
  return came;
}
