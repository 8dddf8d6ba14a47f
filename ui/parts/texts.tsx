import type { ReactNode } from 'react';
import styles from './texts.module.scss';

type Text = { id: string; summary: ReactNode; text: string };

/** Long texts, such as messages and what a web hook sent: a line each, which opens to the whole. */
export function Texts({ texts }: { texts: readonly Text[] }) {
  return (
    <ul className={styles.texts}>
      {texts.map(({ id, summary, text }) => (
        <li key={id}>
          <details>
            <summary>{summary}</summary>
            <pre tabIndex={0}>{text}</pre>
          </details>
        </li>
      ))}
    </ul>
  );
}
