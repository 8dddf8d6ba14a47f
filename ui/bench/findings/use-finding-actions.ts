'use client';

import { findingKey } from '../../../core/checks/finding-key';
import { usePathname, useRouter } from 'next/navigation';
import type { JudgedFinding } from '../../../core/checks/run';
import { waived, withoutWaiver } from '../../../core/checks/waivers';
import type { Mend } from '../../../core/checks/rule';
import { mendLabel } from '../../../core/checks/sentence';
import { cellAt } from '../../../core/quantities/registry';
import { placedFindings } from '../../../core/sweep/placed-findings';
import { useDraftStore, useViewStore } from '../../draft/draft-context';
import { findingsOfDraft } from '../../draft/findings-of-draft';

/** What can be done about a finding. Each is done to the document as it is then, and to the finding as it stands in it. */
export function useFindingActions(shown: JudgedFinding, person: string) {
  const store = useDraftStore();
  const view = useViewStore();
  const router = useRouter();
  const pathname = usePathname();
  const now = () => {
    const bench = store.getState();
    const finding = findingsOfDraft(bench.document).find((each) => findingKey(each) === findingKey(shown)) ?? shown;
    return { bench, look: view.getState(), finding };
  };

  return {
    goTo: (): void => {
      const { bench, look, finding } = now();
      const [at] = finding.subject;
      if (at?.[0] === 'type') return router.push(`${pathname}/type#${at[1]}`);
      if (at?.[0] === 'layouts') {
        if (finding.breakpoint) look.show(finding.widths[0] ?? look.viewport);
        return router.push(`${pathname}/layouts#${layoutPlace(at)}`);
      }
      if (at?.[0] === 'spacing') return look.previewed === 'spacing' ? undefined : look.showAs('spacing');
      const cell = at && cellAt(bench.document, at);
      if (!cell) return;
      look.selectCell(cell.breakpoint, cell.quantity);
      requestAnimationFrame(() => document.querySelector<HTMLElement>('[role=gridcell][tabindex="0"]')?.focus());
    },
    showIn: (where: 'sweep' | 'finder'): void => {
      const { bench, look, finding } = now();
      const cell = finding.subject[0] && cellAt(bench.document, finding.subject[0]);
      if (finding.breakpoint) look.selectCell(finding.breakpoint, cell?.quantity ?? 'column');
      if (where === 'sweep') look.show(placedFindings(bench.document, [finding])[0]!.width);
      const into = finding.facts['into'];
      router.push(`${pathname}/${where}${where === 'finder' && into !== undefined ? `#parts=${into}` : ''}`);
    },
    mend: (wanted: Mend): void => {
      const { bench, finding } = now();
      const label = mendLabel(finding, wanted);
      const mend = finding.mends.find((each) => mendLabel(finding, each) === label);
      if (mend) bench.edit({ label, edits: mend.edits });
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

/** A layout, and the block in it that an address is about: `front/harbour`. */
function layoutPlace(at: readonly string[]): string {
  const blocks = at.lastIndexOf('blocks');
  return blocks < 0 ? at[1]! : `${at[1]}/${at[blocks + 1]}`;
}
