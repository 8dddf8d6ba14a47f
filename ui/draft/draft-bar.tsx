'use client';

import { FileInput, MessageCircle, Redo2, Undo2 } from 'lucide-react';
import { usePathname, useRouter } from 'next/navigation';
import type { ReactNode } from 'react';
import { holdingBack, toCheck } from '../../core/checks/run';
import { BarButton } from '../frame/bar-button';
import { FindingCounts } from '../frame/finding-counts';
import { KeysButton } from '../frame/keys-button';
import { PublishLink } from '../frame/publish-link';
import { TopBar } from '../frame/top-bar';
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

/** The frame over every view of a draft: who is here, how it is saved, what was found, publishing; and its tools. */
export function DraftBar({ person, team, slug, may, onReadIn, onRemark, flush, children }: Props) {
  const router = useRouter();
  const name = useDraft(({ document }) => document.name);
  const view = viewAt(usePathname());
  const address = `/${team.slug}/${slug}`;
  const publish = `${address}/publish`;
  return (
    <TopBar
      person={person}
      place={{ team, spec: { slug, name }, view }}
      tools={
        <>
          {may.edit && <StepButtons />}
          {may.edit && (
            <BarButton
              name="Import"
              letter="G"
              says="Import a grid from CSS, tokens or a table"
              Icon={FileInput}
              onClick={onReadIn}
            />
          )}
          <BarButton
            name="Comment"
            letter="M"
            says="Comment on the selection"
            Icon={MessageCircle}
            onClick={onRemark}
          />
          <KeysButton />
        </>
      }
    >
      <PeopleHere address={address} person={person} />
      {may.edit ? (
        children
      ) : (
        <span className={styles.reading} title={ONLY_READING}>
          View only
        </span>
      )}
      <DraftFindings address={address} />
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

function DraftFindings({ address }: { address: string }) {
  const mustFix = useDraft(({ document }) => holdingBack(findingsOfDraft(document)).length);
  const weigh = useDraft(({ document }) => toCheck(findingsOfDraft(document)).length);
  return <FindingCounts {...{ address, mustFix, weigh }} />;
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
    <BarButton
      key={name}
      name={name}
      says={change ? `${name}: ${change.label}` : name}
      keys={keys}
      Icon={Icon}
      disabled={!change}
      onClick={step}
    />
  ));
}
