import type { SpecRecord } from '../../server/specs/specs';
import { SaveStatus } from '../draft/saving/save-status';
import { FindingCounts } from './finding-counts';
import { KeysButton } from './keys-button';
import { PublishLink } from './publish-link';
import { TopBar } from './top-bar';

type Props = { person: string; spec: SpecRecord; mayPublish: boolean };

/** The frame over the pages of a spec’s editions: the same as over its draft, which is as it was saved. */
export function SpecBar({ person, spec, mayPublish }: Props) {
  const { slug, teamSlug, teamName, document, revision, changedAt, mustFix, weigh } = spec;
  const address = `/${teamSlug}/${slug}`;
  return (
    <TopBar
      person={person}
      place={{ team: { slug: teamSlug, name: teamName }, spec: { slug, name: document.name }, view: 'editions' }}
      tools={<KeysButton />}
    >
      <SaveStatus state={{ is: 'saved', revision, at: changedAt.toISOString() }} />
      <FindingCounts {...{ address, mustFix, weigh }} />
      {mayPublish && <PublishLink href={`${address}/publish`} />}
    </TopBar>
  );
}
