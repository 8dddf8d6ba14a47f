import { fluidColumns, newBreakpoint, newSpec } from '../../core/document/defaults';
import type { NamedGrid, Rows, Spec } from '../../core/spec/schema';
import { judge } from '../../core/checks/run';
import { PASSENGER_LAYOUTS, SLIPPED_LAYOUTS } from './layouts';
import { EMAIL_LAYOUTS, KIOSK_LAYOUTS } from './small-layouts';
import { BOARD_STYLES, SLIPPED_STYLES, KIOSK_STYLES, PASSENGER_STYLES } from './text-styles';

/** A container of given width in the middle of the screen; the margin follows. */
function centred(count: number, gutter: string, container: Spec['breakpoints'][number]['columns']['container']) {
  return { ...fluidColumns(count, gutter, '0px'), margin: 'auto' as const, container };
}

/** Rows that share one screen: the opening section of the site. */
const openingRows: Rows = {
  rule: 'divide',
  count: 6,
  gap: '20px',
  marginTop: '20px',
  marginBottom: '16px',
  minHeight: '600px',
  maxHeight: '1200px',
};

const passengerSite: Spec = {
  ...newSpec('Passenger site', [
    newBreakpoint({ id: 'phone', name: 'Phone', from: 0, width: 412, height: 915 }, fluidColumns(4, '16px', '20px')),
    newBreakpoint(
      { id: 'tablet', name: 'Tablet', from: 640, width: 820, height: 1180 },
      fluidColumns(8, '20px', '20px'),
    ),
    newBreakpoint(
      { id: 'laptop', name: 'Laptop', from: 1000, width: 1344, height: 840 },
      { ...fluidColumns(12, '24px', '20px'), container: { upTo: '1248px' } },
    ),
    {
      ...newBreakpoint(
        { id: 'desktop', name: 'Desktop', from: 1416, width: 1512, height: 982 },
        centred(12, '24px', { typed: '1512-2*108', is: '1296px' }),
      ),
      rows: openingRows,
      baseline: null,
    },
    newBreakpoint(
      { id: 'wide', name: 'Wide', from: 1800, width: 2048, height: 1152 },
      { ...fluidColumns(12, '32px', '56px'), container: { upTo: '1696px' } },
    ),
  ]),
  type: PASSENGER_STYLES,
  layouts: PASSENGER_LAYOUTS,
};

/** An article is narrower than the timetable around it: 8 columns, of 86 px from the laptop on. */
const article: NamedGrid = {
  id: 'article',
  name: 'Article',
  at: {
    tablet: { columns: { container: { upTo: '856px' } } },
    laptop: { columns: { container: '856px', margin: 'auto', count: 8 } },
    desktop: { columns: { container: '856px', count: 8 } },
    wide: { columns: { container: '856px', margin: 'auto', count: 8 } },
  },
};

/** The draft after 1.0.0: wide screens get wider columns, 116 px each, and articles a grid of their own. */
const passengerDraft: Spec = {
  ...passengerSite,
  grids: [article],
  breakpoints: passengerSite.breakpoints.map((breakpoint) =>
    breakpoint.id === 'wide'
      ? {
          ...breakpoint,
          columns: { ...breakpoint.columns, container: { upTo: '1744px' } },
        }
      : breakpoint,
  ),
};

const slipsBefore: Spec = { ...passengerSite, name: 'Slips to find' };

/** What goes wrong in practice, in one place (docs/guide/slips-to-find.md): a fixed laptop container that overflows where its range starts, a design width outside of it, and more. */
const slips: Spec = {
  ...slipsBefore,
  type: SLIPPED_STYLES,
  layouts: SLIPPED_LAYOUTS,
  breakpoints: slipsBefore.breakpoints.map((breakpoint) =>
    breakpoint.id === 'laptop'
      ? {
          ...breakpoint,
          reference: { ...breakpoint.reference, width: 1440 },
          columns: centred(12, '24px', '1180px'),
          notes: 'This specification has mistakes on purpose. The guide “Slips to find” tells where.',
        }
      : breakpoint,
  ),
};

const kiosk: Spec = {
  ...newSpec(
    'Ticket kiosk',
    [
      {
        ...newBreakpoint(
          { id: 'portrait', name: 'Portrait', from: 0, width: 1080, height: 1920 },
          fluidColumns(6, '30px', '60px'),
          10,
        ),
        notes: 'Touch at arm’s length: nothing to press is narrower than one column.',
      },
    ],
    10,
  ),
  type: KIOSK_STYLES,
  layouts: KIOSK_LAYOUTS,
};

/** The crew’s list stands beside a side panel that is folded or wide: ranges go by the region that it leaves, not by the screen. */
const crewGrid: Spec = newSpec(
  'Crew tablet',
  [
    newBreakpoint(
      { id: 'portrait', name: 'Portrait', from: 0, width: 800, height: 1280 },
      { ...fluidColumns(8, '15px', '20px'), outer: 'half' },
      5,
    ),
    {
      ...newBreakpoint(
        { id: 'landscape', name: 'Landscape', from: 1024, width: 1280, height: 800 },
        { ...centred(12, '30px', { share: '75%' }), outer: 'half' },
        5,
      ),
      rows: { rule: 'modules', lines: 8, between: 2 },
      baseline: { step: '5px', offset: '0px' },
    },
  ],
  5,
);

const crewTablet: Spec = { ...crewGrid, measure: 'container' };

/** A board has a header bar, with the port’s name and the time. */
const departureBoard: Spec = {
  ...newSpec(
    'Departure board',
    [
      {
        ...newBreakpoint(
          { id: 'hall', name: 'Hall', from: 0, width: 1920, height: 1080 },
          fluidColumns(20, '16px', '28px'),
          4,
        ),
        frame: { top: '72px' },
      },
      {
        ...newBreakpoint(
          { id: 'quay', name: 'Quay', from: 2560, width: 3840, height: 2160 },
          fluidColumns(20, '32px', '56px'),
          4,
        ),
        frame: { top: '144px' },
      },
    ],
    4,
  ),
  type: BOARD_STYLES,
};

const email: Spec = {
  ...newSpec('E-mail timetable', [
    newBreakpoint({ id: 'narrow', name: 'Narrow', from: 0, width: 376, height: 812 }, fluidColumns(2, '16px', '16px')),
    newBreakpoint({ id: 'fixed', name: 'Fixed', from: 648, width: 648, height: 900 }, centred(6, '24px', '600px')),
  ]),
  layouts: EMAIL_LAYOUTS,
};

/** A document in which every finding that is more than a note is waived, with one reason. */
function waived(spec: Spec, by: string, reason: string): Spec {
  const waivers = judge(spec)
    .filter(({ weight }) => weight !== 'note')
    .map(({ rule, breakpoint, values }) => ({ rule, breakpoint, values, reason, by }));
  return { ...spec, waivers };
}

/** The kiosk as it was first: its margins lie under the frame of the screen. */
const kioskFirst = waived(
  {
    ...kiosk,
    breakpoints: kiosk.breakpoints.map((each) => ({ ...each, columns: { ...each.columns, margin: '30px' } })),
  },
  'Ansa Brisk',
  'The kiosks have one screen, 1080 × 1920; nothing narrower exists.',
);

const kioskPublished = waived(kiosk, 'Ansa Brisk', 'The kiosks have one screen, 1080 × 1920; nothing narrower exists.');
const boardDraft = waived(
  departureBoard,
  'Ansa Brisk',
  'The boards are 1920 and 3840 px wide; nothing narrower exists.',
);

const crewDraft = waived(crewTablet, 'Obi Lorne', 'Crew tablets are 800 px wide or more; nothing narrower exists.');

export type DemoSpec = {
  /** Each saved state of the draft, the oldest first, and who made it. */
  drafts: { by: string; document: Spec }[];
  /** Whose screens of it were surveyed. */
  surveyedBy?: string;
  /** What was published, each from a saved state, counted from 1. */
  editions?: { by: string; revision: number; version: string; note: string }[];
};

/** Six specs, the last changed last. */
export const DEMO_SPECS: DemoSpec[] = [
  {
    drafts: [
      { by: 'obi@tidewick.example', document: slipsBefore },
      { by: 'obi@tidewick.example', document: slips },
    ],
    editions: [
      { by: 'ansa@tidewick.example', revision: 1, version: '1.0.0', note: 'The grid before anything went wrong.' },
    ],
  },
  { drafts: [{ by: 'obi@tidewick.example', document: email }] },
  { drafts: [{ by: 'obi@tidewick.example', document: crewDraft }] },
  { drafts: [{ by: 'ansa@tidewick.example', document: boardDraft }] },
  {
    drafts: [
      { by: 'ansa@tidewick.example', document: kioskFirst },
      { by: 'ansa@tidewick.example', document: kioskPublished },
    ],
    editions: [
      {
        by: 'ansa@tidewick.example',
        revision: 1,
        version: '0.9.0',
        note: 'Six columns for the first kiosk, to be tried on the quay.',
      },
      {
        by: 'ansa@tidewick.example',
        revision: 2,
        version: '1.0.0',
        note: 'Six wide columns for touch, ready for the kiosk build.',
      },
    ],
  },
  {
    surveyedBy: 'obi@tidewick.example',
    drafts: [
      { by: 'ansa@tidewick.example', document: passengerSite },
      { by: 'ansa@tidewick.example', document: passengerDraft },
    ],
    editions: [
      {
        by: 'ansa@tidewick.example',
        revision: 1,
        version: '1.0.0',
        note: 'First grid for the passenger site: 4 · 8 · 12 on a base of 8.',
      },
    ],
  },
];
