import Fraction from 'fraction.js';

/** What the units of a length depend on. Widths and heights in px. */
export type Screen = {
  width: Fraction;
  height: Fraction;
  rootFontSize: Fraction;
  pixelsPerInch: 72 | 96;
  /** Bars and panels at its sides, and what they leave of it, of which percentages are; none: the whole screen. */
  frame?: Record<'top' | 'bottom' | 'start' | 'end', Fraction>;
  room?: { width: Fraction; height: Fraction };
};

type UnitLaw = {
  /** What it changes with by itself: nothing, the root font size, or the screen. */
  of: 'nothing' | 'root' | 'screen';
  /** One of it in px on a screen. */
  one: (screen: Screen, percentOf: 'width' | 'height') => Fraction;
};

/**
 * Every unit of a length, in the order in which they are named to people. A further one is an entry here.
 *
 * Absolute units: CSS Values and Units, level 4, section 6.2 (1in = 96px = 72pt = 25.4mm).
 */
const LAWS = {
  px: { of: 'nothing', one: () => new Fraction(1) },
  rem: { of: 'root', one: ({ rootFontSize }) => rootFontSize },
  '%': { of: 'screen', one: (screen, percentOf) => (screen.room ?? screen)[percentOf].div(100) },
  vw: { of: 'screen', one: ({ width }) => width.div(100) },
  // of the container in which a grid stands, in place of vw (CSS Containment 3)
  cqi: { of: 'screen', one: ({ width }) => width.div(100) },
  pt: { of: 'nothing', one: ({ pixelsPerInch }) => new Fraction(pixelsPerInch, 72) },
  mm: { of: 'nothing', one: ({ pixelsPerInch }) => new Fraction(pixelsPerInch).div('25.4') },
  in: { of: 'nothing', one: ({ pixelsPerInch }) => new Fraction(pixelsPerInch) },
} as const satisfies Record<string, UnitLaw>;

export type Unit = keyof typeof LAWS;

export const UNITS = Object.keys(LAWS) as Unit[];

/** Those that are named where a text is no length: `cqi` stands in place of `vw` in documents that are measured by a container, and is said there. */
export const COMMON_UNITS = UNITS.filter((unit) => unit !== 'cqi');

/** The law of a unit. */
export const unitLaw = (unit: Unit): UnitLaw => LAWS[unit];

/** Does a length of this unit change with the screen by itself? */
export function changesWithScreen(unit: Unit): boolean {
  return LAWS[unit].of === 'screen';
}

/** The units that a pattern of text takes, longest first: `px|rem|…`. */
export function unitPattern(units: readonly Unit[] = UNITS): string {
  return [...units].sort((a, b) => b.length - a.length).join('|');
}
