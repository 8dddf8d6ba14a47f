'use client';

import { createContext, useContext } from 'react';
import { useStore } from 'zustand';
import { type DraftState, type DraftStore } from './draft-store';
import type { Sync } from './saving/sync';
import type { TogetherState, TogetherStore } from './together/together-store';
import type { ViewState, ViewStore } from './view-store';

type Stores = { draft: DraftStore; view: ViewStore; together: TogetherStore; sync: Sync };

const DraftContext = createContext<Stores | null>(null);

export const DraftProvider = DraftContext.Provider;

export function useStores(): Stores {
  const stores = useContext(DraftContext);
  if (!stores) throw new Error('this part of a draft is used outside of it');
  return stores;
}

export function useDraftStore(): DraftStore {
  return useStores().draft;
}

export function useViewStore(): ViewStore {
  return useStores().view;
}

export function useTogetherStore(): TogetherStore {
  return useStores().together;
}

export function useSync(): Sync {
  return useStores().sync;
}

/** A part of the draft: its document, and what changes it. */
export function useDraft<T>(select: (draft: DraftState) => T): T {
  return useStore(useDraftStore(), select);
}

/** May whoever looks change the draft? Tools that change it are marked `data-edits`, and absent where not (`theme.scss`). */
export function useMayEdit(): boolean {
  return useDraft((draft) => draft.mayEdit);
}

/** A part of where one looks: marker, selection, zoom, overlays. */
export function useView<T>(select: (view: ViewState) => T): T {
  return useStore(useViewStore(), select);
}

/** A part of what others do with the draft, and how it stands with the server. */
export function useTogether<T>(select: (together: TogetherState) => T): T {
  return useStore(useTogetherStore(), select);
}
