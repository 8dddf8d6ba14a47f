'use client';

import { Keyboard, Redo2, Undo2 } from 'lucide-react';
import Link from 'next/link';
import { usePathname, useRouter } from 'next/navigation';
import { type ReactNode, useEffect, useState } from 'react';
import { useStore } from 'zustand';
import { holdingBack } from '../../core/checks/run';
import type { Spec } from '../../core/spec/schema';
import { TopBar } from '../frame/top-bar';
import { viewAt } from '../frame/views';
import barStyles from '../frame/top-bar.module.scss';
import { DraftProvider, useDraft, useDraftStore } from './draft-context';
import styles from './draft-frame.module.scss';
import { createDraftStore, type LastEdition } from './draft-store';
import { findingsOfDraft } from './findings-of-draft';
import { dropUnsaved, leftBehind, type Unsaved } from './kept-drafts';
import { CollisionDialog, timeOf } from './saving/collision-dialog';
import { AfterEdition } from './after-edition';
import { NotTaken, SaveNotice } from './saving/save-notice';
import { SaveStatus } from './saving/save-status';
import { ShortcutsDialog } from './shortcuts-dialog';
import { useDraftKeys } from './use-draft-keys';
import { useSaving } from './use-saving';
import { useSteps } from './use-steps';

type Props = {
  person: string;
  team: { slug: string; name: string };
  spec: { id: string; slug: string; revision: number; document: Spec; changedAt: string };
  edition: LastEdition | null;
  children: ReactNode;
};

/** What every view of a draft stands in: one document with its undo steps, saved by itself; the bar; what went wrong. */
export function DraftFrame({ person, team, spec, edition, children }: Props) {
  const [store] = useState(() => createDraftStore(spec.document, spec.id, edition));
  const saving = useSaving(store, spec);
  const steps = useSteps(store, spec.id);
  const [help, setHelp] = useState(false);
  const [left, setLeft] = useState<Unsaved | null>(null);
  useDraftKeys(store, steps, () => setHelp(true));
  useEffect(() => setLeft(leftBehind(spec.id)[0] ?? null), [spec.id]);

  const settle = (take: boolean): void => {
    if (!left) return;
    if (take) store.getState().change(left.document);
    dropUnsaved(spec.id, left.window);
    setLeft(null);
  };

  return (
    <DraftProvider value={store}>
      <div className={styles.frame}>
        <DraftBar
          flush={saving.flush}
          person={person}
          team={team}
          slug={spec.slug}
          steps={steps}
          onHelp={() => setHelp(true)}
        >
          <SaveStatus state={saving.state} />
        </DraftBar>
        <SaveNotice state={saving.state} onRetry={saving.retry} />
        <NotTaken />
        <AfterEdition address={`/${team.slug}/${spec.slug}`} />
        {children}
      </div>
      {help && <ShortcutsDialog onClose={() => setHelp(false)} />}
      {saving.state.is === 'collided' && (
        <CollisionDialog
          title={`${saving.state.newer.changedBy} saved a newer draft at ${timeOf(saving.state.newer.changedAt)}`}
          mine={{ document: store.getState().document, words: 'this window' }}
          theirs={{ document: saving.state.newer.document, words: 'the newer draft' }}
          onMine={saving.keepMine}
          onTheirs={saving.takeTheirs}
        />
      )}
      {left && saving.state.is !== 'collided' && (
        <CollisionDialog
          title={`Changes made here at ${timeOf(left.at)} were never saved`}
          mine={{ document: left.document, words: 'the unsaved changes' }}
          theirs={{ document: store.getState().document, words: 'the saved draft' }}
          onMine={() => settle(true)}
          onTheirs={() => settle(false)}
          onLater={() => setLeft(null)}
        />
      )}
    </DraftProvider>
  );
}

type BarProps = {
  person: string;
  team: Props['team'];
  slug: string;
  steps: { undo: () => void; redo: () => void };
  onHelp: () => void;
  flush: () => Promise<boolean>;
  children: ReactNode;
};

function DraftBar({ person, team, slug, steps, onHelp, flush, children }: BarProps) {
  const router = useRouter();
  const name = useDraft(({ document }) => document.name);
  const mustFix = useDraft(({ document }) => holdingBack(findingsOfDraft(document)).length);
  const view = viewAt(usePathname());
  const publish = `/${team.slug}/${slug}/publish`;
  return (
    <TopBar person={person} place={{ team, spec: { slug, name }, view }}>
      <StepButtons steps={steps} />
      <button type="button" className={barStyles.account} onClick={onHelp} aria-label="Keys" title="Keys (?)">
        <Keyboard size={17} aria-hidden />
      </button>
      {children}
      {mustFix > 0 && <span className={styles.mustFix}>{mustFix} to fix</span>}
      <Link
        className={barStyles.publish}
        aria-keyshortcuts="Alt+Shift+P"
        data-key="P"
        title="Publish an edition (Alt+Shift+P)"
        href={publish}
        onClick={async (event) => {
          // what was typed a moment ago is published too
          event.preventDefault();
          if (await flush()) router.push(publish);
        }}
      >
        Publish…
      </Link>
    </TopBar>
  );
}

function StepButtons({ steps: { undo, redo } }: { steps: BarProps['steps'] }) {
  const { temporal } = useDraftStore();
  const past = useStore(temporal, ({ pastStates }) => pastStates.length);
  const future = useStore(temporal, ({ futureStates }) => futureStates.length);
  const buttons = [
    { name: 'Undo', keys: 'Ctrl+Z', Icon: Undo2, step: undo, steps: past },
    { name: 'Redo', keys: 'Ctrl+Shift+Z', Icon: Redo2, step: redo, steps: future },
  ];
  return buttons.map(({ name, keys, Icon, step, steps: left }) => (
    <button
      key={name}
      type="button"
      className={barStyles.account}
      onClick={step}
      disabled={left === 0}
      aria-label={name}
      title={`${name} (${keys})`}
    >
      <Icon size={17} aria-hidden />
    </button>
  ));
}
