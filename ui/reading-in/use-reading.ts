'use client';

import { useEffect, useState } from 'react';
import type { Reading } from '../../core/reading/reading';
import { askReading } from './ask-reading';
import type { Given } from './source';

/** What is known of a file: nothing yet, that it is being read, what it says, or why it cannot be read. */
export type ReadingState =
  | { is: 'nothing' }
  | { is: 'reading' }
  | { is: 'read'; reading: Reading; name: string }
  | { is: 'refused'; problem: string };

const PAUSE = 250;

/** Reads what is given, in a worker; what is typed, when typing pauses. */
export function useReading(): {
  state: ReadingState;
  give: (files: Given[]) => void;
  refuse: (problem: string) => void;
} {
  const [given, give] = useState<Given | null>(null);
  const [state, setState] = useState<ReadingState>({ is: 'nothing' });
  useEffect(() => {
    if (!given) return setState({ is: 'nothing' });
    setState({ is: 'reading' });
    let end = (): void => {};
    const timer = setTimeout(() => {
      end = askReading({ is: 'read', ...given }, ({ value, problem }) =>
        setState(value ? { is: 'read', reading: value, name: given.name } : { is: 'refused', problem: problem! }),
      );
    }, PAUSE);
    return () => {
      clearTimeout(timer);
      end();
    };
  }, [given]);
  return {
    state,
    give: (files) => {
      if (files.length > 1) setState({ is: 'refused', problem: `These are ${files.length} files; choose one.` });
      else give(files[0] ?? null);
    },
    refuse: (problem) => setState({ is: 'refused', problem }),
  };
}
