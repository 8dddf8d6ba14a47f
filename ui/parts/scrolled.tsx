'use client';

import { type ReactNode, useEffect, useRef, useState } from 'react';
import styles from './scrolled.module.scss';

type Props = { label: string; children: ReactNode };

/** A table or drawing that scrolls sideways by itself where its place is too narrow. Only then is it a stop for the keyboard. */
export function Scrolled({ label, children }: Props) {
  const place = useRef<HTMLDivElement>(null);
  const [isWide, setIsWide] = useState(false);
  useEffect(() => {
    const element = place.current!;
    const measure = () => setIsWide(element.scrollWidth > element.clientWidth);
    const watcher = new ResizeObserver(measure);
    for (const each of [element, ...element.children]) watcher.observe(each);
    return () => watcher.disconnect();
  }, []);
  return (
    <div ref={place} className={styles.scrolled} {...(isWide && { tabIndex: 0, role: 'group', 'aria-label': label })}>
      {children}
    </div>
  );
}
