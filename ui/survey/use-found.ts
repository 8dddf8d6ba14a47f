'use client';

import { useEffect, useRef, useState } from 'react';
import { surveyed } from '../../core/survey/correct';
import { askWorker } from './ask-worker';
import { useSurvey } from './survey-context';
import type { Found } from './survey.worker';

export type FoundState = { found: Found | null; isLooking: boolean };

const PAUSE_MS = 150;

/** The grids of the screens under survey, looked for off the page’s thread whenever their boxes change. */
export function useFound(): FoundState {
  const screens = useSurvey((survey) => survey.screens);
  const [state, setState] = useState<FoundState>({ found: null, isLooking: false });
  const end = useRef<() => void>(() => {});
  useEffect(() => {
    end.current();
    if (screens.length === 0) return setState({ found: null, isLooking: false });
    setState(({ found }) => ({ found, isLooking: true }));
    const waiting = setTimeout(() => {
      const asked = askWorker({ is: 'find', screens: screens.map(surveyed) });
      end.current = asked.end;
      asked.news
        .then((news) =>
          setState(({ found }) => ({ found: news.is === 'found' ? news.found : found, isLooking: false })),
        )
        .catch(() => {});
    }, PAUSE_MS);
    end.current = () => clearTimeout(waiting);
    return () => end.current();
  }, [screens]);
  return state;
}
