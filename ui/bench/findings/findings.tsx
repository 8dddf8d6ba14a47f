'use client';

import { findingKey } from '../../../core/checks/finding-key';
import { useState } from 'react';
import { lapsedFor, lapsedWaivers } from '../../../core/checks/waivers';
import { WEIGHT_NAMES } from '../../../core/checks/rule';
import { findingsOfDraft } from '../../draft/findings-of-draft';
import { useDraft } from '../../draft/draft-context';
import { FindingRow } from './finding-row';
import styles from './findings.module.scss';

/** What the checks report, the weightiest first: gone to, mended, or waived with a reason. */
export function Findings({ person }: { person: string }) {
  const document = useDraft((bench) => bench.document);
  const findings = findingsOfDraft(document);
  const [waiving, setWaiving] = useState<string | null>(null);
  const open = findings.filter(({ waiver }) => !waiver);
  const waived = findings.filter(({ waiver }) => waiver);
  const lapsed = lapsedWaivers(document, findings);
  const names = new Map(document.breakpoints.map(({ id, name }) => [id, name]));

  return (
    <section className={styles.panel} aria-label="Findings">
      <div className={styles.head}>
        <h2>Findings</h2>
        {(['must-fix', 'weigh', 'note'] as const).map((weight) => {
          const count = open.filter((finding) => finding.weight === weight).length;
          return (
            count > 0 && (
              <span key={weight} data-weight={weight}>
                {count} {weight === 'note' ? (count === 1 ? 'note' : 'notes') : WEIGHT_NAMES[weight].toLowerCase()}
              </span>
            )
          );
        })}
        {waived.length > 0 && <span className="soft">{waived.length} waived</span>}
        {open.length === 0 && <span className={styles.fine}>Nothing to report: every sum comes out.</span>}
      </div>
      <ul className={styles.list}>
        {[...open, ...waived].map((finding) => (
          <FindingRow
            key={findingKey(finding)}
            finding={finding}
            lapsed={lapsedFor(finding, lapsed)}
            name={finding.breakpoint === null ? '' : (names.get(finding.breakpoint) ?? '')}
            person={person}
            isWaiving={waiving === findingKey(finding)}
            onWaive={setWaiving}
          />
        ))}
      </ul>
    </section>
  );
}
