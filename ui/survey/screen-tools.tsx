import type { SurveyedScreen } from '../../core/survey/correct';
import { directionOf, turned } from '../../core/survey/turned';
import { Choice } from '../parts/choice';
import { DirectionToggle } from '../parts/direction-toggle';
import { Toggle, ToolButton } from '../parts/toggle';
import { useSurvey, useSurveyStore } from './survey-context';
import styles from './survey.module.scss';

/** What is shown of a screen. */
export type Shows = { picture: boolean; boxes: boolean; grid: boolean; off: boolean; zoom: 'fit' | '1' | '2' };

export const SHOWS: Shows = { picture: true, boxes: true, grid: true, off: true, zoom: 'fit' };

const LAYERS = [
  ['picture', 'Picture'],
  ['boxes', 'Boxes'],
  ['grid', 'Grid'],
  ['off', 'Off grid'],
] as const;

type Props = {
  shows: Shows;
  onShow: (shows: Shows) => void;
  screen: SurveyedScreen;
  isLeavingOut: boolean;
  onLeaveOut: (isLeavingOut: boolean) => void;
};

/** What lies over the screen, how large it is drawn, and the ways to correct it. */
export function ScreenTools({ shows, onShow, screen, isLeavingOut, onLeaveOut }: Props) {
  const store = useSurveyStore();
  const canTakeBack = useSurvey((survey) => survey.past.length > 0);
  return (
    <div className={styles.tools} role="toolbar" aria-label="Screen">
      {LAYERS.filter(([layer]) => layer !== 'picture' || screen.source === 'picture').map(([layer, title]) => (
        <Toggle key={layer} isOn={shows[layer]} onClick={() => onShow({ ...shows, [layer]: !shows[layer] })}>
          {title}
        </Toggle>
      ))}
      <Choice
        label="Size"
        options={[
          { value: 'fit', title: 'Fit width' },
          { value: '1', title: '1 : 1' },
          { value: '2', title: '2 : 1' },
        ]}
        value={shows.zoom}
        onChange={(zoom) => onShow({ ...shows, zoom })}
      />
      <DirectionToggle
        direction={directionOf(screen)}
        title="This screen is read from right to left: count from its right side"
        onTurn={() => store.getState().correct(screen.id, turned)}
      />
      <span className={styles.push} />
      <Toggle
        isOn={isLeavingOut}
        title="Draw over a photograph or an ad to exclude it from the check"
        onClick={() => onLeaveOut(!isLeavingOut)}
      >
        Exclude area
      </Toggle>
      <ToolButton disabled={!canTakeBack} aria-label="Undo correction" onClick={() => store.getState().takeBack()}>
        Undo
      </ToolButton>
    </div>
  );
}
