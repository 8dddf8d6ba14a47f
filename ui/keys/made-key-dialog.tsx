'use client';

import { useState } from 'react';
import { Dialog } from '../parts/dialog';
import styles from './keys.module.scss';

type Props = { team: string; secret: string; spec: string | undefined; onClose: () => void };

/** Shows the secret of a new key, this once. */
export function MadeKeyDialog({ team, secret, spec = 'specification', onClose }: Props) {
  const [isCopied, setCopied] = useState(false);
  const address = typeof location === 'undefined' ? '' : location.origin;
  return (
    <Dialog
      title="The key is made"
      onClose={onClose}
      answers={
        <>
          <button
            type="button"
            className="btn btn-line"
            onClick={() => void navigator.clipboard.writeText(secret).then(() => setCopied(true))}
          >
            {isCopied ? 'Copied' : 'Copy the key'}
          </button>
          <button type="button" className="btn btn-primary" onClick={onClose}>
            I have kept it
          </button>
        </>
      }
    >
      <p>This is its secret. It is shown this once: put it where your build keeps its secrets.</p>
      <p>
        <code className={styles.secret}>{secret}</code>
      </p>
      <p className="soft">In a build that has it in YPSILINE_KEY:</p>
      <pre className={styles.sample}>
        {`curl --fail --header "Authorization: Bearer $YPSILINE_KEY" \\
  ${address}/e/${team}/${spec}/latest/grid.css`}
      </pre>
    </Dialog>
  );
}
