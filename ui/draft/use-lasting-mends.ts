'use client';

import { useEffect, useState } from 'react';
import { findingKey } from '../../core/checks/finding-key';
import { lastingMends } from '../../core/checks/lasting-mends';
import type { Finding, Mend } from '../../core/checks/rule';
import { useDraftStore } from './draft-context';

const NONE: readonly Mend[] = [];

/** The mends that are offered for a finding: those that make no other of its weight. They are tried when the window is idle. */
export function useLastingMends(finding: Finding | undefined): readonly Mend[] {
  const store = useDraftStore();
  const key = finding && finding.mends.length > 0 ? findingKey(finding) : null;
  const [tried, setTried] = useState<{ key: string; mends: readonly Mend[] } | null>(null);
  useEffect(() => {
    if (key === null || tried?.key === key) return;
    const wait = window.requestIdleCallback(
      () => setTried({ key, mends: lastingMends(store.getState().document, finding!) }),
      { timeout: 2_000 },
    );
    return () => window.cancelIdleCallback(wait);
  }, [key, tried?.key, finding, store]);
  return tried && tried.key === key ? tried.mends : NONE;
}
