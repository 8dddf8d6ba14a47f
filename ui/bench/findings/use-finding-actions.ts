'use client';

import { findingKey } from '../../../core/checks/finding-key';
import { usePathname, useRouter } from 'next/navigation';
import type { JudgedFinding } from '../../../core/checks/run';
import { waived, withoutWaiver } from '../../../core/checks/waivers';
import { applyChanges } from '../../../core/sheet/apply-changes';
import { placedFindings } from '../../../core/sweep/placed-findings';
import { useDraftStore } from '../../draft/draft-context';
import { findingsOfDraft } from '../../draft/findings-of-draft';

/** What can be done about a finding. Each is done to the document as it is then, and to the finding as it stands in it. */
export function useFindingActions(shown: JudgedFinding, person: string) {
  const store = useDraftStore();
  const router = useRouter();
  const pathname = usePathname();
  const now = () => {
    const bench = store.getState();
    const finding = findingsOfDraft(bench.document).find((each) => findingKey(each) === findingKey(shown)) ?? shown;
    return { bench, finding };
  };

  return {
    goTo: (): void => {
      const { bench, finding } = now();
      const { about, breakpoint, cell } = finding;
      if (about && 'style' in about) return router.push(`${pathname}/type#${about.style}`);
      if (about) return bench.previewed === 'spacing' ? undefined : bench.showAs('spacing');
      if (!breakpoint || !cell) return;
      bench.selectCell(breakpoint, cell);
      requestAnimationFrame(() => document.querySelector<HTMLElement>('[role=gridcell][tabindex="0"]')?.focus());
    },
    showIn: (view: 'sweep' | 'finder'): void => {
      const { bench, finding } = now();
      if (finding.breakpoint) bench.selectCell(finding.breakpoint, finding.cell ?? 'column');
      if (view === 'sweep') bench.show(placedFindings(bench.document, [finding])[0]!.width);
      router.push(`${pathname}/${view}`);
    },
    mend: (label: string): void => {
      const { bench, finding } = now();
      const mend = finding.mends.find((each) => each.label === label);
      if (mend) bench.change(applyChanges(bench.document, mend.changes));
    },
    waive: (reason: string): void => {
      const { bench, finding } = now();
      bench.change(waived(bench.document, finding, { reason, by: person }));
    },
    withdraw: (): void => {
      const { bench, finding } = now();
      if (finding.waiver) bench.change(withoutWaiver(bench.document, finding.waiver));
    },
  };
}
