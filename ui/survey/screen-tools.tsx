import type { SurveyedScreen } from '../../core/survey/correct';
import { directionOf, turned } from '../../core/survey/turned';
import { DirectionToggle } from '../parts/direction-toggle';
import { steppedView } from '../draft/zoomed';
import { Toggle, ToolButton } from '../parts/toggle';
import { ZoomButtons } from '../parts/zoom-buttons';
import { useSurvey, useSurveyStore } from './survey-context';
import styles from './survey.module.scss';

/** What is shown of a screen. */
export type Shows = {
  picture: boolean;
  boxes: boolean;
  grid: boolean;
  off: boolean;
  /** px of the window for each px, or as wide as there is room. */
  zoom: 'fit' | number;
};

export const SHOWS: Shows = { picture: true, boxes: true, grid: true, off: true, zoom: 'fit' };

const LAYERS = [
  ['picture', 'Picture'],
  ['boxes', 'Boxes'],
  ['grid', 'Grid'],
  ['off', 'Off grid'],
] as const;

/** A step further in or out, as on every page. */
export function steppedZoom(zoom: Shows['zoom'], way: 1 | -1, fit: number): Shows['zoom'] {
  const { zoom: next } = steppedView({ zoom: zoom === 'fit' ? 'whole' : zoom, x: 0, y: 0 }, way, fit);
  return next === 'whole' ? 'fit' : next;
}

type Props = {
  shows: Shows;
  /** The scale at which the screen is as wide as there is room. */
  fit: number;
  onShow: (shows: Shows) => void;
  screen: SurveyedScreen;
  isLeavingOut: boolean;
  onLeaveOut: (isLeavingOut: boolean) => void;
};

/** What lies over the screen, how large it is drawn, and the ways to correct it. */
export function ScreenTools({ shows, fit, onShow, screen, isLeavingOut, onLeaveOut }: Props) {
  const store = useSurveyStore();
  const canTakeBack = useSurvey((survey) => survey.past.length > 0);
  return (
    <div className={styles.tools} role="toolbar" aria-label="Screen">
      {LAYERS.filter(([layer]) => layer !== 'picture' || screen.source === 'picture').map(([layer, title]) => (
        <Toggle key={layer} isOn={shows[layer]} onClick={() => onShow({ ...shows, [layer]: !shows[layer] })}>
          {title}
        </Toggle>
      ))}
      <ZoomButtons
        scale={shows.zoom === 'fit' ? fit : shows.zoom}
        isFitted={shows.zoom === 'fit'}
        fits="width"
        onStep={(way) => onShow({ ...shows, zoom: steppedZoom(shows.zoom, way, fit) })}
        onFit={() => onShow({ ...shows, zoom: 'fit' })}
        onActual={() => onShow({ ...shows, zoom: 1 })}
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
