'use client';

import { createContext, useContext } from 'react';
import { useStore } from 'zustand';
import type { DraftState, DraftStore } from './draft-store';

const DraftContext = createContext<DraftStore | null>(null);

export const DraftProvider = DraftContext.Provider;

export function useDraftStore(): DraftStore {
  const store = useContext(DraftContext);
  if (!store) throw new Error('this part of the bench stands outside of it');
  return store;
}

/** A part of the bench's state. */
export function useDraft<T>(select: (bench: DraftState) => T): T {
  return useStore(useDraftStore(), select);
}
