'use client';

import { createContext, useContext } from 'react';
import { useStore } from 'zustand';
import { type DraftState, type DraftStore } from './draft-store';
import type { ViewState, ViewStore } from './view-store';

type Stores = { draft: DraftStore; view: ViewStore };

const DraftContext = createContext<Stores | null>(null);

export const DraftProvider = DraftContext.Provider;

function useStores(): Stores {
  const stores = useContext(DraftContext);
  if (!stores) throw new Error('this part of a draft stands outside of it');
  return stores;
}

export function useDraftStore(): DraftStore {
  return useStores().draft;
}

export function useViewStore(): ViewStore {
  return useStores().view;
}

/** A part of the draft: its document, and what changes it. */
export function useDraft<T>(select: (draft: DraftState) => T): T {
  return useStore(useDraftStore(), select);
}

/** A part of where one looks: marker, selection, zoom, overlays. */
export function useView<T>(select: (view: ViewState) => T): T {
  return useStore(useViewStore(), select);
}
