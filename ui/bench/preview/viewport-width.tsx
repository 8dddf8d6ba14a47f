'use client';

import { readWholePx } from '../../../core/length/whole-px';
import { LIMITS } from '../../../core/limits';
import { useView } from '../../draft/draft-context';
import { CommitField } from '../../parts/commit-field';
import styles from './preview.module.scss';

/** The width of the viewport that is shown, typed; the breakpoint that applies there takes over. */
export function ViewportWidth() {
  const viewport = useView((view) => view.viewport);
  const show = useView((view) => view.show);
  const commit = (typed: string): string | null => {
    const width = readWholePx(typed, LIMITS.screen);
    if (width === null)
      return `“${typed.slice(0, 40)}” isn’t a viewport width. Enter whole px from 1 to ${LIMITS.screen.most.toLocaleString('en')}.`;
    show(width);
    return null;
  };
  return (
    <CommitField
      label="Viewport width"
      title="Viewport width shown"
      value={String(viewport)}
      className={styles.pageHeight!}
      maxLength={12}
      onCommit={commit}
    />
  );
}
