import { Link } from '../parts/link';
import type { ReactNode } from 'react';
import { AccountMenu } from './account-menu';
import { BarKeys } from './bar-keys';
import { NoticeBell } from './notice-bell';
import styles from './top-bar.module.scss';
import { type View, VIEWS } from './views';
import { Wordmark } from './wordmark';

type Tab = { title: string; href: string; isHere: boolean };

type Place = {
  team: { slug: string; name: string };
  /** The team’s own pages, for whoever may open them. */
  tabs?: readonly Tab[];
  spec?: { slug: string; name: string };
  view?: View;
};

type Props = {
  person: string;
  place?: Place;
  /** At the end of the views: what is done with the draft. */
  tools?: ReactNode;
  /** Beside the account: how the draft stands, and publishing. */
  children?: ReactNode;
};

/** The frame over every page: where one is and how the draft stands; under it the views of a specification and the draft’s tools. */
export function TopBar({ person, place, tools, children }: Props) {
  return (
    <header className={styles.frame}>
      <BarKeys />
      <a href="#content" className={styles.skip}>
        Skip to content
      </a>
      <div className={styles.bar}>
        <Link
          href={place ? `/${place.team.slug}` : '/'}
          className={styles.wordmark}
          aria-label={place ? `Ypsiline, all specifications of ${place.team.name}` : 'Ypsiline, your teams'}
        >
          <Wordmark />
          <span>Ypsiline</span>
        </Link>
        {place && (
          <nav className={styles.crumbs} aria-label="Where you are">
            <Link href={`/${place.team.slug}`} title={place.team.name}>
              {place.team.name}
            </Link>
            {place.spec && (
              <Link href={`/${place.team.slug}/${place.spec.slug}`} title={place.spec.name}>
                {place.spec.name}
              </Link>
            )}
          </nav>
        )}
        <div className={styles.right}>
          {children}
          <NoticeBell />
          <AccountMenu person={person} />
        </div>
      </div>
      {(place?.tabs ?? place?.spec) && (
        <div className={styles.second}>
          {place?.tabs && <Tabs tabs={place.tabs} />}
          {place?.spec && <Views team={place.team.slug} spec={place.spec.slug} view={place.view} />}
          {tools && (
            <div className={styles.tools} role="toolbar" aria-label="Draft">
              {tools}
            </div>
          )}
        </div>
      )}
    </header>
  );
}

function Tabs({ tabs }: { tabs: readonly Tab[] }) {
  return (
    <nav className={styles.views} aria-label="Pages of this team">
      {tabs.map(({ title, href, isHere }) => (
        <Link key={href} href={href} aria-current={isHere ? 'page' : undefined}>
          {title}
        </Link>
      ))}
    </nav>
  );
}

function Views({ team, spec, view }: { team: string; spec: string; view: View | undefined }) {
  return (
    <nav className={styles.views} aria-label="Views of this specification">
      {VIEWS.map(({ id, title, path, key, says }) => (
        <Link
          key={id}
          href={`/${team}/${spec}${path}`}
          aria-current={view === id ? 'page' : undefined}
          aria-keyshortcuts={`Alt+Shift+${key}`}
          data-key={key}
          title={`${says} (Alt+Shift+${key})`}
        >
          {title}
        </Link>
      ))}
    </nav>
  );
}
