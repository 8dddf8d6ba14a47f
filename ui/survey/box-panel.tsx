import { proposedDensity, DENSITIES } from '../../core/survey/picture/density';
import { type BoxSide, countingBoxes, type SurveyedScreen } from '../../core/survey/correct';
import { boxCount } from '../../core/survey/screens';
import { CommitField } from '../parts/commit-field';
import { useSurveyStore } from './survey-context';
import styles from './survey.module.scss';
import { Select } from '../parts/select';
import { Button } from '../parts/button';
import { Menu, MenuAct } from '../parts/menu';
import type { Correcting } from './use-correcting';

type Props = {
  screen: SurveyedScreen;
  choice: readonly number[];
  correcting: Correcting;
  onDensity: (density: number) => void;
};

/** The chosen box in numbers, to be moved, split, removed or left out; several, to be joined; of a screen without one, what there is to it. */
export function BoxPanel({ screen, choice, correcting, onDensity }: Props) {
  const store = useSurveyStore();
  const chosen = choice.at(-1) ?? null;
  const box = chosen === null ? undefined : screen.boxes[chosen];
  const correct = (change: (before: SurveyedScreen) => SurveyedScreen): void =>
    store.getState().correct(screen.id, change);
  if (!box)
    return (
      <div className={styles.panel}>
        <span className="number">{sizeOf(screen)}</span>
        {screen.source === 'picture' && (
          <label>
            Density{' '}
            <Select
              value={screen.density}
              title="Picture pixels per CSS px"
              onChange={({ target }) => onDensity(Number(target.value))}
            >
              {DENSITIES.map((density) => (
                <option key={density} value={density}>
                  {density}×{density === proposedDensity(screen.width * screen.density) ? ', proposed' : ''}
                </option>
              ))}
            </Select>
          </label>
        )}
        {screen.leftOut.map((_, index) => (
          <Button
            key={index}
            look="quiet"
            onClick={() =>
              correct((before) => ({ ...before, leftOut: before.leftOut.filter((_part, place) => place !== index) }))
            }
          >
            Include part {index + 1} again
          </Button>
        ))}
        <span className="soft">Click a box to correct it, Shift+click several. Arrow keys work too.</span>
      </div>
    );
  if (choice.length > 1)
    return (
      <div className={styles.panel}>
        <strong>{boxCount(choice.length)}</strong>
        <Button look="quiet" title="Make one box of them" onClick={correcting.join}>
          Join
        </Button>
        <Button look="quiet" title="They’re no boxes (Delete)" onClick={correcting.remove}>
          Remove
        </Button>
        <Button look="quiet" title="Exclude them from the check against the grid" onClick={correcting.exclude}>
          Exclude
        </Button>
      </div>
    );
  const move = (side: BoxSide, from: number) => (text: string) => {
    const to = Number(
      text
        .trim()
        .replace(',', '.')
        .replace(/\s*px$/, ''),
    );
    if (text.trim() === '' || !Number.isFinite(to)) return 'Enter a position in px, such as 24.';
    correcting.move(side, to - from);
    return null;
  };
  const sides: [BoxSide, number][] = [
    ['start', box.x],
    ['end', box.x + box.width],
    ['top', box.y],
    ['foot', box.y + box.height],
  ];
  return (
    <div className={styles.panel}>
      <strong className={styles.name} title={box.name}>
        {box.name}
      </strong>
      {sides.map(([side, at]) => (
        <label key={side}>
          {side}{' '}
          <CommitField
            className={styles.place!}
            label={`${side} of the box, px`}
            value={plain(at)}
            onCommit={move(side, at)}
          />
        </label>
      ))}
      <span className="number soft">
        {plain(box.width)} × {plain(box.height)}
      </span>
      <Button look="quiet" title="It’s no box (Delete)" onClick={correcting.remove}>
        Remove
      </Button>
      <Menu label="More for this box" drop="up" isFixed>
        <MenuAct onClick={correcting.exclude}>Exclude from the check</MenuAct>
        <MenuAct onClick={() => correcting.split('across')}>Split side by side</MenuAct>
        <MenuAct onClick={() => correcting.split('down')}>Split one above the other</MenuAct>
      </Menu>
    </div>
  );
}

function sizeOf(screen: SurveyedScreen): string {
  const counting = countingBoxes(screen).length;
  const out = screen.boxes.length - counting;
  return `${plain(screen.width)} × ${plain(screen.height)}, ${boxCount(counting)}${out > 0 ? ` and ${out} excluded` : ''}`;
}

/** A measured length to a quarter of a px. */
function plain(length: number): string {
  return String(Math.round(length * 4) / 4);
}
