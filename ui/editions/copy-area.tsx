'use client';

import { type MouseEvent, type ReactNode, useState } from 'react';
import { useAtEdition } from '../draft/came-from-edition';
import styles from './reading.module.scss';

/** Everything in it that carries `data-copy` copies that text when it is chosen; what was copied is said at the foot. */
export function CopyArea({ children }: { children: ReactNode }) {
  const [said, setSaid] = useState('');
  useAtEdition();

  const onClick = async (event: MouseEvent): Promise<void> => {
    const text = (event.target as HTMLElement).closest<HTMLElement>('[data-copy]')?.dataset.copy;
    if (text === undefined) return;
    try {
      await navigator.clipboard.writeText(text);
      setSaid(
        text.includes('\t')
          ? 'Table copied.'
          : text.includes('\n')
            ? 'Copied.'
            : `Copied ${text.length > 60 ? `${text.slice(0, 60)}…` : text}`,
      );
    } catch {
      setSaid('This browser doesn’t allow copying. Select the text and copy it yourself.');
    }
  };

  return (
    <div onClick={onClick}>
      {children}
      <p className={styles.copied} role="status" data-said={said !== '' || undefined}>
        {said}
      </p>
    </div>
  );
}
