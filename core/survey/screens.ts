/** A rectangle of a screen, in px from its start and top. Words that were found in a picture are `text`: what is around them has no sides of its own. */
export type Box = { x: number; y: number; width: number; height: number; name: string; is?: 'text' };

/** A screen that is surveyed: a page as it was drawn or built, at one width. One that is read from right to left says so; its start is at the right. */
export type Screen = {
  name: string;
  width: number;
  height: number;
  boxes: readonly Box[];
  direction?: 'rtl' | undefined;
};

/** `1 box`, `12 boxes`. */
export function boxCount(count: number): string {
  return count === 1 ? '1 box' : `${count.toLocaleString('en')} boxes`;
}
