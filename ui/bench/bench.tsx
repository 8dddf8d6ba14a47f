'use client';

import { Keyboard, Redo2, Undo2 } from 'lucide-react';
import Link from 'next/link';
import { useEffect, useState } from 'react';
import { Group, Panel, Separator } from 'react-resizable-panels';
import { useStore } from 'zustand';
import { holdingBack, judge } from '../../core/checks/run';
import type { Spec } from '../../core/spec/schema';
import { TopBar } from '../frame/top-bar';
import barStyles from '../frame/top-bar.module.scss';
import { BenchProvider, useBench, useBenchStore } from './bench-context';
import { createBenchStore } from './bench-store';
import { Findings } from './findings/findings';
import { dropUnsaved, leftBehind, type Unsaved } from './kept-drafts';
import { Preview } from './preview/preview';
import { Rail } from './rail/rail';
import { CollisionDialog, timeOf } from './saving/collision-dialog';
import { SaveNotice } from './saving/save-notice';
import { SaveStatus } from './saving/save-status';
import { Sheet } from './sheet/sheet';
import { ShortcutsDialog } from './shortcuts-dialog';
import { useBenchKeys } from './use-bench-keys';
import { useSaving } from './use-saving';
import { useSteps } from './use-steps';
import styles from './bench.module.scss';

type Props = {
  person: string;
  team: { slug: string; name: string };
  spec: { id: string; slug: string; revision: number; document: Spec; changedAt: string };
};

/** The bench, where a spec is written. */
export function Bench({ person, team, spec }: Props) {
  const [store] = useState(() => createBenchStore(spec.document));
  const saving = useSaving(store, spec);
  const steps = useSteps(store, spec.id);
  const [help, setHelp] = useState(false);
  const [left, setLeft] = useState<Unsaved | null>(null);
  useBenchKeys(store, steps, () => setHelp(true));
  useEffect(() => setLeft(leftBehind(spec.id)[0] ?? null), [spec.id]);

  const settle = (take: boolean): void => {
    if (!left) return;
    if (take) store.getState().change(left.document);
    dropUnsaved(spec.id, left.window);
    setLeft(null);
  };

  return (
    <BenchProvider value={store}>
      <div className={styles.bench}>
        <BenchBar person={person} team={team} slug={spec.slug} steps={steps} onHelp={() => setHelp(true)}>
          <SaveStatus state={saving.state} />
        </BenchBar>
        <SaveNotice state={saving.state} onRetry={saving.retry} />
        <Rail />
        <main className={styles.main}>
          <Group orientation="vertical">
            <Panel minSize="40%">
              <Group orientation="horizontal">
                <Panel defaultSize="50%" minSize="30%">
                  <Sheet />
                </Panel>
                <Separator className={styles.divider} aria-label="Width of the sheet" />
                <Panel minSize="25%">
                  <Preview />
                </Panel>
              </Group>
            </Panel>
            <Separator className={styles.divider} aria-label="Height of the findings" />
            <Panel defaultSize="21%" minSize="6%">
              <Findings person={person} />
            </Panel>
          </Group>
        </main>
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
    </BenchProvider>
  );
}

type BarProps = {
  person: string;
  team: Props['team'];
  slug: string;
  steps: { undo: () => void; redo: () => void };
  onHelp: () => void;
  children: React.ReactNode;
};

function BenchBar({ person, team, slug, steps, onHelp, children }: BarProps) {
  const name = useBench((bench) => bench.document.name);
  const mustFix = useBench((bench) => holdingBack(judge(bench.document)).length);
  return (
    <TopBar person={person} place={{ team, spec: { slug, name }, view: 'bench' }}>
      <StepButtons steps={steps} />
      <button type="button" className={barStyles.account} onClick={onHelp} aria-label="Keys" title="Keys (?)">
        <Keyboard size={17} aria-hidden />
      </button>
      {children}
      {mustFix > 0 && <span className={styles.mustFix}>{mustFix} to fix</span>}
      <Link className={barStyles.publish} href={`/${team.slug}/${slug}/publish`}>
        Publish…
      </Link>
    </TopBar>
  );
}

function StepButtons({ steps: { undo, redo } }: { steps: BarProps['steps'] }) {
  const { temporal } = useBenchStore();
  const past = useStore(temporal, ({ pastStates }) => pastStates.length);
  const future = useStore(temporal, ({ futureStates }) => futureStates.length);
  return (
    <>
      <button
        type="button"
        className={barStyles.account}
        onClick={undo}
        disabled={past === 0}
        aria-label="Undo"
        title="Undo (Ctrl+Z)"
      >
        <Undo2 size={17} aria-hidden />
      </button>
      <button
        type="button"
        className={barStyles.account}
        onClick={redo}
        disabled={future === 0}
        aria-label="Redo"
        title="Redo (Ctrl+Shift+Z)"
      >
        <Redo2 size={17} aria-hidden />
      </button>
    </>
  );
}
