import type { CellName } from '../checks/rule';
import { cellOf } from '../sheet/cell-of';
import { QUANTITIES, quantityName } from '../sheet/quantities';
import { byWidth } from '../spec/ranges';
import { faceText, settingText } from '../type/style-text';
import { settingAt } from '../type/text-at';
import type { Breakpoint, Spec } from '../spec/schema';

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
    ['Overlay colours', ({ overlays }) => overlays, 'patch'],
    ['Rules', ({ rules }) => rules && JSON.stringify(rules), 'patch'],
    ['Trial layouts', ({ layouts }) => JSON.stringify(layouts), 'patch'],
    [
      'Waivers',
      ({ waivers }) =>
        waivers.map(({ rule, breakpoint, reason }) => `${rule} (${breakpoint ?? 'all'}): ${reason}`).join('; '),
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
    if (!old) return compared(null, what, '', faceText(now), 'minor');
    const settings = byWidth(after.breakpoints).flatMap((breakpoint) => {
      const oldOne = before.breakpoints.find(({ id }) => id === breakpoint.id);
      if (!oldOne) return [];
      const texts = [settingAt(before, old, oldOne), settingAt(after, now, breakpoint)].map(settingText);
      return compared(breakpoint.name, what, texts[0]!, texts[1]!, 'minor');
    });
    return [...compared(null, what, faceText(old), faceText(now), 'minor'), ...settings];
  });
}

function breakpointDifferences(oldSpec: Spec, old: Breakpoint, newSpec: Spec, now: Breakpoint): Difference[] {
  return QUANTITIES.flatMap((quantity) => {
    const { id } = quantity;
    const [was, is] = [cellOf(oldSpec, old, id), cellOf(newSpec, now, id)];
    if (was.idle || is.idle) return [];
    return compared(now.name, quantityName(quantity), was.shown, is.shown, was.text === is.text ? 'patch' : bumpOf(id));
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
 * The least step of the version that fits what changed (Semantic Versioning 2.0.0). Major: a breakpoint is gone or a
 * column count changed, so that class names and spans in built pages no longer mean what they did. Minor: other
 * numbers, or something new. Patch: words, reference sizes, waivers.
 */
export function leastBump(found: Difference[]): Bump | null {
  return found.reduce<Bump | null>((most, { bump }) => (most === null || RANK[bump] > RANK[most] ? bump : most), null);
}
