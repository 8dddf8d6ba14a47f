import styles from './layouts.module.scss';
import { Button } from '../parts/button';

/** What a trial layout is, where there is none yet. */
export function NoLayouts({ onNew }: { onNew: () => void }) {
  return (
    <div className={styles.nothing}>
      <h2>See your grid as a page</h2>
      <p>
        A trial layout puts headings, pictures and cards on the columns and rows of every breakpoint. It shows the size
        of every block, the white space between them in rows, and how the page will look when it’s built.
      </p>
      <Button look="primary" data-edits onClick={onNew}>
        New layout
      </Button>
    </div>
  );
}
