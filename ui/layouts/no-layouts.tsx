import styles from './layouts.module.scss';
import { Button } from '../parts/button';

/** What a trial layout is, where there is none yet. */
export function NoLayouts({ onNew }: { onNew: () => void }) {
  return (
    <div className={styles.nothing}>
      <h2>No page on this grid yet</h2>
      <p>
        A trial layout puts a heading, pictures and cards on the columns and rows of every breakpoint. It says what each
        piece measures, how many rows of white space lie between them, and whether it all comes out when the page is
        built.
      </p>
      <Button look="primary" data-edits onClick={onNew}>
        Put a page on the grid
      </Button>
    </div>
  );
}
