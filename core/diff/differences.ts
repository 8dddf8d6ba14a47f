import type { CellName } from '../checks/rule';
import { canonicalJson } from '../edition/canonical';
import { cellOf } from '../sheet/cell-of';
import { QUANTITIES, quantityName } from '../sheet/quantities';
import { byWidth } from '../spec/ranges';
import { faceText, settingText } from '../type/style-text';
import { settingAt } from '../type/text-at';
import type { Breakpoint, Font, Spec, TextStyle } from '../spec/schema';
import { inkOf } from '../overlay/inks';
import type { SheetCell } from '../sheet/sheet-cell';

/** How much a difference asks of whoever builds on the edition: see `leastBump`. */
export type Bump = 'major' | 'minor' | 'patch';

/** One thing that differs between two documents, in words. Null where there was, or is, nothing. */
export type Difference = {
  breakpoint: string | null;
  what: string;
  before: string | null;
  after: string | null;
  bump: Bump;
};

/**
 * What differs, quantity by quantity, in the order of the sheet.
 *
 *     differences(old, new)   // [{ breakpoint: "Desktop", what: "Gutter", before: "24", after: "32", bump: "minor" }]
 */
export function differences(before: Spec, after: Spec): Difference[] {
  const found = differencesByQuantity(before, after);
  return found.length > 0 || canonicalJson(before) === canonicalJson(after) ? found : otherDifferences(before, after);
}

/** Whatever differs in the documents, by its place: nothing that is published goes unsaid. */
function otherDifferences(before: unknown, after: unknown, place = ''): Difference[] {
  const isObject = (value: unknown): value is Record<string, unknown> => typeof value === 'object' && value !== null;
  if (isObject(before) && isObject(after))
    return [...new Set([...Object.keys(before), ...Object.keys(after)])].flatMap((key) =>
      otherDifferences(before[key], after[key], place ? `${place}.${key}` : key),
    );
  if (before === after) return [];
  return compared(null, place, textOf(before), textOf(after), 'patch');
}

function differencesByQuantity(before: Spec, after: Spec): Difference[] {
  const was = new Map(before.breakpoints.map((breakpoint) => [breakpoint.id, breakpoint]));
  const is = new Map(after.breakpoints.map((breakpoint) => [breakpoint.id, breakpoint]));
  const removed = byWidth(before.breakpoints).filter(({ id }) => !is.has(id));
  return [
    ...specDifferences(before, after),
    ...removed.map(({ name }): Difference => ({
      breakpoint: name,
      what: 'Breakpoint',
      before: 'there',
      after: null,
      bump: 'major',
    })),
    ...byWidth(after.breakpoints).flatMap((breakpoint) => {
      const old = was.get(breakpoint.id);
      return old ? breakpointDifferences(before, old, after, breakpoint) : [added(breakpoint)];
    }),
  ];
}

function added({ name }: Breakpoint): Difference {
  return { breakpoint: name, what: 'Breakpoint', before: null, after: 'added', bump: 'minor' };
}

const OVERLAY_ROWS = (['columns', 'rows', 'baseline'] as const).map(
  (family): [string, (spec: Spec) => unknown, Bump] => [
    `Overlay of ${family}`,
    (spec) => `${inkOf(spec, family).colour}, ${inkOf(spec, family).strength} %`,
    'patch',
  ],
);

function specDifferences(before: Spec, after: Spec): Difference[] {
  const rows: [string, (spec: Spec) => unknown, Bump][] = [
    ['Name', ({ name }) => name, 'patch'],
    ['Base unit', ({ spacing }) => spacing.base, 'minor'],
    ['Half steps', ({ spacing }) => (spacing.halfSteps ? 'allowed' : 'not allowed'), 'patch'],
    ['Root font size', ({ rootFontSize }) => rootFontSize, 'minor'],
    ['Pixels per inch', ({ pixelsPerInch }) => pixelsPerInch, 'minor'],
    [
      'Spacing steps',
      ({ spacing }) => spacing.steps.map(({ name, times }) => `${name} × ${times}`).join(', '),
      'minor',
    ],
    ...OVERLAY_ROWS,
    ['Rules', ({ rules }) => rules && JSON.stringify(rules), 'patch'],
    ['Trial layouts', ({ layouts }) => JSON.stringify(layouts), 'patch'],
    [
      'Waivers',
      ({ waivers }) =>
        waivers
          .map(({ rule, breakpoint, reason, by, values }) => {
            const numbers = Object.entries(values).map(([name, value]) => `${name} ${value}`);
            return `${rule} (${breakpoint ?? 'all'}): ${reason} (${by}; ${numbers.join(', ')})`;
          })
          .join('; '),
      'patch',
    ],
  ];
  const plain = rows.flatMap(([what, read, bump]) =>
    compared(null, what, textOf(read(before)), textOf(read(after)), bump),
  );
  return [...plain, ...styleDifferences(before, after)];
}

/** Text styles by name, then breakpoint by breakpoint; a style that is gone takes its class with it. */
function styleDifferences(before: Spec, after: Spec): Difference[] {
  const was = new Map(before.type.map((style) => [style.name, style]));
  const is = new Map(after.type.map((style) => [style.name, style]));
  return [...new Set([...was.keys(), ...is.keys()])].flatMap((name) => {
    const [old, now] = [was.get(name), is.get(name)];
    const what = `Text style ${name}`;
    if (!now) return compared(null, what, faceText(old!), '', 'major');
    if (!old) return [...compared(null, what, '', faceText(now), 'minor'), ...newSettings(after, now, what)];
    const settings = byWidth(after.breakpoints).flatMap((breakpoint) => {
      const oldOne = before.breakpoints.find(({ id }) => id === breakpoint.id);
      if (!oldOne) return [];
      const texts = [settingAt(before, old, oldOne), settingAt(after, now, breakpoint)].map(settingText);
      return compared(breakpoint.name, what, texts[0]!, texts[1]!, 'minor');
    });
    const measures = [old, now].map(({ font }) => measuresText(font)) as [string, string];
    return [
      ...compared(null, what, faceText(old), faceText(now), 'minor'),
      ...compared(null, `${what}, font`, ...measures, 'minor'),
      ...settings,
    ];
  });
}

/** The sizes of a style that is new, where it has its own. */
function newSettings(spec: Spec, style: TextStyle, what: string): Difference[] {
  return byWidth(spec.breakpoints).flatMap(({ id, name }) =>
    style.at[id] ? compared(name, what, '', settingText(style.at[id]), 'minor') : [],
  );
}

/** A font's file and measures, of which lines and shifts are made. */
function measuresText({ file, unitsPerEm, ascent, descent, lineGap, capHeight, xHeight, averageWidth }: Font): string {
  return `${file}: ${ascent} over, ${descent} under, gap ${lineGap}, caps ${capHeight}, x-height ${xHeight}, letters ${averageWidth}, of ${unitsPerEm}`;
}

function breakpointDifferences(oldSpec: Spec, old: Breakpoint, newSpec: Spec, now: Breakpoint): Difference[] {
  return QUANTITIES.flatMap((quantity) => {
    const { id } = quantity;
    const [was, is] = [cellOf(oldSpec, old, id), cellOf(newSpec, now, id)];
    if (was.idle || is.idle) return [];
    // what was given and now follows behaves otherwise at every other width, though it is the same here
    const switched = was.shown === is.shown && was.follows !== is.follows;
    const said = ({ shown, follows }: SheetCell): string =>
      switched ? `${shown}, ${follows ? 'follows' : 'given'}` : shown;
    return compared(now.name, quantityName(quantity), said(was), said(is), was.text === is.text ? 'patch' : bumpOf(id));
  });
}

/** A value that only follows another change, or a reference size, asks nothing of built pages. */
function bumpOf(quantity: CellName): Bump {
  if (quantity === 'count') return 'major';
  return ['name', 'reference', 'notes'].includes(quantity) ? 'patch' : 'minor';
}

function compared(breakpoint: string | null, what: string, before: string, after: string, bump: Bump): Difference[] {
  return before === after ? [] : [{ breakpoint, what, before: before || null, after: after || null, bump }];
}

function textOf(value: unknown): string {
  if (value === null || value === undefined) return '';
  return typeof value === 'object' ? Object.values(value).map(textOf).join(' · ') : String(value);
}

const RANK: Record<Bump, number> = { patch: 0, minor: 1, major: 2 };

/**
 * The least step of the version that fits what changed (Semantic Versioning 2.0.0). Major: a class or a custom property
 * that pages can name is gone, or a column count changed, so that spans in built pages no longer mean what they did.
 * Minor: other numbers, or something new. Patch: words, reference sizes, waivers.
 */
export function leastBump(found: Difference[]): Bump | null {
  return found.reduce<Bump | null>((most, { bump }) => (most === null || RANK[bump] > RANK[most] ? bump : most), null);
}
