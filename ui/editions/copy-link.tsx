'use client';

import { useEffect, useState } from 'react';
import { Button } from '../parts/button';

/** Copies the address of this edition; the newest one has an address of its own. */
export function CopyLink({ address }: { address: string }) {
  const [link, setLink] = useState(address);
  useEffect(() => setLink(new URL(address, window.location.href).href), [address]);
  return (
    <Button data-copy={link} title={`Copy ${link}`}>
      Copy link
    </Button>
  );
}
