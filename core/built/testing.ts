import type { Measured, MeasuredBox } from './measured';

/** A page at a width of 412 px as it was measured, with nothing on it, for tests. */
export const measuredPage = (more: Partial<Measured> = {}): Measured => ({
  width: 412,
  height: 2000,
  screen: 915,
  direction: 'ltr',
  origin: { x: 0, y: 0 },
  over: { by: 0, names: [] },
  boxes: [],
  texts: [],
  layout: null,
  ...more,
});

/** Something painted on it, 100 px high, that is no block of a layout. */
export const paintedBox = (x: number, width: number, y: number, name: string): MeasuredBox => ({
  name,
  x,
  y,
  width,
  height: 100,
  seen: 'painted',
  block: null,
});
