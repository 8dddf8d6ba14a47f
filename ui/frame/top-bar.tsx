import Link from 'next/link';
import type { ReactNode } from 'react';
import { AccountMenu } from './account-menu';
import styles from './top-bar.module.scss';
import { Wordmark } from './wordmark';

export type View = 'bench' | 'finder' | 'sweep' | 'editions';

type Place = { team: { slug: string; name: string }; spec?: { slug: string; name: string }; view?: View };

/** The slim bar over every page: where one is, the spec's views, and on the right what the view puts there. */
export function TopBar({ person, place, children }: { person: string; place?: Place; children?: ReactNode }) {
  return (
    <header className={styles.bar}>
      <Link href="/" className={styles.wordmark} aria-label="Ypsiline, all specifications">
        <Wordmark />
        <span>Ypsiline</span>
      </Link>
      {place && (
        <nav className={styles.crumbs} aria-label="Where you are">
          <Link href={`/${place.team.slug}`}>{place.team.name}</Link>
          {place.spec && <Link href={`/${place.team.slug}/${place.spec.slug}`}>{place.spec.name}</Link>}
        </nav>
      )}
      {place?.spec && <Views team={place.team.slug} spec={place.spec.slug} view={place.view} />}
      <div className={styles.right}>
        {children}
        <AccountMenu person={person} />
      </div>
    </header>
  );
}

function Views({ team, spec, view }: { team: string; spec: string; view: View | undefined }) {
  const views: { id: View; title: string; href: string }[] = [
    { id: 'bench', title: 'Bench', href: `/${team}/${spec}` },
    { id: 'finder', title: 'Finder', href: `/${team}/${spec}/finder` },
    { id: 'sweep', title: 'Sweep', href: `/${team}/${spec}/sweep` },
    { id: 'editions', title: 'Editions', href: `/${team}/${spec}/editions` },
  ];
  return (
    <nav className={styles.views} aria-label="Views of this specification">
      {views.map(({ id, title, href }) => (
        <Link key={id} href={href} aria-current={view === id ? 'page' : undefined}>
          {title}
        </Link>
      ))}
    </nav>
  );
}
