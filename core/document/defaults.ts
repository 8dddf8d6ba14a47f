import { stepName, USUAL_TIMES } from '../spacing/scale';
import type { Breakpoint, Columns, Spec } from '../spec/schema';

/** Columns that fill the screen between margins: the usual start. */
export function fluidColumns(count: number, gutter: string, margin: string): Columns {
  return { count, gutter, margin, container: 'fill', column: 'auto', outer: 'none', align: 'centre', whole: 'no' };
}

type Size = { id: string; name: string; from: number; width: number; height: number };

/** A breakpoint with bands of one base unit from the top, and a baseline of half of it. */
export function newBreakpoint({ id, name, from, width, height }: Size, columns: Columns, base = 8): Breakpoint {
  return {
    id,
    name,
    from,
    reference: { width, height },
    columns,
    rows: { rule: 'repeat', height: `${base}px`, gap: `${base}px`, offset: '0px' },
    baseline: { step: `${base / 2}px`, offset: '0px' },
    notes: '',
  };
}

/** A spec around its breakpoints, on a base unit in px. */
export function newSpec(name: string, breakpoints: Breakpoint[], base = 8): Spec {
  return {
    ypsiline: 5,
    name,
    rootFontSize: 16,
    pixelsPerInch: 96,
    spacing: {
      base: `${base}px`,
      halfSteps: true,
      steps: USUAL_TIMES.map((times) => ({ name: stepName(times), times })),
    },
    breakpoints,
    type: [],
    layouts: [],
    waivers: [],
  };
}

const PHONE: Size = { id: 'phone', name: 'Phone', from: 0, width: 412, height: 915 };
const TABLET: Size = { id: 'tablet', name: 'Tablet', from: 640, width: 820, height: 1180 };
const DESKTOP: Size = { id: 'desktop', name: 'Desktop', from: 1416, width: 1512, height: 982 };

/** A set of breakpoints that a new spec can start from. */
export type StartingSet = { id: string; title: string; says: string; spec(name: string): Spec };

/** Sets whose columns are whole where they are drawn, and of which nothing is to weigh. */
export const STARTING_SETS: readonly StartingSet[] = [
  {
    id: '4-8-12',
    title: '4 · 8 · 12 on a base of 8',
    says: 'Phone, tablet and desktop with gutters of 16, 20 and 24 and a desktop container of 1296.',
    spec: (name) =>
      newSpec(name, [
        newBreakpoint(PHONE, fluidColumns(4, '16px', '20px')),
        newBreakpoint(TABLET, fluidColumns(8, '20px', '20px')),
        newBreakpoint(DESKTOP, { ...fluidColumns(12, '24px', '24px'), container: '1296px', margin: 'auto' }),
      ]),
  },
  {
    id: '2-6-12',
    title: '2 · 6 · 12 on a base of 5',
    says: 'Phone, tablet and desktop with gutters of 10, 20 and 30, full width.',
    spec: (name) =>
      newSpec(
        name,
        [
          newBreakpoint({ ...PHONE, width: 410 }, fluidColumns(2, '10px', '20px'), 5),
          newBreakpoint(TABLET, fluidColumns(6, '20px', '30px'), 5),
          newBreakpoint({ ...DESKTOP, from: 1180, width: 1410 }, fluidColumns(12, '30px', '60px'), 5),
        ],
        5,
      ),
  },
  {
    id: 'blank',
    title: 'Blank',
    says: 'One breakpoint from 0 px with a single full-width column.',
    spec: (name) =>
      newSpec(name, [newBreakpoint({ ...PHONE, id: 'screen', name: 'Screen' }, fluidColumns(1, '16px', '20px'))]),
  },
];
