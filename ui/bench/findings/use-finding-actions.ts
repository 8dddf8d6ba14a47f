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
  // findings of a page stand beside it too
  const bench = pathname.replace(/\/layouts$/, '');
  const now = () => {
    const draft = store.getState();
    const finding = findingsOfDraft(draft.document).find((each) => findingKey(each) === findingKey(shown)) ?? shown;
    return { draft, look: view.getState(), finding };
  };

  return {
    goTo: (): void => {
      const { draft, look, finding } = now();
      const [at] = finding.subject;
      if (at?.[0] === 'type') return router.push(`${bench}/type#${at[1]}`);
      if (at?.[0] === 'layouts') {
        if (finding.breakpoint) look.show(finding.widths[0] ?? look.viewport);
        const block = blockIn(at);
        look.openLayout(at[1]!, block ? [block] : []);
        return bench === pathname ? router.push(`${bench}/layouts#${at[1]}${block ? `/${block}` : ''}`) : undefined;
      }
      if (at?.[0] === 'spacing') return look.previewed === 'spacing' ? undefined : look.showAs('spacing');
      const cell = at && cellAt(draft.document, at);
      if (!cell) return;
      look.selectCell(cell.breakpoint, cell.quantity);
      requestAnimationFrame(() => document.querySelector<HTMLElement>('[role=gridcell][tabindex="0"]')?.focus());
    },
    showIn: (where: 'sweep' | 'finder'): void => {
      const { draft, look, finding } = now();
      const cell = finding.subject[0] && cellAt(draft.document, finding.subject[0]);
      if (finding.breakpoint) look.selectCell(finding.breakpoint, cell?.quantity ?? 'column');
      if (where === 'sweep') look.show(placedFindings(draft.document, [finding])[0]!.width);
      const into = finding.facts['into'];
      router.push(`${bench}/${where}${where === 'finder' && into !== undefined ? `#parts=${into}` : ''}`);
    },
    mend: (wanted: Mend): void => {
      const { draft, finding } = now();
      const label = mendLabel(finding, wanted);
      const mend = finding.mends.find((each) => mendLabel(finding, each) === label);
      if (mend) draft.edit({ label, edits: mend.edits });
    },
    waive: (reason: string): void => {
      const { draft, finding } = now();
      draft.change(waived(draft.document, finding, { reason, by: person }));
    },
    withdraw: (): void => {
      const { draft, finding } = now();
      if (finding.waiver) draft.change(withoutWaiver(draft.document, finding.waiver));
    },
  };
}

/** The block of a layout that an address is about. */
function blockIn(at: readonly string[]): string | undefined {
  const blocks = at.lastIndexOf('blocks');
  return blocks < 0 ? undefined : at[blocks + 1];
}
