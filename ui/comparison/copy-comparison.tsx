'use client';

import { useState } from 'react';
import { comparisonText } from '../../core/diff/comparison-text';
import type { ComparedStates } from './compared-states';
import { Button } from '../parts/button';

/** Copies a comparison as text, for a message or a commit. */
export function CopyComparison({ compared: { before, after, differences, effects } }: { compared: ComparedStates }) {
  const [isCopied, setCopied] = useState(false);
  const copy = async (): Promise<void> => {
    await navigator.clipboard.writeText(comparisonText(before.name, after.name, differences, effects));
    setCopied(true);
  };
  return <Button onClick={() => void copy()}>{isCopied ? 'Copied' : 'Copy as text'}</Button>;
}
