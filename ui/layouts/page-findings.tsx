'use client';

import { useMemo } from 'react';
import { counted } from '../../core/length/present';
import type { Breakpoint, Layout } from '../../core/spec/schema';
import { FindingRows } from '../bench/findings/finding-rows';
import findingStyles from '../bench/findings/findings.module.scss';
import { findingsOfDraft } from '../draft/findings-of-draft';
import { useDraft } from '../draft/draft-context';
import styles from './layouts.module.scss';

type Props = { layout: Layout; breakpoint: Breakpoint; chosen: readonly string[]; person: string };

/** What the checks report of the page: of the chosen blocks first, then of the breakpoint that is shown; gone to, mended or waived here. */
export function PageFindings({ layout, breakpoint, chosen, person }: Props) {
  const document = useDraft((draft) => draft.document);
  const findings = findingsOfDraft(document);
  const own = useMemo(
    () => findings.filter(({ subject }) => subject.some(([room, id]) => room === 'layouts' && id === layout.id)),
    [findings, layout.id],
  );
  const isChosen = (finding: (typeof own)[number]): boolean =>
    finding.subject.some((at) => chosen.some((block) => at.includes(block)));
  const rank = (finding: (typeof own)[number]): number =>
    finding.waiver ? 3 : isChosen(finding) ? 0 : finding.breakpoint === breakpoint.id ? 1 : 2;
  const open = own.filter(({ waiver }) => !waiver).length;
  return (
    <section className={`${findingStyles.panel} ${styles.sheet}`} aria-label="Findings of this page" data-beside>
      <h2>
        Findings <span className="soft">{open === 0 ? 'none on this page' : counted(open, 'finding')}</span>
      </h2>
      {own.length > 0 && (
        <FindingRows findings={own.toSorted((a, b) => rank(a) - rank(b))} person={person} isSelected={isChosen} />
      )}
    </section>
  );
}
