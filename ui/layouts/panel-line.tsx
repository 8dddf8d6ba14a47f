import type { ReactNode } from 'react';
import type { Parsed } from '../../core/parsed';
import type { Spec } from '../../core/spec/schema';
import styles from './layouts.module.scss';

/** Takes over what comes of the document as it is now; answers with what speaks against it. */
export type Write = (written: (spec: Spec) => Parsed<Spec>) => string | null;

/** A name and what stands beside it. */
export function Line({ label, children }: { label: string; children: ReactNode }) {
  return (
    <div className={styles.line}>
      <span className="soft">{label}</span>
      <span>{children}</span>
    </div>
  );
}
