'use client';

import { useEffect, useRef, useState } from 'react';
import type { Spec } from '../../core/spec/schema';
import type { SweepNews, SweepOrder } from './sweep.worker';

type Swept = {
  /** Null until the first sweep is there. */
  news: SweepNews | null;
  /** Did the newest sweep break off? */
  hasFailed: boolean;
  retry: () => void;
};

/** The sweep of a draft over a range of widths, done anew when either changes. */
export function useSweep(spec: Spec, from: number, to: number): Swept {
  const [news, setNews] = useState<SweepNews | null>(null);
  const [hasFailed, setFailed] = useState(false);
  const [turn, setTurn] = useState(0);
  const worker = useRef<Worker | null>(null);
  const newest = useRef(0);

  useEffect(() => {
    const started = new Worker(new URL('./sweep.worker.ts', import.meta.url), { type: 'module' });
    started.onmessage = ({ data }: MessageEvent<SweepNews>) => {
      if (data.number === newest.current) setNews(data);
    };
    started.onerror = () => setFailed(true);
    started.onmessageerror = () => setFailed(true);
    worker.current = started;
    return () => {
      // one that is ended while it still loads reports that as an error
      started.onerror = null;
      started.terminate();
    };
  }, [turn]);

  useEffect(() => {
    setFailed(false);
    newest.current += 1;
    const order: SweepOrder = { spec, from, to, number: newest.current };
    worker.current?.postMessage(order);
  }, [spec, from, to, turn]);

  return { news, hasFailed, retry: () => setTurn((before) => before + 1) };
}
