'use client';

import dynamic from 'next/dynamic';
import { useState } from 'react';
import type { ComponentProps } from 'react';
import type { CssOtherwise } from './css-otherwise';

// it brings the writer of style sheets along, which few readers ask for
const Otherwise = dynamic(() => import('./css-otherwise').then((file) => file.CssOtherwise), { ssr: false });

/** Options of `grid.css`, when they are asked for. */
export function CssOtherwiseSection(props: ComponentProps<typeof CssOtherwise>) {
  const [isOpen, setOpen] = useState(false);
  return (
    <details onToggle={({ currentTarget }) => setOpen(currentTarget.open)}>
      <summary>Customise grid.css</summary>
      {isOpen && <Otherwise {...props} />}
    </details>
  );
}
