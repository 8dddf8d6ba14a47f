import { TopBar } from './top-bar';

type Props = { person: string; spec: { slug: string; teamSlug: string; teamName: string; document: { name: string } } };

/** The bar over the pages of a spec's editions. */
export function SpecBar({ person, spec: { slug, teamSlug, teamName, document } }: Props) {
  return (
    <TopBar
      person={person}
      place={{ team: { slug: teamSlug, name: teamName }, spec: { slug, name: document.name }, view: 'editions' }}
    />
  );
}
