import styles from './layouts.module.scss';

/** Which edges a browser drew elsewhere than they were worked out; nothing where all are right. */
export function OffLine({ off, viewport }: { off: readonly string[]; viewport: number }) {
  if (off.length === 0) return null;
  return (
    <p className={styles.off} role="status" dir="ltr">
      At {viewport} px {off.slice(0, 2).join('; ')}
      {off.length > 2 ? `; and ${off.length - 2} more` : ''}.
    </p>
  );
}
