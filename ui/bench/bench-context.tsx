'use client';

import { createContext, useContext } from 'react';
import { useStore } from 'zustand';
import type { Bench, BenchStore } from './bench-store';

const BenchContext = createContext<BenchStore | null>(null);

export const BenchProvider = BenchContext.Provider;

export function useBenchStore(): BenchStore {
  const store = useContext(BenchContext);
  if (!store) throw new Error('this part of the bench stands outside of it');
  return store;
}

/** A part of the bench's state. */
export function useBench<T>(select: (bench: Bench) => T): T {
  return useStore(useBenchStore(), select);
}
