'use client';

import { useState } from 'react';
import type { Breakpoint } from '../../../core/spec/schema';
import { useDraft } from '../../draft/draft-context';
import styles from './preview.module.scss';

/** The height of the page that is drawn, typed; empty is the height of the screen. */
export function PageHeight({ breakpoint: { id, reference }, height }: { breakpoint: Breakpoint; height: number }) {
  const setPageHeight = useDraft((bench) => bench.setPageHeight);
  const [typed, setTyped] = useState<string | null>(null);

  const commit = (): void => {
    if (typed === null) return;
    const wanted = Number(typed);
    const isHeight = /^\d+$/.test(typed) && wanted > 0 && wanted <= 100_000;
    if (isHeight && wanted !== reference.height) setPageHeight(id, wanted);
    if (typed.trim() === '' || wanted === reference.height) setPageHeight(id, null);
    setTyped(null);
  };

  return (
    <input
      className={`number ${styles.pageHeight}`}
      aria-label="Page height"
      title={`Height of the page; empty for the screen’s ${reference.height}`}
      value={typed ?? height}
      inputMode="numeric"
      maxLength={6}
      data-longer={height !== reference.height || undefined}
      onChange={(event) => setTyped(event.target.value)}
      onBlur={commit}
      onKeyDown={(event) => {
        if (event.key === 'Enter') commit();
        if (event.key === 'Escape') setTyped(null);
      }}
    />
  );
}
