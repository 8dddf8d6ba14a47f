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
  /** Grids beside the main one. */
  grids: 12,
  /** Lines by hand at a breakpoint, and named combinations of overlays. */
  guides: 40,
  combinations: 9,
  columns: 64,
  /** A gutter as a share of a column. */
  gutterOfColumn: 10,
  /** A margin or a space in gutters or columns. */
  relation: 64,
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
  /** Of a list, and of a table in a layout. */
  items: 40,
  tableRows: 200,
  tableColumns: 12,
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

/**
 * What is said beside documents, and sent: texts in characters, numbers of things in a team, bytes. Routes, the server’s own counts and the interface’s fields (`maxLength`)
 * are made from this table.
 */
export const SAID = {
  /** The name of a person, a team, a key, a web hook, a follower, a starting set, a revision. */
  name: 80,
  /** RFC 5321, section 4.5.3.1.3, less the brackets. */
  email: 254,
  password: 1_000,
  /** What somebody is to a team, in a few words. */
  says: 80,
  version: 80,
  remark: 5_000,
  /** A note to or from a reviewer. */
  reviewNote: 2_000,
  /** Why an edition is withdrawn, or stepped less than proposed. */
  reason: 500,
  followerNote: 300,
  /** What a remark is about, in words. */
  about: 300,
  naming: 1_000,
  url: 2_000,
  /** A question to a list. */
  search: 120,
} as const;

/** So many there are at most. */
export const MOST = {
  approvals: 10,
  keys: 100,
  keyDays: 730,
  keySpecs: 500,
  hooks: 20,
  followers: 500,
  remarks: 5_000,
  mentions: 20,
  reviewers: 50,
  startingSets: 50,
  teamsOwned: 50,
  fonts: 200,
  /** Edits in one save. */
  edits: 20_000,
  /** Keys of an address, and characters of each: a part of a block's place in a card within a card has 17. */
  addressDepth: 20,
  addressKey: 200,
} as const;

/** A file has at most so many bytes. */
export const FILE_BYTES = {
  font: 5 * 1024 * 1024,
  /** A file that is read in: a style sheet, tokens, a table, a document. */
  readIn: 5 * 1024 * 1024,
  picture: 50 * 1024 * 1024,
  /** A page as a browser saves it. */
  page: 8 * 1024 * 1024,
} as const;
