'use client';

import { useState } from 'react';
import { blockCss } from '../../core/formats/layout/layout-css';
import { stylesOf } from '../../core/spec/block-kinds';
import type { Block, Breakpoint, Layout } from '../../core/spec/schema';
import { useDraft } from '../draft/draft-context';
import { Button } from '../parts/button';
import styles from './layouts.module.scss';

type Props = { layout: Layout; block: Block; breakpoint: Breakpoint };

/** How a block is built: its element, its classes, and what `layout.css` says of it at the breakpoint that is shown. */
export function BlockCode({ layout, block, breakpoint }: Props) {
  const spec = useDraft((draft) => draft.document);
  const [isOpen, setOpen] = useState(false);
  const [isCopied, setCopied] = useState(false);
  const css = isOpen ? blockCss(spec, layout, breakpoint, block.id) : '';
  const copy = (): void => void navigator.clipboard.writeText(css).then(() => setCopied(true));
  return (
    <details
      className={styles.code}
      onToggle={({ currentTarget }) => {
        setOpen(currentTarget.open);
        setCopied(false);
      }}
    >
      <summary>Code</summary>
      <p className="number">
        data-block=&quot;{block.id}&quot;
        {stylesOf(block.holds).map((style) => `, class="type-${style}"`)}
      </p>
      <pre tabIndex={0} aria-label={`CSS of ${block.name} at ${breakpoint.name}`}>
        {css}
      </pre>
      <Button look="quiet" onClick={copy}>
        {isCopied ? 'Copied' : 'Copy CSS'}
      </Button>
    </details>
  );
}
