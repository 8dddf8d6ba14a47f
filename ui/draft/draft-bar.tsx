'use client';

import { FileInput, type LucideIcon, MessageCircle, Redo2, Undo2 } from 'lucide-react';
import { usePathname, useRouter } from 'next/navigation';
import type { ReactNode } from 'react';
import { holdingBack } from '../../core/checks/run';
import { KeysButton } from '../frame/keys-button';
import { PublishLink } from '../frame/publish-link';
import { TopBar } from '../frame/top-bar';
import barStyles from '../frame/top-bar.module.scss';
import { viewAt } from '../frame/views';
import { useDraft, useDraftStore } from './draft-context';
import styles from './draft-frame.module.scss';
import { ONLY_READING } from './draft-store';
import { findingsOfDraft } from './findings-of-draft';
import { PeopleHere } from './together/people-here';

/** What whoever looks at a draft may do with it. */
export type DraftPermissions = { edit: boolean; publish: boolean; review: boolean; askReview: boolean };

type Props = {
  person: string;
  team: { slug: string; name: string };
  slug: string;
  may: DraftPermissions;
  onReadIn: () => void;
  onRemark: () => void;
  flush: () => Promise<boolean>;
  children: ReactNode;
};

/** The bar over every view of a draft: what can be undone, how it is saved, what holds an edition back. */
export function DraftBar({ person, team, slug, may, onReadIn, onRemark, flush, children }: Props) {
  const router = useRouter();
  const name = useDraft(({ document }) => document.name);
  const mustFix = useDraft(({ document }) => holdingBack(findingsOfDraft(document)).length);
  const view = viewAt(usePathname());
  const publish = `/${team.slug}/${slug}/publish`;
  return (
    <TopBar person={person} place={{ team, spec: { slug, name }, view }}>
      <PeopleHere address={`/${team.slug}/${slug}`} person={person} />
      {may.edit && <StepButtons />}
      {may.edit && (
        <BarButton
          name="Read a grid in"
          letter="G"
          says="Read a grid in from CSS, tokens, a table"
          Icon={FileInput}
          onClick={onReadIn}
        />
      )}
      <BarButton
        name="Write a remark"
        letter="M"
        says="Write a remark on what is selected"
        Icon={MessageCircle}
        onClick={onRemark}
      />
      <KeysButton />
      {may.edit ? (
        children
      ) : (
        <span className={styles.reading} title={ONLY_READING}>
          View only
        </span>
      )}
      {mustFix > 0 && <span className={styles.mustFix}>{mustFix} to fix</span>}
      {may.publish && (
        <PublishLink
          href={publish}
          onClick={async (event) => {
            // what was typed a moment ago is published too
            event.preventDefault();
            if (await flush()) router.push(publish);
          }}
        />
      )}
    </TopBar>
  );
}

type BarButtonProps = { name: string; letter: string; says: string; Icon: LucideIcon; onClick: () => void };

/** A button of the bar that has a key, Alt + Shift and a letter. */
function BarButton({ name, letter, says, Icon, onClick }: BarButtonProps) {
  return (
    <button
      type="button"
      className={barStyles.account}
      onClick={onClick}
      aria-label={name}
      aria-keyshortcuts={`Alt+Shift+${letter}`}
      data-key={letter}
      title={`${says} (Alt+Shift+${letter})`}
    >
      <Icon size={17} aria-hidden />
    </button>
  );
}

/** Undo and redo, with what they would change. */
function StepButtons() {
  const { undo, redo } = useDraftStore().getState();
  const past = useDraft((draft) => draft.past.at(-1));
  const future = useDraft((draft) => draft.future.at(-1));
  const buttons = [
    { name: 'Undo', keys: 'Ctrl+Z', Icon: Undo2, step: undo, change: past },
    { name: 'Redo', keys: 'Ctrl+Shift+Z', Icon: Redo2, step: redo, change: future },
  ];
  return buttons.map(({ name, keys, Icon, step, change }) => (
    <button
      key={name}
      type="button"
      className={barStyles.account}
      onClick={step}
      disabled={!change}
      aria-label={name}
      title={`${name}${change ? `: ${change.label}` : ''} (${keys})`}
    >
      <Icon size={17} aria-hidden />
    </button>
  ));
}
