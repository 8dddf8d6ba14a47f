'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import type { Conditions, Found, Now } from '../../core/finder/search';
import type { SearchNews, SearchOrder } from './search.worker';

type Result = { found: Found; conditions: Conditions };

export type SearchState = { is: 'searching'; done: number } | { is: 'cancelled' } | { is: 'failed' } | { is: 'found' };

/** A search in a worker, which stays for the next one; a search that is still going on ends with its worker. What was found last stays until the next is found. */
export function useSearch(): {
  state: SearchState;
  result: Result | null;
  start: (conditions: Conditions, now: Now) => void;
  cancel: () => void;
} {
  const [state, setState] = useState<SearchState>({ is: 'searching', done: 0 });
  const [result, setResult] = useState<Result | null>(null);
  const worker = useRef<Worker | null>(null);
  const isBusy = useRef(false);

  const end = useCallback((): void => {
    isBusy.current = false;
    if (!worker.current) return;
    // one that is ended while it still loads reports that as an error
    worker.current.onerror = null;
    worker.current.onmessage = null;
    worker.current.terminate();
    worker.current = null;
  }, []);
  useEffect(() => end, [end]);

  const start = useCallback(
    (conditions: Conditions, now: Now): void => {
      if (isBusy.current) end();
      setState({ is: 'searching', done: 0 });
      isBusy.current = true;
      worker.current ??= new Worker(new URL('./search.worker.ts', import.meta.url), { type: 'module' });
      worker.current.onmessage = ({ data }: MessageEvent<SearchNews>) => {
        if ('done' in data) return setState({ is: 'searching', done: data.done });
        isBusy.current = false;
        setState({ is: 'found' });
        setResult({ found: data.found, conditions });
      };
      worker.current.onerror = () => {
        end();
        setState({ is: 'failed' });
        setResult(null);
      };
      const order: SearchOrder = { conditions, now };
      worker.current.postMessage(order);
    },
    [end],
  );

  const cancel = useCallback((): void => {
    end();
    setState({ is: 'cancelled' });
    setResult(null);
  }, [end]);

  return { state, result, start, cancel };
}
