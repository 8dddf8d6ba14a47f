import { Link } from '../parts/link';
import { KeysButton } from './keys-button';
import { TopBar } from './top-bar';
import styles from './top-bar.module.scss';

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
      {mayPublish && (
        <Link
          className={styles.publish}
          aria-keyshortcuts="Alt+Shift+P"
          data-key="P"
          title="Publish an edition (Alt+Shift+P)"
          href={`/${teamSlug}/${slug}/publish`}
        >
          Publish…
        </Link>
      )}
    </TopBar>
  );
}
