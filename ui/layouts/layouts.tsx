'use client';

import { useState } from 'react';
import { breakpointAt } from '../../core/spec/ranges';
import { useDraft, useView } from '../draft/draft-context';
import { ViewFrame } from '../frame/view-frame';
import { Rail } from '../bench/rail/rail';
import { BlockPanel } from './block-panel';
import { BlockSheet } from './block-sheet';
import { GapSheet } from './gap-sheet';
import { LayoutHead, type Shown } from './layout-head';
import styles from './layouts.module.scss';
import { NewLayoutDialog } from './new-layout-dialog';
import { NoLayouts } from './no-layouts';
import { createOwnPictures, OwnPicturesProvider } from './own-pictures';
import { PageFindings } from './page-findings';
import { Pages } from './pages';
import { useChosen } from './use-chosen';

/** Trial layouts: a page on the grid, drawn and in numbers. */
export function Layouts(props: { team: string; person: string }) {
  const specId = useDraft((draft) => draft.specId);
  const [pictures] = useState(() => createOwnPictures(specId));
  return (
    <OwnPicturesProvider value={pictures}>
      <LayoutsView {...props} />
    </OwnPicturesProvider>
  );
}

function LayoutsView({ team, person }: { team: string; person: string }) {
  const document = useDraft((draft) => draft.document);
  const viewport = useView((view) => view.viewport);
  const chosen = useChosen(document);
  const [shown, setShown] = useState<Shown>('one');
  const [isNew, setNew] = useState(false);
  const [problem, say] = useState<string | null>(null);
  const { layout } = chosen;
  const [typing, setTyping] = useState<string | null>(null);
  const breakpoint = breakpointAt(document, viewport);
  const onMade = (id: string): void => {
    setNew(false);
    chosen.open(id);
  };

  return (
    <ViewFrame
      view="layouts"
      head={
        layout && (
          <LayoutHead
            layout={layout}
            chosen={chosen}
            shown={shown}
            onShow={setShown}
            onNew={() => setNew(true)}
            onType={setTyping}
            say={say}
          />
        )
      }
    >
      {layout === null ? (
        <NoLayouts onNew={() => setNew(true)} />
      ) : (
        <>
          <Rail />
          <div className={styles.body}>
            <Pages {...{ team, layout, shown, breakpoint, chosen, say, typing }} onType={setTyping} />
            <aside className={styles.aside} aria-label="Blocks and white space">
              {problem && (
                <p className={`problem ${styles.problem}`} role="alert">
                  {problem}
                </p>
              )}
              <BlockPanel team={team} layout={layout} breakpoint={breakpoint} chosen={chosen} say={say} />
              <PageFindings layout={layout} breakpoint={breakpoint} chosen={chosen.blocks} person={person} />
              <BlockSheet layout={layout} breakpoint={breakpoint} chosen={chosen} />
              <GapSheet layout={layout} breakpoint={breakpoint} />
            </aside>
          </div>
        </>
      )}
      {isNew && <NewLayoutDialog onMade={onMade} onClose={() => setNew(false)} />}
    </ViewFrame>
  );
}
