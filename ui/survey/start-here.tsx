import styles from './survey.module.scss';
import { Button } from '../parts/button';

type Props = { onChoose: () => void; onList: () => void };

/** What a survey begins with. */
export function StartHere({ onChoose, onList }: Props) {
  return (
    <div className={styles.start}>
      <h2>Add screenshots to find their grid</h2>
      <p>
        Drop or paste screenshots (PNG, JPEG, WebP), a page saved as one HTML file, or a list of boxes. Several screens
        of one product tell more than one.
      </p>
      <p>
        <Button look="primary" onClick={onChoose}>
          Choose files…
        </Button>{' '}
        <Button onClick={onList}>List of boxes…</Button>
      </p>
      <p className="soft">
        Pictures are read in this browser and never leave it. Only names, sizes and boxes are saved.
      </p>
    </div>
  );
}
