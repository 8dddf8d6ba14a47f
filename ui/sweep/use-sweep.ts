'use client';

import { useEffect, useRef, useState } from 'react';
import type { Spec } from '../../core/spec/schema';
import type { SweepNews, SweepOrder } from './sweep.worker';

/** The sweep of a draft over a range of widths, done anew when either changes. Null until the first one is there. */
export function useSweep(spec: Spec, from: number, to: number): SweepNews | null {
  const [news, setNews] = useState<SweepNews | null>(null);
  const worker = useRef<Worker | null>(null);
  const newest = useRef(0);

  useEffect(() => {
    const started = new Worker(new URL('./sweep.worker.ts', import.meta.url), { type: 'module' });
    started.onmessage = ({ data }: MessageEvent<SweepNews>) => {
      if (data.number === newest.current) setNews(data);
    };
    worker.current = started;
    return () => started.terminate();
  }, []);

  useEffect(() => {
    newest.current += 1;
    const order: SweepOrder = { spec, from, to, number: newest.current };
    worker.current?.postMessage(order);
  }, [spec, from, to]);

  return news;
}
