'use client';

import { useState } from 'react';
import { useOrigin } from '../frame/use-origin';
import { Dialog } from '../parts/dialog';
import type { ListedKey, ListedSpec } from './listed-key';
import styles from './keys.module.scss';
import { Button } from '../parts/button';
import { Secret } from '../parts/secret';

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
  const address = useOrigin();
  const isLink = kind === 'link';
  const published = specs.find(({ isPublished }) => isPublished);
  const spec = (published ?? specs[0])?.slug ?? 'specification';
  const shown = isLink ? `${address}/l/${secret}/latest/page.html` : secret;
  return (
    <Dialog
      title={isLink ? 'Public link created' : 'Key created'}
      onClose={onClose}
      answers={
        <>
          <Button onClick={() => void navigator.clipboard.writeText(shown).then(() => setCopied(true))}>
            {isCopied ? 'Copied' : isLink ? 'Copy link' : 'Copy key'}
          </Button>
          <Button look="primary" onClick={onClose}>
            I’ve stored it
          </Button>
        </>
      }
    >
      <p>
        {isLink
          ? 'Copy the address now. You won’t see it again.'
          : 'Copy the key now and store it with your build’s other secrets. You won’t see it again.'}
      </p>
      <Secret>{shown}</Secret>
      {!published && <p>Nothing it gives access to is published yet. It works after the first edition.</p>}
      {isLink ? (
        <p className="soft">
          Replace latest with a version, such as 1.0.0, and page.html with any file of the edition, such as page.pdf or
          grid.css. The address up to /latest lists them all.
        </p>
      ) : (
        <>
          <p className="soft">In a build that stores it as YPSILINE_KEY:</p>
          <pre className={styles.sample}>
            {`curl --fail --header "Authorization: Bearer $YPSILINE_KEY" \\
  ${address}/e/${team}/${spec}/latest/grid.css`}
          </pre>
        </>
      )}
    </Dialog>
  );
}
