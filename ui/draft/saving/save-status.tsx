'use client';

import { format } from 'date-fns/format';
import { useEffect, useState } from 'react';
import type { SaveState } from '../together/together-store';
import styles from './saving.module.scss';

/** How the draft stands, in the top bar. */
export function SaveStatus({ state }: { state: SaveState }) {
  const [mounted, setMounted] = useState(false);
  useEffect(() => setMounted(true), []);
  return (
    <span className={styles.status} data-state={state.is} role="status">
      {words(state, mounted)}
    </span>
  );
}

function words(state: SaveState, mounted: boolean): string {
  switch (state.is) {
    case 'saved':
      // the time is told in the reader's own time zone, which only the browser knows
      return `Draft ${state.revision}, saved${mounted ? ` ${format(new Date(state.at), 'HH:mm')}` : ''}`;
    case 'saving':
      return 'Saving…';
    case 'unreachable':
      return 'Offline, not saved';
    case 'signed-out':
      return 'Not saved: signed out';
    case 'refused':
      return 'Not saved';
  }
}
