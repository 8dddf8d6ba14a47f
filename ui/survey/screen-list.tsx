import { boxCount } from '../../core/survey/screens';
import { countingBoxes } from '../../core/survey/correct';
import { shareOn } from '../../core/survey/follows';
import type { Held } from './held-against';
import { useSurvey, useSurveyStore } from './survey-context';
import styles from './survey.module.scss';
import type { Reading } from './use-bring';
import { BareButton } from '../parts/bare-button';
import { Button } from '../parts/button';

/** The screens under survey, with how far each follows its grid; and those that are being read. */
export function ScreenList({ held, readings }: { held: readonly Held[]; readings: readonly Reading[] }) {
  const store = useSurveyStore();
  const shown = useSurvey((survey) => survey.shown);
  return (
    <ul className={styles.screens} aria-label="Screens">
      {held.map(({ screen, off }) => {
        const share = off && shareOn(off);
        return (
          <li key={screen.id} data-shown={screen.id === shown || undefined}>
            <BareButton
              className={styles.screen}
              aria-current={screen.id === shown}
              title={screen.name}
              onClick={() => store.getState().show(screen.id)}
            >
              <strong>{screen.name}</strong>
              <span className="number soft">
                {Math.round(screen.width)} px, {boxCount(countingBoxes(screen).length)}
              </span>
              {share !== null && off && (
                <span className={styles.share} data-fine={off.slips.length === 0 || undefined}>
                  {Math.round(share * 100)} % on grid{off.slips.length > 0 ? `, ${off.slips.length} off` : ''}
                </span>
              )}
            </BareButton>
            <BareButton
              className={styles.remove}
              aria-label={`Remove ${screen.name}`}
              title="Remove; Undo brings it back"
              onClick={() => store.getState().remove(screen.id)}
            >
              ×
            </BareButton>
          </li>
        );
      })}
      {readings.map(({ id, name, done, end }) => (
        <li key={id} role="status">
          <div className={styles.screen}>
            <strong>{name}</strong>
            <progress value={done} aria-label={`How much of ${name} is read`} />
          </div>
          <Button look="quiet" onClick={end}>
            Cancel
          </Button>
        </li>
      ))}
    </ul>
  );
}
