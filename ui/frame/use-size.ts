'use client';

import { type RefObject, useEffect, useRef, useState } from 'react';

export type Size = { width: number; height: number };

/** The size of an element in px, followed as it changes. */
export function useSize<T extends HTMLElement>(): [RefObject<T | null>, Size] {
  const element = useRef<T>(null);
  const [size, setSize] = useState<Size>({ width: 0, height: 0 });
  useEffect(() => {
    const observer = new ResizeObserver(([entry]) => {
      const { width, height } = entry!.contentRect;
      setSize({ width, height });
    });
    observer.observe(element.current!);
    return () => observer.disconnect();
  }, []);
  return [element, size];
}
