'use client';

import type { Breakpoint } from '../../../core/spec/schema';
import { useDraft } from '../../draft/draft-context';
import { CommitField } from '../../frame/commit-field';
import styles from './preview.module.scss';

const MOST = 100_000;

/** The height of the page that is drawn, typed; empty is the height of the screen. */
export function PageHeight({ breakpoint: { id, reference }, height }: { breakpoint: Breakpoint; height: number }) {
  const setPageHeight = useDraft((bench) => bench.setPageHeight);

  const commit = (typed: string): string | null => {
    const text = typed.trim().replace(/\s*px$/i, '');
    const wanted = Number(text);
    if (text !== '' && (!/^\d+$/.test(text) || wanted < 1 || wanted > MOST))
      return `“${typed.slice(0, 40)}” is no height of a page; type whole px from 1 to 100,000, such as ${reference.height}.`;
    setPageHeight(id, text === '' || wanted === reference.height ? null : wanted);
    return null;
  };

  return (
    <CommitField
      key={id}
      label="Page height"
      title={`Height of the page; empty for the screen’s ${reference.height}`}
      value={String(height)}
      className={height === reference.height ? styles.pageHeight : `${styles.pageHeight} ${styles.longer}`}
      maxLength={12}
      onCommit={commit}
    />
  );
}
