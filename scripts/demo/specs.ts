import { fluidColumns, newBreakpoint, newSpec } from '../../core/spec/defaults';
import type { Rows, Spec } from '../../core/spec/schema';
import { judge } from '../../core/checks/run';
import { BOARD_STYLES, DRAFT_STYLES, KIOSK_STYLES, PASSENGER_STYLES } from './text-styles';

/** A container of given width in the middle of the screen; the margin follows. */
function centred(count: number, gutter: string, container: Spec['breakpoints'][number]['columns']['container']) {
  return { ...fluidColumns(count, gutter, '0px'), margin: 'auto' as const, container };
}

/** Rows that share one screen: the opening section of the site. */
const openingRows: Rows = {
  rule: 'divide',
  count: 6,
  gap: '24px',
  marginTop: '24px',
  marginBottom: '24px',
  minHeight: '600px',
  maxHeight: '1200px',
};

const passengerSite: Spec = {
  ...newSpec('Passenger site', [
    newBreakpoint({ id: 'phone', name: 'Phone', from: 0, width: 390, height: 844 }, fluidColumns(4, '16px', '16px')),
    newBreakpoint(
      { id: 'tablet', name: 'Tablet', from: 600, width: 744, height: 1133 },
      fluidColumns(8, '16px', '32px'),
    ),
    newBreakpoint(
      { id: 'laptop', name: 'Laptop', from: 1024, width: 1280, height: 800 },
      fluidColumns(12, '24px', '40px'),
    ),
    {
      ...newBreakpoint(
        { id: 'desktop', name: 'Desktop', from: 1360, width: 1440, height: 1024 },
        centred(12, '24px', { typed: '1440-2*144', is: '1152px' }),
      ),
      rows: openingRows,
    },
    newBreakpoint(
      { id: 'wide', name: 'Wide', from: 1760, width: 1920, height: 1080 },
      { ...fluidColumns(12, '32px', '48px'), container: { upTo: '1536px' } },
    ),
  ]),
  type: PASSENGER_STYLES,
};

/** The draft after 1.0.0: Ansa tries a fixed laptop container, which overflows where its range starts. */
const passengerDraft: Spec = {
  ...passengerSite,
  type: DRAFT_STYLES,
  breakpoints: passengerSite.breakpoints.map((breakpoint) =>
    breakpoint.id === 'laptop'
      ? {
          ...breakpoint,
          columns: centred(12, '24px', '1140px'),
          notes: 'Trying a fixed container, so that the route map keeps its size.',
        }
      : breakpoint.id === 'desktop'
        ? { ...breakpoint, from: 1280 }
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
};

const crewTablet: Spec = newSpec(
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

const departureBoard: Spec = {
  ...newSpec(
    'Departure board',
    [
      newBreakpoint(
        { id: 'hall', name: 'Hall', from: 0, width: 1920, height: 1080 },
        fluidColumns(16, '20px', '10px'),
        10,
      ),
      newBreakpoint(
        { id: 'quay', name: 'Quay', from: 2560, width: 3840, height: 2160 },
        fluidColumns(16, '40px', '20px'),
        10,
      ),
    ],
    10,
  ),
  type: BOARD_STYLES,
};

const email: Spec = newSpec('E-mail timetable', [
  newBreakpoint({ id: 'narrow', name: 'Narrow', from: 0, width: 375, height: 812 }, fluidColumns(2, '16px', '12px')),
  newBreakpoint({ id: 'fixed', name: 'Fixed', from: 600, width: 602, height: 900 }, centred(12, '20px', '600px')),
]);

/** A document in which every finding that would hold an edition back is waived, with one reason. */
function waived(spec: Spec, by: string, reason: string): Spec {
  const waivers = judge(spec)
    .filter(({ weight }) => weight === 'must-fix')
    .map(({ rule, breakpoint, values }) => ({ rule, breakpoint, values, reason, by }));
  return { ...spec, waivers };
}

const kioskPublished = waived(kiosk, 'Ansa Brisk', 'The kiosks have one screen, 1080 × 1920; nothing narrower exists.');
const boardDraft = waived(
  departureBoard,
  'Ansa Brisk',
  'The boards are 1920 and 3840 px wide; nothing narrower exists.',
);

type DemoSpec = {
  /** Each saved state of the draft, the oldest first, and who made it. */
  drafts: { by: string; document: Spec }[];
  edition?: { by: string; version: string; note: string };
};

/** Five specs, the last changed last. An edition is published from the first saved state. */
export const DEMO_SPECS: DemoSpec[] = [
  { drafts: [{ by: 'obi@tidewick.example', document: email }] },
  { drafts: [{ by: 'obi@tidewick.example', document: crewTablet }] },
  { drafts: [{ by: 'ansa@tidewick.example', document: boardDraft }] },
  {
    drafts: [{ by: 'ansa@tidewick.example', document: kioskPublished }],
    edition: {
      by: 'ansa@tidewick.example',
      version: '1.0.0',
      note: 'Six wide columns for touch, ready for the kiosk build.',
    },
  },
  {
    drafts: [
      { by: 'ansa@tidewick.example', document: passengerSite },
      { by: 'ansa@tidewick.example', document: passengerDraft },
    ],
    edition: {
      by: 'ansa@tidewick.example',
      version: '1.0.0',
      note: 'First grid for the passenger site: 4 · 8 · 12 on a base of 8.',
    },
  },
];
