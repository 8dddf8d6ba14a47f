import type { Direction } from '../length/direction';

/** What can be seen of a page, and as what: a picture or field, a ground or border of its own, or the text that stands in it. */
export type SeenAs = 'replaced' | 'painted' | 'text';

/** A rectangle that was measured, in px from the left and the top of the page, or of the container that is held. */
export type MeasuredBox = {
  name: string;
  x: number;
  y: number;
  width: number;
  height: number;
  seen: SeenAs;
  /** The block of a layout that it is, or stands in; null for what the layouts say nothing of. */
  block: string | null;
};

/** A text as the browser set it, in px. */
export type MeasuredText = {
  name: string;
  /** What its element takes across. */
  x: number;
  width: number;
  family: string;
  size: number;
  /** Null where it is left to the font. */
  leading: number | null;
  /** The first baseline, from the top; null where no line of it stands. */
  baseline: number | null;
  /** The text style whose class it has. */
  style: string | null;
  /** A word in a line, whose leading and baseline are those of its line. */
  isInLine: boolean;
  block: string | null;
};

/** A block of a layout that was found on the page. */
export type MeasuredBlock = { id: string; name: string; x: number; y: number; width: number; height: number };

/** A page at one width, as it was measured: what the script in the page hands over. */
export type Measured = {
  /** Of the page, or of the container in which the grid stands. */
  width: number;
  height: number;
  /** How high the window was. */
  screen: number;
  direction: Direction;
  /** Where the container begins on the page; 0 and 0 for the page. */
  origin: { x: number; y: number };
  /** By how much the page scrolls sideways, and the elements that reach furthest. */
  over: { by: number; names: string[] };
  boxes: MeasuredBox[];
  texts: MeasuredText[];
  /** The layout of which most blocks were found, with those; null where none was. */
  layout: { id: string; blocks: MeasuredBlock[] } | null;
};

/** What a page is asked: which elements are blocks, where the grid stands, what is passed over. */
export type MeasureQuestion = {
  layouts: { id: string; blocks: string[] }[];
  /** Does the grid stand in a container (`.grid-region`), and not on the page? */
  isInContainer: boolean;
  /** A selector of elements that are passed over with what is in them. */
  ignore: string | null;
};

/** A page of more elements is not measured. */
export const MOST_MEASURED = 50_000;
