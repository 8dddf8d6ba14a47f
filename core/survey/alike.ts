import type { SurveyedScreen } from './correct';
import type { Box } from './screens';

/** A box of a survey. */
export type PlaceOfBox = { screen: string; index: number };

/** What stands alike stands so on both screens, to so many px. */
const ALIKE = 1;

/**
 * The boxes of other screens that stand as one does: as far from both sides, and as far from the top or from the foot. A header, a footer, the frame of a
 * page. What was corrected on one screen is proposed for them.
 *
 *     alikeOn(screens, 'home', header)   // [{ screen: 'timetable', index: 0 }, { screen: 'booking', index: 0 }]
 */
export function alikeOn(screens: readonly SurveyedScreen[], own: string, box: Box): PlaceOfBox[] {
  const on = screens.find(({ id }) => id === own);
  if (!on) return [];
  const one = distances(on, box);
  return screens.flatMap((screen) => {
    if (screen.id === own) return [];
    const index = screen.boxes.findIndex((each) => {
      const other = distances(screen, each);
      const isNear = (side: keyof typeof one): boolean => Math.abs(one[side] - other[side]) <= ALIKE;
      return isNear('start') && isNear('end') && isNear('height') && (isNear('top') || isNear('foot'));
    });
    return index < 0 ? [] : [{ screen: screen.id, index }];
  });
}

function distances(screen: SurveyedScreen, { x, y, width, height }: Box) {
  return { start: x, end: screen.width - x - width, top: y, foot: screen.height - y - height, height };
}

/** A box moved and grown as another was. */
export function movedAs(box: Box, before: Box, now: Box): Box {
  return {
    ...box,
    x: box.x + now.x - before.x,
    y: box.y + now.y - before.y,
    width: Math.max(1, box.width + now.width - before.width),
    height: Math.max(1, box.height + now.height - before.height),
  };
}
