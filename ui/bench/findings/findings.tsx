'use client';

import { usePathname, useRouter } from 'next/navigation';
import { useState } from 'react';
import { type JudgedFinding, lapsedFor, lapsedWaivers } from '../../../core/checks/run';
import { WEIGHT_NAMES } from '../../../core/checks/rule';
import type { Waiver } from '../../../core/spec/schema';
import { placedFindings } from '../../../core/sweep/placed-findings';
import { applyChanges } from '../../../core/sheet/apply-changes';
import { findingsOfDraft } from '../../draft/findings-of-draft';
import { useDraft } from '../../draft/draft-context';
import { Fractions } from '../../drawing/numeral';
import { WaiverForm } from '../../waivers/waiver-form';
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
            key={keyOf(finding)}
            finding={finding}
            lapsed={lapsedFor(finding, lapsed)}
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

/** Views in which a finding is better understood, or mended. */
const SHOWN_IN: Record<string, { view: 'sweep' | 'finder'; title: string }[]> = {
  'column-whole': [
    { view: 'sweep', title: 'See where it is whole' },
    { view: 'finder', title: 'Find whole columns' },
  ],
  'parts-whole': [{ view: 'finder', title: 'Find whole columns' }],
  'content-grows': [{ view: 'sweep', title: 'See the jump' }],
  'line-length': [{ view: 'sweep', title: 'See it at every width' }],
};

function keyOf({ rule, breakpoint, cell, values }: JudgedFinding): string {
  return [rule, breakpoint, cell, ...Object.values(values)].join(' ');
}

type RowProps = {
  finding: JudgedFinding;
  /** A waiver of it that held until its numbers changed. */
  lapsed: Waiver | null;
  name: string;
  person: string;
  isWaiving: boolean;
  onWaive: (wanted: boolean) => void;
};

function FindingRow({ finding, lapsed, name, person, isWaiving, onWaive }: RowProps) {
  const document = useDraft((bench) => bench.document);
  const change = useDraft((bench) => bench.change);
  const selectCell = useDraft((bench) => bench.selectCell);
  const show = useDraft((bench) => bench.show);
  const { rule, weight, breakpoint, cell, message, values, mends, waiver, about } = finding;
  const router = useRouter();
  const pathname = usePathname();
  const showAs = useDraft((bench) => bench.showAs);
  const previewed = useDraft((bench) => bench.previewed);

  const showIn = (view: 'sweep' | 'finder'): void => {
    if (breakpoint) selectCell(breakpoint, cell ?? 'column');
    if (view === 'sweep') show(placedFindings(document, [finding])[0]!.width);
    router.push(`${pathname}/${view}`);
  };
  const goTo = (): void => {
    if (about && 'style' in about) return router.push(`${pathname}/type#${about.style}`);
    if (about) return previewed === 'spacing' ? undefined : showAs('spacing');
    if (!breakpoint || !cell) return;
    selectCell(breakpoint, cell);
    requestAnimationFrame(() => window.document.querySelector<HTMLElement>('[role=gridcell][tabindex="0"]')?.focus());
  };
  const waive = (reason: string): void => {
    change({
      ...document,
      waivers: [
        ...document.waivers.filter((waiver) => waiver !== lapsed),
        { rule, breakpoint, values, reason, by: person },
      ],
    });
    onWaive(false);
  };
  const withdraw = (): void =>
    change({ ...document, waivers: document.waivers.filter((candidate) => candidate !== waiver) });

  return (
    <li className={styles.row} data-waived={waiver ? true : undefined}>
      <span data-weight={weight}>{waiver ? 'Waived' : WEIGHT_NAMES[weight]}</span>
      <span>{name}</span>
      <div>
        <button
          type="button"
          className={styles.message}
          onClick={goTo}
          title={about ? ('style' in about ? 'Go to the text style' : 'Go to the scale') : 'Go to the cell'}
        >
          <Fractions text={message} />
        </button>
        {waiver && (
          <span className="soft">
            {' '}
            {waiver.reason} ({waiver.by})
          </span>
        )}
        {lapsed && (
          <span className={styles.lapsed}>
            {' '}
            A waiver lapsed, since the numbers changed: {lapsed.reason} ({lapsed.by})
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
        {!waiver &&
          SHOWN_IN[rule]?.map(({ view, title }) => (
            <button key={view} type="button" className="quiet" onClick={() => showIn(view)}>
              {title}
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
