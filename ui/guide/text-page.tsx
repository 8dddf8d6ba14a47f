import { Link } from '../parts/link';
import styles from './text-page.module.scss';

type Props = { html: string; pages: Record<string, string>; page: string };

/** A page of the guide, and the way to the other. */
export function TextPage({ html, pages, page }: Props) {
  return (
    <main id="content" className={styles.text}>
      <nav aria-label="Guide">
        {Object.entries(pages).map(([address, title]) => (
          <Link key={address} href={`/guide/${address}`} aria-current={address === page ? 'page' : undefined}>
            {title}
          </Link>
        ))}
      </nav>
      <article dangerouslySetInnerHTML={{ __html: html }} />
    </main>
  );
}
