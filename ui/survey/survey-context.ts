'use client';

import { createContext, useContext } from 'react';
import { useStore } from 'zustand';
import type { Spec } from '../../core/spec/schema';
import type { SurveyState, SurveyStore } from './survey-store';

/** What a survey stands in: its own state, and the spec that it is held against, if there is one, as one of its grids has it. */
type Place = { store: SurveyStore; spec: Spec | null; gridName?: string | undefined };

const SurveyContext = createContext<Place | null>(null);

export const SurveyProvider = SurveyContext.Provider;

function usePlace(): Place {
  const place = useContext(SurveyContext);
  if (!place) throw new Error('this part of a survey is used outside of it');
  return place;
}

export function useSurveyStore(): SurveyStore {
  return usePlace().store;
}

export function useSurvey<T>(select: (survey: SurveyState) => T): T {
  return useStore(useSurveyStore(), select);
}

/** The grid of the spec that screens are held against, where it is one beside the main grid. */
export function useSurveyGrid(): string | undefined {
  return usePlace().gridName;
}

/** The spec that screens are held against; null where a new one is begun. */
export function useSurveySpec(): Spec | null {
  return usePlace().spec;
}
