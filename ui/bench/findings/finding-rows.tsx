'use client';

import { type ReactNode, useState } from 'react';
import { findingKey } from '../../../core/checks/finding-key';
import type { JudgedFinding } from '../../../core/checks/run';
import { lapsedFor, lapsedWaivers } from '../../../core/checks/waivers';
import { findingsOfDraft } from '../../draft/findings-of-draft';
import { useDraft } from '../../draft/draft-context';
import { FindingRow } from './finding-row';
import styles from './findings.module.scss';

type Props = {
  /** Those that are listed, in their order. */
  findings: readonly JudgedFinding[];
  person: string;
  isSelected: (finding: JudgedFinding) => boolean;
  /** Was it not there in the last edition? By default that is not said. */
  isNew?: (finding: JudgedFinding) => boolean;
  children?: ReactNode;
};

/** Findings one under the other, of which one at a time is being waived. */
export function FindingRows({ findings, person, isSelected, isNew = () => false, children }: Props) {
  const document = useDraft((draft) => draft.document);
  const [waiving, setWaiving] = useState<string | null>(null);
  const lapsed = lapsedWaivers(document, findingsOfDraft(document));
  const names = new Map(document.breakpoints.map(({ id, name }) => [id, name]));
  return (
    <ul className={styles.list}>
      {findings.map((finding) => (
        <FindingRow
          key={findingKey(finding)}
          finding={finding}
          lapsed={lapsedFor(finding, lapsed)}
          name={finding.breakpoint === null ? '' : (names.get(finding.breakpoint) ?? '')}
          person={person}
          isNew={isNew(finding)}
          isSelected={isSelected(finding)}
          isWaiving={waiving === findingKey(finding)}
          onWaive={setWaiving}
        />
      ))}
      {children}
    </ul>
  );
}
