'use client';

import { type KeyboardEvent, useState } from 'react';
import { typedText } from '../../../core/length/length-value';
import { allowHalfSteps, writeBase } from '../../../core/spacing/rhythm';
import { useDraft } from '../../draft/draft-context';
import { EditFields } from '../../draft/edit-fields';
import { Check } from '../../parts/check';
import styles from './sheet.module.scss';

/** The base unit that everything else is a multiple of, and whether half of it is allowed. */
export function RhythmFields({ onProblem }: { onProblem: (problem: string | null) => void }) {
  const document = useDraft((draft) => draft.document);
  const change = useDraft((draft) => draft.change);
  const take = useDraft((draft) => draft.take);
  const [typed, setTyped] = useState<string | null>(null);
  const { base, halfSteps } = document.spacing;

  const commit = (): void => {
    if (typed === null) return;
    const problem = typed === typedText(base) ? null : take(writeBase(document, typed));
    onProblem(problem);
    if (problem === null) setTyped(null);
  };
  const onKeyDown = (event: KeyboardEvent): void => {
    event.stopPropagation();
    if (event.key === 'Enter') commit();
    if (event.key !== 'Escape') return;
    setTyped(null);
    onProblem(null);
  };

  return (
    <div
      className={styles.rhythm}
      onCopy={(event) => event.stopPropagation()}
      onPaste={(event) => event.stopPropagation()}
    >
      <EditFields>
        <label>
          Base{' '}
          <input
            value={typed ?? typedText(base)}
            maxLength={40}
            autoComplete="off"
            onChange={(event) => setTyped(event.target.value)}
            onBlur={commit}
            onKeyDown={onKeyDown}
            title="Base unit: spacing and rows are multiples of it"
          />
        </label>
        <label title="Also allow multiples of half the base unit">
          <Check
            type="checkbox"
            checked={halfSteps}
            onChange={() => change(allowHalfSteps(document, !halfSteps))}
            onKeyDown={(event) => event.stopPropagation()}
          />{' '}
          and halves
        </label>
      </EditFields>
    </div>
  );
}
