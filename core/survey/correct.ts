import type { Box, Screen } from './screens';

/** A part of a screen, in px from its start and top. */
export type Part = Pick<Box, 'x' | 'y' | 'width' | 'height'>;

/** Where a screen’s boxes come from. */
export type Source = 'picture' | 'boxes' | 'page';

/** A screen under survey, with what was corrected on it. */
export type SurveyedScreen = Screen & {
  id: string;
  source: Source;
  /** Pixels of its picture for each px. */
  density: number;
  /** Parts in which nothing is held against a grid: a photograph, an advertisement. */
  leftOut: readonly Part[];
};

/** The sides of a box. */
export type BoxSide = 'start' | 'end' | 'top' | 'foot';

/** The boxes of a screen that count: those that do not lie, by half, in a part that is left out. */
export function countingBoxes({ boxes, leftOut }: Pick<SurveyedScreen, 'boxes' | 'leftOut'>): Box[] {
  if (leftOut.length === 0) return [...boxes];
  return boxes.filter((box) => !leftOut.some((part) => sharedArea(box, part) >= 0.5 * box.width * box.height));
}

function sharedArea(one: Part, other: Part): number {
  const wide = Math.min(one.x + one.width, other.x + other.width) - Math.max(one.x, other.x);
  const high = Math.min(one.y + one.height, other.y + other.height) - Math.max(one.y, other.y);
  return Math.max(0, wide) * Math.max(0, high);
}

/** The screen as it is surveyed: with the boxes that count. */
export function surveyed(screen: SurveyedScreen): Screen {
  const { name, width, height, direction } = screen;
  return { name, width, height, boxes: countingBoxes(screen), ...(direction && { direction }) };
}

/**
 * A box with one side moved by so many px; it stays at least 1 px wide and high, and on its screen.
 *
 *     nudged({ x: 20, y: 0, width: 100, height: 40, name: 'Card' }, 'start', 2, screen)   // x 22, width 98
 */
export function nudged(box: Box, side: BoxSide, by: number, screen: Pick<Screen, 'width' | 'height'>): Box {
  const [left, right] = [box.x, box.x + box.width];
  const [top, foot] = [box.y, box.y + box.height];
  const within = (value: number, least: number, most: number): number => Math.min(Math.max(value, least), most);
  switch (side) {
    case 'start': {
      const x = within(left + by, Math.min(0, left), right - 1);
      return { ...box, x, width: right - x };
    }
    case 'end':
      return { ...box, width: within(right + by, left + 1, Math.max(screen.width, right)) - left };
    case 'top': {
      const y = within(top + by, Math.min(0, top), foot - 1);
      return { ...box, y, height: foot - y };
    }
    case 'foot':
      return { ...box, height: within(foot + by, top + 1, Math.max(screen.height, foot)) - top };
  }
}

/** A screen with one of its boxes changed. */
export function withBoxAt(screen: SurveyedScreen, at: number, change: (box: Box) => Box): SurveyedScreen {
  return { ...screen, boxes: screen.boxes.map((box, index) => (index === at ? change(box) : box)) };
}

/** A screen without some of its boxes. */
export function withoutBoxes(screen: SurveyedScreen, indices: readonly number[]): SurveyedScreen {
  return { ...screen, boxes: screen.boxes.filter((_, index) => !indices.includes(index)) };
}

/** A screen on which the places of some boxes are left out. */
export function leavingOut(screen: SurveyedScreen, indices: readonly number[]): SurveyedScreen {
  const parts = indices.map((index): Part => {
    const { x, y, width, height } = screen.boxes[index]!;
    return { x, y, width, height };
  });
  return { ...screen, leftOut: [...screen.leftOut, ...parts] };
}

/**
 * A screen with some boxes as one, in the place of the first: what a picture shows in pieces. It is called as the largest of them.
 *
 *     joinedBoxes(screen, [3, 4]).boxes[3]   // as wide and high as both together
 */
export function joinedBoxes(screen: SurveyedScreen, indices: readonly number[]): SurveyedScreen {
  const own = indices.map((index) => screen.boxes[index]!);
  const [largest] = [...own].sort((a, b) => b.width * b.height - a.width * a.height);
  if (own.length < 2) return screen;
  const [x, y] = [Math.min(...own.map((box) => box.x)), Math.min(...own.map((box) => box.y))];
  const width = Math.max(...own.map((box) => box.x + box.width)) - x;
  const height = Math.max(...own.map((box) => box.y + box.height)) - y;
  const first = Math.min(...indices);
  const one = { ...largest!, x, y, width, height };
  const boxes = screen.boxes.flatMap((box, index) => (index === first ? [one] : indices.includes(index) ? [] : [box]));
  return { ...screen, boxes };
}

/** A screen with one box as two halves: side by side, or one over the other. Their sides are moved from there. */
export function split(screen: SurveyedScreen, at: number, way: 'across' | 'down'): SurveyedScreen {
  const boxes = screen.boxes.flatMap((box, index): Box[] => {
    if (index !== at) return [box];
    const half = way === 'across' ? box.width / 2 : box.height / 2;
    const [one, other] = [`${box.name} 1`, `${box.name} 2`];
    return way === 'across'
      ? [
          { ...box, width: half, name: one },
          { ...box, x: box.x + half, width: half, name: other },
        ]
      : [
          { ...box, height: half, name: one },
          { ...box, y: box.y + half, height: half, name: other },
        ];
  });
  return { ...screen, boxes };
}
