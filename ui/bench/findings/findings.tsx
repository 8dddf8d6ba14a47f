'use client';

import { useMemo, useState } from 'react';
import { sameness } from '../../../core/checks/lasting-mends';
import type { JudgedFinding } from '../../../core/checks/run';
import { cellAt } from '../../../core/quantities/registry';
import { type Place, placeKey } from '../../../core/sheet/place';
import type { Spec } from '../../../core/spec/schema';
import { findingsOfDraft } from '../../draft/findings-of-draft';
import { useDraft, useView } from '../../draft/draft-context';
import { EVERYTHING, type FindingFilter, FindingFilters } from './finding-filters';
import { FindingRows } from './finding-rows';
import styles from './findings.module.scss';
import { Button } from '../../parts/button';

/** What the checks report, those of the selected cell and breakpoint first: gone to, mended, or waived with a reason. */
export function Findings({ person }: { person: string }) {
  const document = useDraft((draft) => draft.document);
  const selected = useView((view) => view.selected);
  const edition = useDraft((draft) => draft.edition);
  const findings = findingsOfDraft(document);
  const known = useMemo(() => (edition ? new Set(findingsOfDraft(edition.document).map(sameness)) : null), [edition]);
  const isNew = (finding: JudgedFinding): boolean => known !== null && !known.has(sameness(finding));
  const [filter, setFilter] = useState<FindingFilter>(EVERYTHING);
  const open = findings.filter(({ waiver }) => !waiver);
  const names = new Map(document.breakpoints.map(({ id, name }) => [id, name]));
  const breakpoint = filter.breakpoint !== null && names.has(filter.breakpoint) ? filter.breakpoint : null;
  const shown = findings.filter(
    (finding) =>
      (breakpoint === null || finding.breakpoint === breakpoint) &&
      (filter.weight === null || finding.weight === filter.weight) &&
      (!filter.isNew || isNew(finding)),
  );

  return (
    <section id="findings" className={styles.panel} aria-label="Findings">
      <div className={styles.head}>
        <h2>Findings</h2>
        <FindingFilters
          open={open}
          names={names}
          filter={{ ...filter, breakpoint }}
          fresh={edition ? { version: edition.version, count: findings.filter(isNew).length } : null}
          onFilter={setFilter}
        />
        {findings.length > open.length && <span className="soft">{findings.length - open.length} waived</span>}
        {open.length === 0 && <span className={styles.fine}>No findings. Everything adds up.</span>}
      </div>
      <FindingRows
        findings={inOrder(document, shown, selected)}
        person={person}
        isSelected={(finding) => isOf(document, finding, selected)}
        isNew={isNew}
      >
        {shown.length === 0 && findings.length > 0 && (
          <li className={styles.none}>
            None of the {findings.length} match these filters.{' '}
            <Button look="quiet" onClick={() => setFilter(EVERYTHING)}>
              Show all
            </Button>
          </li>
        )}
      </FindingRows>
    </section>
  );
}

function isOf(spec: Spec, { subject }: JudgedFinding, selected: Place): boolean {
  const cell = subject[0] && cellAt(spec, subject[0]);
  return cell ? placeKey(cell) === placeKey(selected) : false;
}

/** What must be fixed first, waived ones last; between them those of the selected cell, then those of its breakpoint, each by weight. */
function inOrder(spec: Spec, findings: JudgedFinding[], selected: Place): JudgedFinding[] {
  const rank = (finding: JudgedFinding): number => {
    if (finding.waiver) return 4;
    if (finding.weight === 'must-fix') return 0;
    if (isOf(spec, finding, selected)) return 1;
    return finding.breakpoint === selected.breakpoint ? 2 : 3;
  };
  return findings.toSorted((a, b) => rank(a) - rank(b));
}
