import styles from './survey.module.scss';
import { Button } from '../parts/button';

type Props = { onChoose: () => void; onList: () => void };

/** What a survey begins with. */
export function StartHere({ onChoose, onList }: Props) {
  return (
    <div className={styles.start}>
      <h2>Bring the screens whose grid you want to know</h2>
      <p>
        Drop them here, or paste them: pictures of screens (PNG, JPEG, WebP), a page saved as one HTML file, or a list
        of boxes. Several screens of one product say more than one.
      </p>
      <p>
        <Button look="primary" onClick={onChoose}>
          Choose files…
        </Button>{' '}
        <Button onClick={onList}>List of boxes…</Button>
      </p>
      <p className="soft">
        Pictures are read in this browser and never leave it. What is kept with the specification is names, sizes and
        boxes.
      </p>
    </div>
  );
}
