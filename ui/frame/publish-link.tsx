'use client';

import type { MouseEventHandler } from 'react';
import { Link } from '../parts/link';
import styles from './top-bar.module.scss';

type Props = { href: string; onClick?: MouseEventHandler<HTMLAnchorElement> };

/** The way to publish an edition, in the bar of every page of a spec. */
export function PublishLink({ href, onClick }: Props) {
  return (
    <Link
      className={styles.publish}
      aria-keyshortcuts="Alt+Shift+P"
      data-key="P"
      title="Publish an edition (Alt+Shift+P)"
      href={href}
      {...(onClick && { onClick })}
    >
      Publish…
    </Link>
  );
}
