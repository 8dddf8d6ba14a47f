import { KeysButton } from './keys-button';
import { PublishLink } from './publish-link';
import { TopBar } from './top-bar';

type Props = {
  person: string;
  spec: { slug: string; teamSlug: string; teamName: string; document: { name: string } };
  mayPublish: boolean;
};

/** The bar over the pages of a spec's editions, with the same keys as over its views. */
export function SpecBar({ person, spec: { slug, teamSlug, teamName, document }, mayPublish }: Props) {
  return (
    <TopBar
      person={person}
      place={{ team: { slug: teamSlug, name: teamName }, spec: { slug, name: document.name }, view: 'editions' }}
    >
      <KeysButton />
      {mayPublish && <PublishLink href={`/${teamSlug}/${slug}/publish`} />}
    </TopBar>
  );
}
