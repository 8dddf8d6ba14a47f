/**
 * What a document may hold at most, and at least. The schema and the sentences that refuse are made from this one table
 * (docs/document-format.md repeats what people ask for), so that everything worked out from the largest document that is taken ends in good time.
 */
export const LIMITS = {
  /** A document as JSON text, in characters, and how deep its lists and objects may stand in each other. */
  documentCharacters: 1_000_000,
  documentDepth: 40,
  /** A length in its own unit, and any width or height that is worked out. */
  length: 100_000,
  /** The text of a length, its digits in all, behind the point, and of the divisor of a fraction. */
  lengthCharacters: 80,
  lengthDigits: 15,
  lengthPlaces: 6,
  divisorDigits: 9,
  /** Width and height at which a breakpoint is drawn, in px. */
  screen: { least: 1, most: 10_000, places: 3 },
  /** The viewport width at which a breakpoint starts. */
  from: 20_000,
  rootFontSize: { least: 1, most: 200, places: 3 },
  breakpoints: 24,
  columns: 64,
  /** A gutter as a share of a column. */
  gutterOfColumn: 10,
  dividedRows: 500,
  moduleLines: 1000,
  /** Row and gap together, and a baseline step, at the drawn size, in px. */
  leastRow: 2,
  leastStep: 0.25,
  steps: 100,
  /** A spacing step, in base units. */
  stepTimes: 1000,
  textStyles: 60,
  /** A leading as a multiple of its size. */
  leadingTimes: 20,
  waivers: 500,
  layouts: 40,
  sections: 40,
  /** Blocks of a layout, those in cards included. */
  blocks: 200,
  lanes: 200,
  /** Rows of a block’s height or of a white space, and lines of a text. */
  rowsInLayout: 1000,
  /** A picture’s width / height. */
  ratio: 100,
  thresholds: 20,
  /** Texts, in characters. */
  name: 120,
  breakpointName: 60,
  notes: 5000,
  reason: 1000,
  words: 2000,
  /** Of a layout; what version 1 kept under layouts is carried here, however much it was. */
  layoutNotes: 1_000_000,
} as const;
