'use client';

import dynamic from 'next/dynamic';
import { type ReactNode, useEffect, useMemo, useState } from 'react';
import { useStore } from 'zustand';
import type { Spec } from '../../core/spec/schema';
import { DraftBar, type DraftPermissions } from './draft-bar';
import { DraftProvider } from './draft-context';
import styles from './draft-frame.module.scss';
import { createDraftStore, type LastEdition } from './draft-store';
import { baseOf, dropUnsaved, leftBehind, type Unsaved } from './kept-drafts';
import { holdWindow } from '../frame/live-windows';
import { timeOf } from './saving/time-of';
import { MovedLine } from './moved-line';
import { AfterEdition } from './after-edition';
import { NotTakenNotice, SaveNotice } from './saving/save-notice';
import { SaveStatus } from './saving/save-status';
import { createTogetherStore } from './together/together-store';
import { useWorkingTogether } from './together/use-together';
import { WaitingList } from './together/waiting-list';
import { useDraftKeys } from './use-draft-keys';
import { useSaving } from './use-saving';
import { useSteps } from './use-steps';
import { createViewStore } from './view-store';

// it compares two documents, which is rare and takes much code
const CollisionDialog = dynamic(() => import('./saving/collision-dialog').then((file) => file.CollisionDialog), {
  ssr: false,
});

const RemarkDialog = dynamic(() => import('../remarks/remark-dialog').then((file) => file.RemarkDialog), {
  ssr: false,
});

const ReadInDialog = dynamic(() => import('../reading-in/read-in-dialog').then((file) => file.ReadInDialog), {
  ssr: false,
});

type Props = {
  person: string;
  team: { slug: string; name: string };
  spec: { id: string; slug: string; revision: number; document: Spec; changedAt: string; changedBy: string };
  edition: LastEdition | null;
  may: DraftPermissions;
  members: readonly { id: string; name: string }[];
  /** The pattern by which the team names its grids; empty: none. */
  pattern: string;
  children: ReactNode;
};

/** What every view of a draft stands in: one document with its undo steps, saved by itself; the bar; what went wrong. */
export function DraftFrame({ person, team, spec, edition, may, members, pattern, children }: Props) {
  const [store] = useState(() => createDraftStore(spec.document, spec.id, edition, { mayEdit: may.edit, pattern }));
  const [view] = useState(() => createViewStore(store));
  const [together] = useState(() => createTogetherStore(spec.revision, spec.changedAt));
  const sync = useSaving(store, together, spec);
  const stores = useMemo(() => ({ draft: store, view, together, sync }), [store, view, together, sync]);
  const saveState = useStore(together, ({ save }) => save);
  useWorkingTogether(spec.id, sync, together, view);
  useSteps(store, spec.id);
  const [isReadingIn, setReadingIn] = useState(false);
  const [isRemarking, setRemarking] = useState(false);
  const [left, setLeft] = useState<Unsaved | null>(null);
  useDraftKeys(store, view);
  useEffect(() => {
    holdWindow();
    if (may.edit) void leftBehind(spec.id).then(([newest]) => setLeft(newest ?? null));
  }, [spec.id, may.edit]);

  const settle = (take: boolean): void => {
    if (!left) return;
    if (take) sync.takeOver(left, baseOf(spec.id, left));
    dropUnsaved(spec.id, left.window);
    setLeft(null);
  };

  return (
    <DraftProvider value={stores}>
      <div className={styles.frame} data-view-only={!may.edit || undefined}>
        <DraftBar
          flush={sync.flush}
          person={person}
          team={team}
          slug={spec.slug}
          may={may}
          onReadIn={() => setReadingIn(true)}
          onRemark={() => setRemarking(true)}
        >
          <SaveStatus state={saveState} />
        </DraftBar>
        <SaveNotice state={saveState} onRetry={() => void sync.save()} />
        <WaitingList />
        <NotTakenNotice />
        <MovedLine address={`/${team.slug}/${spec.slug}`} />
        <AfterEdition address={`/${team.slug}/${spec.slug}`} />
        {children}
      </div>
      {isReadingIn && <ReadInDialog onClose={() => setReadingIn(false)} />}
      {isRemarking && (
        <RemarkDialog
          specId={spec.id}
          address={`/${team.slug}/${spec.slug}`}
          members={members}
          onClose={() => setRemarking(false)}
        />
      )}
      {left && (
        <CollisionDialog
          title={`Changes made here at ${timeOf(left.at)} weren’t saved`}
          mine={{ document: sync.onTop(left, baseOf(spec.id, left)).document, words: 'the unsaved changes' }}
          theirs={{ document: store.getState().document, words: 'the saved draft' }}
          onMine={() => settle(true)}
          onTheirs={() => settle(false)}
          onLater={() => setLeft(null)}
        />
      )}
    </DraftProvider>
  );
}
