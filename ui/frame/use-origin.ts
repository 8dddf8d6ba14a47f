'use client';

import { useSyncExternalStore } from 'react';

const never = (): (() => void) => () => {};

/** Where this application is, such as `https://grids.example.org`; which only the browser knows. */
export function useOrigin(): string {
  return useSyncExternalStore(
    never,
    () => window.location.origin,
    () => 'https://…',
  );
}
