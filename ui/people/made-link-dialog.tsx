'use client';

import { useState } from 'react';
import { useOrigin } from '../frame/use-origin';
import { Dialog } from '../parts/dialog';
import { Secret } from '../parts/secret';
import { Button } from '../parts/button';

type Props = { title: string; path: string; onClose: () => void };

/** Shows a link that works once, this once. */
export function MadeLinkDialog({ title, path, onClose }: Props) {
  const [isCopied, setCopied] = useState(false);
  const link = `${useOrigin()}${path}`;
  return (
    <Dialog
      title={title}
      onClose={onClose}
      answers={
        <>
          <Button onClick={() => void navigator.clipboard.writeText(link).then(() => setCopied(true))}>
            {isCopied ? 'Copied' : 'Copy link'}
          </Button>
          <Button look="primary" onClick={onClose}>
            Done
          </Button>
        </>
      }
    >
      <p>The link works once, for whoever opens it first. You can find it again in the outbox.</p>
      <Secret>{link}</Secret>
    </Dialog>
  );
}
