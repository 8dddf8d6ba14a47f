'use client';

import { LIMITS } from '../../../core/spec/limits';
import { useDraft } from '../../draft/draft-context';
import { CommitField } from '../../frame/commit-field';
import styles from './preview.module.scss';

/** The width of the viewport that is shown, typed; the breakpoint that applies there takes over. */
export function ViewportWidth() {
  const viewport = useDraft((bench) => bench.viewport);
  const show = useDraft((bench) => bench.show);
  const commit = (typed: string): string | null => {
    const text = typed.trim().replace(/\s*px$/i, '');
    const width = Number(text);
    if (!/^\d+$/.test(text) || width < 1 || width > LIMITS.screen.most)
      return `“${typed.slice(0, 40)}” is no width of a screen; type whole px from 1 to ${LIMITS.screen.most.toLocaleString('en')}.`;
    show(width);
    return null;
  };
  return (
    <CommitField
      label="Viewport width"
      title="Width of the viewport that is shown"
      value={String(viewport)}
      className={styles.pageHeight!}
      maxLength={12}
      onCommit={commit}
    />
  );
}
