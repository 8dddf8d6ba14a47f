'use client';

import { useState } from 'react';
import { Dialog } from '../parts/dialog';
import type { ListedKey, ListedSpec } from './listed-key';
import styles from './keys.module.scss';
import { Button } from '../parts/button';

type Props = {
  kind: ListedKey['kind'];
  team: string;
  secret: string;
  /** What it opens. */
  specs: readonly ListedSpec[];
  onClose: () => void;
};

/** Shows the secret of a new key, or the address of a new link, this once. */
export function MadeKeyDialog({ kind, team, secret, specs, onClose }: Props) {
  const [isCopied, setCopied] = useState(false);
  const address = typeof location === 'undefined' ? '' : location.origin;
  const isLink = kind === 'link';
  const published = specs.find(({ isPublished }) => isPublished);
  const spec = (published ?? specs[0])?.slug ?? 'specification';
  const shown = isLink ? `${address}/l/${secret}/latest/page.html` : secret;
  return (
    <Dialog
      title={isLink ? 'The link is made' : 'The key is made'}
      onClose={onClose}
      answers={
        <>
          <Button onClick={() => void navigator.clipboard.writeText(shown).then(() => setCopied(true))}>
            {isCopied ? 'Copied' : isLink ? 'Copy the link' : 'Copy the key'}
          </Button>
          <Button look="primary" onClick={onClose}>
            I have kept it
          </Button>
        </>
      }
    >
      <p>
        {isLink
          ? 'This is its address, with the secret in it. It is shown this once.'
          : 'This is its secret. It is shown this once: put it where your build keeps its secrets.'}
      </p>
      <p>
        <code className={styles.secret}>{shown}</code>
      </p>
      {!published && <p>Nothing that it opens is published yet: it answers after the first edition.</p>}
      {isLink ? (
        <p className="soft">
          In place of latest a version can stand, such as 1.0.0, and in place of page.html any file of the edition:
          page.pdf, grid.css. The address up to /latest lists them all.
        </p>
      ) : (
        <>
          <p className="soft">In a build that has it in YPSILINE_KEY:</p>
          <pre className={styles.sample}>
            {`curl --fail --header "Authorization: Bearer $YPSILINE_KEY" \\
  ${address}/e/${team}/${spec}/latest/grid.css`}
          </pre>
        </>
      )}
    </Dialog>
  );
}
