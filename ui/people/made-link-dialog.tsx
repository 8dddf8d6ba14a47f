'use client';

import { useState } from 'react';
import { Dialog } from '../parts/dialog';
import styles from './people.module.scss';
import { Button } from '../parts/button';

type Props = { title: string; path: string; onClose: () => void };

/** Shows a link that works once, this once. */
export function MadeLinkDialog({ title, path, onClose }: Props) {
  const [isCopied, setCopied] = useState(false);
  const link = typeof location === 'undefined' ? path : `${location.origin}${path}`;
  return (
    <Dialog
      title={title}
      onClose={onClose}
      answers={
        <>
          <Button onClick={() => void navigator.clipboard.writeText(link).then(() => setCopied(true))}>
            {isCopied ? 'Copied' : 'Copy the link'}
          </Button>
          <Button look="primary" onClick={onClose}>
            Done
          </Button>
        </>
      }
    >
      <p>It works once, and is in the outbox too. Whoever opens it is taken to be who it is for.</p>
      <p>
        <code className={styles.link}>{link}</code>
      </p>
    </Dialog>
  );
}
