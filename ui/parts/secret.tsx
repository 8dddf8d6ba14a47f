import styles from './secret.module.scss';

/** A secret, or a link with one in it, as a whole; its dialog says that it is shown once. */
export function Secret({ children }: { children: string }) {
  return <code className={styles.secret}>{children}</code>;
}
