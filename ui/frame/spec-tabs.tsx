import { Link } from '../parts/link';
import styles from './spec-tabs.module.scss';

/** What a team does with a spec beside working on its draft. */
export const SPEC_PAGES = [
  { id: 'editions', title: 'Editions', path: '/editions' },
  { id: 'comparison', title: 'Comparison', path: '/comparison' },
  { id: 'review', title: 'Review', path: '/review' },
  { id: 'remarks', title: 'Comments', path: '/remarks' },
  { id: 'history', title: 'History', path: '/history' },
  { id: 'followers', title: 'Followers', path: '/followers' },
] as const;

export type SpecPage = (typeof SPEC_PAGES)[number]['id'];

/** The pages of a spec for the team: what was published, compared, reviewed, remarked on. */
export function SpecTabs({
  address,
  page,
  counts = {},
}: {
  address: string;
  page: SpecPage | null;
  counts?: Partial<Record<SpecPage, number>>;
}) {
  return (
    <nav className={`${styles.tabs} no-print`} aria-label="Pages of this specification">
      {SPEC_PAGES.map(({ id, title, path }) => (
        <Link key={id} href={`${address}${path}`} aria-current={id === page ? 'page' : undefined}>
          {title}
          {counts[id] ? <span className={styles.count}>{counts[id]}</span> : null}
        </Link>
      ))}
    </nav>
  );
}
