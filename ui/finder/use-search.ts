'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import type { Conditions, Found, Now } from '../../core/finder/search';
import type { SearchNews, SearchOrder } from './search.worker';

export type SearchState =
  | { is: 'idle' }
  | { is: 'searching'; done: number }
  | { is: 'cancelled' }
  | { is: 'failed' }
  | { is: 'found'; found: Found; conditions: Conditions };

/** A search in a worker; a new one, or cancelling, ends the one before. */
export function useSearch(): {
  state: SearchState;
  start: (conditions: Conditions, now: Now) => void;
  cancel: () => void;
} {
  const [state, setState] = useState<SearchState>({ is: 'idle' });
  const worker = useRef<Worker | null>(null);

  const end = useCallback((): void => {
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
      end();
      setState({ is: 'searching', done: 0 });
      worker.current = new Worker(new URL('./search.worker.ts', import.meta.url), { type: 'module' });
      worker.current.onmessage = ({ data }: MessageEvent<SearchNews>) => {
        if ('done' in data) return setState({ is: 'searching', done: data.done });
        end();
        setState({ is: 'found', found: data.found, conditions });
      };
      worker.current.onerror = () => {
        end();
        setState({ is: 'failed' });
      };
      const order: SearchOrder = { conditions, now };
      worker.current.postMessage(order);
    },
    [end],
  );

  const cancel = useCallback((): void => {
    end();
    setState({ is: 'cancelled' });
  }, [end]);

  return { state, start, cancel };
}
