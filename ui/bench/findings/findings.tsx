'use client';

import { useState } from 'react';
import type { JudgedFinding } from '../../../core/checks/run';
import type { Weight } from '../../../core/checks/rule';
import { applyChanges } from '../../../core/sheet/apply-changes';
import { findingsOfDraft } from '../../draft/findings-of-draft';
import { useDraft } from '../../draft/draft-context';
import { Fractions } from '../../drawing/numeral';
import { WaiverForm } from '../../waivers/waiver-form';
import styles from './findings.module.scss';

const WEIGHTS: Record<Weight, string> = { 'must-fix': 'Must fix', weigh: 'Weigh', note: 'Note' };

/** What the checks report, the weightiest first: gone to, mended, or waived with a reason. */
export function Findings({ person }: { person: string }) {
  const document = useDraft((bench) => bench.document);
  const findings = findingsOfDraft(document);
  const [waiving, setWaiving] = useState<string | null>(null);
  const open = findings.filter(({ waiver }) => !waiver);
  const waived = findings.filter(({ waiver }) => waiver);
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
                {count} {weight === 'note' ? (count === 1 ? 'note' : 'notes') : WEIGHTS[weight].toLowerCase()}
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
            key={keyOf(finding)}
            finding={finding}
            name={finding.breakpoint === null ? '' : (names.get(finding.breakpoint) ?? '')}
            person={person}
            isWaiving={waiving === keyOf(finding)}
            onWaive={(wanted) => setWaiving(wanted ? keyOf(finding) : null)}
          />
        ))}
      </ul>
    </section>
  );
}

function keyOf({ rule, breakpoint, cell, values }: JudgedFinding): string {
  return [rule, breakpoint, cell, ...Object.values(values)].join(' ');
}

type RowProps = {
  finding: JudgedFinding;
  name: string;
  person: string;
  isWaiving: boolean;
  onWaive: (wanted: boolean) => void;
};

function FindingRow({ finding, name, person, isWaiving, onWaive }: RowProps) {
  const document = useDraft((bench) => bench.document);
  const change = useDraft((bench) => bench.change);
  const selectCell = useDraft((bench) => bench.selectCell);
  const { rule, weight, breakpoint, cell, message, values, mends, waiver } = finding;

  const goTo = (): void => {
    if (!breakpoint || !cell) return;
    selectCell(breakpoint, cell);
    requestAnimationFrame(() => window.document.querySelector<HTMLElement>('[role=gridcell][tabindex="0"]')?.focus());
  };
  const waive = (reason: string): void => {
    change({ ...document, waivers: [...document.waivers, { rule, breakpoint, values, reason, by: person }] });
    onWaive(false);
  };
  const withdraw = (): void =>
    change({ ...document, waivers: document.waivers.filter((candidate) => candidate !== waiver) });

  return (
    <li className={styles.row} data-waived={waiver ? true : undefined}>
      <span data-weight={weight}>{waiver ? 'Waived' : WEIGHTS[weight]}</span>
      <span>{name}</span>
      <div>
        <button type="button" className={styles.message} onClick={goTo} title="Go to the cell">
          <Fractions text={message} />
        </button>
        {waiver && (
          <span className="soft">
            {' '}
            {waiver.reason} ({waiver.by})
          </span>
        )}
        {isWaiving && <WaiverForm onWaive={waive} onCancel={() => onWaive(false)} />}
      </div>
      <div className={styles.mends}>
        {!waiver &&
          mends.slice(0, 2).map((mend) => (
            <button
              key={mend.label}
              type="button"
              className="quiet"
              onClick={() => change(applyChanges(document, mend.changes))}
            >
              <Fractions text={mend.label} />
            </button>
          ))}
        {waiver ? (
          <button type="button" className="quiet" onClick={withdraw}>
            Withdraw the waiver
          </button>
        ) : (
          !isWaiving && (
            <button type="button" className="quiet" onClick={() => onWaive(true)}>
              Waive…
            </button>
          )
        )}
      </div>
    </li>
  );
}
