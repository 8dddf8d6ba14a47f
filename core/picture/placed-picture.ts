import { type Px, px } from '../length/px';

/** How a picture lies on a screen: its size in percent of the screen's width, moved by so many px. */
export type PicturePlace = { across: number; down: number; scale: number };

/** Where a picture lies on a screen of a width: px of the screen for each px of the picture, exact, and its shift. */
export type PlacedPicture = { factor: Px; across: Px; down: Px };

/**
 * A picture of a width on a screen: at 100 % it is as wide as the screen.
 *
 *     placedPicture(750, px(375), { across: 0, down: 0, scale: 100 }).factor   // 1/2
 */
export function placedPicture(width: number, viewport: Px, { across, down, scale }: PicturePlace): PlacedPicture {
  return { factor: viewport.div(px(width)).mul(px(scale)).div(100), across: px(across), down: px(down) };
}

/** A place of the screen in px of the picture, for looking into it. */
export function inPicture({ factor, across, down }: PlacedPicture, at: { x: Px; y: Px }): { x: number; y: number } {
  return { x: at.x.sub(across).div(factor).valueOf(), y: at.y.sub(down).div(factor).valueOf() };
}
