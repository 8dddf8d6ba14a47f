'use client';

import type { Parsed } from '../../core/parsed';
import { decimal, numeral } from '../../core/length/present';
import { exactText, ZERO } from '../../core/length/px';
import type { Breakpoint, Spec, TextStyle } from '../../core/spec/schema';
import { gridLeadings } from '../../core/type/on-the-grid';
import { stepOf, textAt } from '../../core/type/text-at';
import { writeSetting } from '../../core/type/write-style';
import { useDraft } from '../draft/draft-context';
import { Toggle } from '../parts/toggle';
import styles from './type.module.scss';

type Props = { style: TextStyle; breakpoint: Breakpoint; write: (written: Parsed<Spec>) => string | null };

/** Leadings that sit on the grid for the size of a style at a breakpoint. */
export function Suggestions({ style, breakpoint, write }: Props) {
  const document = useDraft((draft) => draft.document);
  const step = stepOf(document, breakpoint);
  const { size, leading } = textAt(document, style, breakpoint);
  if (step.equals(ZERO)) return null;
  return (
    <div className={styles.suggestions} data-edits role="group" aria-label="Leadings on the grid">
      <span className="soft">
        Leadings of <span className="number">{decimal(size)}</span> on the grid of{' '}
        <span className="number">{numeral(step)}</span>:
      </span>
      {gridLeadings(size, step)
        .slice(0, 9)
        .map(({ leading: fits, ofSize }) => (
          <Toggle
            key={exactText(fits)}

            isOn={fits.equals(leading)}
            title={`${decimal(ofSize)} of the size`}
            onClick={() => write(writeSetting(document, style.name, breakpoint, 'leading', `${exactText(fits)}px`))}
          >
            {numeral(fits)} <small>{ofSize.valueOf().toFixed(2)}</small>
          </Toggle>
        ))}
    </div>
  );
}
