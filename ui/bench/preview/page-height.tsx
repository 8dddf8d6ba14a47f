'use client';

import { readWholePx } from '../../../core/length/whole-px';
import type { Breakpoint } from '../../../core/spec/schema';
import { useView } from '../../draft/draft-context';
import { CommitField } from '../../parts/commit-field';
import styles from './preview.module.scss';

const MOST = 100_000;

/** The height of the page that is drawn, typed; empty is the height of the screen. */
export function PageHeight({ breakpoint: { id, reference }, height }: { breakpoint: Breakpoint; height: number }) {
  const setPageHeight = useView((view) => view.setPageHeight);

  const commit = (typed: string): string | null => {
    const isEmpty = typed.trim() === '';
    const wanted = readWholePx(typed, { least: 1, most: MOST });
    if (!isEmpty && wanted === null)
      return `“${typed.slice(0, 40)}” isn’t a page height. Enter whole px from 1 to 100,000, such as ${reference.height}.`;
    setPageHeight(id, wanted === reference.height ? null : wanted);
    return null;
  };

  return (
    <CommitField
      key={id}
      label="Page height"
      title={`Page height in px; leave empty for the screen’s ${reference.height}`}
      value={String(height)}
      className={height === reference.height ? styles.pageHeight : `${styles.pageHeight} ${styles.longer}`}
      maxLength={12}
      onCommit={commit}
    />
  );
}
