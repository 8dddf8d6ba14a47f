import { px } from '../length/px';
import { lengthIn } from './css-length';
import { valueParts } from './css-value';
import type { Declaration, SiteRule } from './rules';
import { compoundsIn } from './compounds';
import type { ShareFamily } from './shares';

/** A class, and how much speaks for it. */
export type Candidate = { name: string; points: number };

type ByClass = ReadonlyMap<string, readonly SiteRule[]>;
const gathered = new WeakMap<readonly SiteRule[], ByClass>();

/** Rules of a single class, by the class; gathered once for a list of rules. */
function byClass(rules: readonly SiteRule[]): ByClass {
  const known = gathered.get(rules) ?? gatherByClass(rules);
  gathered.set(rules, known);
  return known;
}

function gatherByClass(rules: readonly SiteRule[]): ByClass {
  const found = new Map<string, SiteRule[]>();
  for (const rule of rules) {
    for (const compounds of compoundsIn(rule)) {
      const [own, ...more] = compounds ?? [];
      if (!own || more.length > 0 || own.hasMore || own.classes.length !== 1) continue;
      const name = own.classes[0]!;
      const list = found.get(name) ?? [];
      list.push(rule);
      found.set(name, list);
    }
  }
  return found;
}

const LEAST_CONTAINER = 320;
/** Words of parts of a page, which hold no page. */
const PARTS = /modal|dialog|card|nav|footer|header|tooltip|spinner|menu|popover|toast|hero|table|form|drawer|sidebar/i;
const AROUND = { width: px(1280), height: px(800), root: px(16), em: px(16), whole: null };

/** Classes that could hold a page's width, the likeliest first: a greatest or a fixed width with margins that are alike, under a name that says so. */
export function containersIn(rules: readonly SiteRule[]): Candidate[] {
  const found: Candidate[] = [];
  for (const [name, own] of byClass(rules)) {
    const says = own.flatMap((rule) => rule.says);
    const widths = new Set(
      says
        .filter(({ property }) => /^(max-)?(width|inline-size)$/.test(property))
        .map(({ value }) => lengthIn(value, AROUND)?.valueOf() ?? 0)
        .filter((width) => width >= LEAST_CONTAINER),
    );
    // a width that a custom property holds
    const isHeld = says.some(
      ({ property, value }) => /^(max-)?(width|inline-size)$/.test(property) && /var\(|min\(/.test(value),
    );
    if (widths.size === 0 && !isHeld) continue;
    const isCentred = hasAutoMargin(says);
    if ((widths.size === 0 && !isCentred) || PARTS.test(name)) continue;
    const isNamed = /container|wrap|page|site|layout|content|inner|shell|frame/i.test(name);
    const isPlain = /^([a-z]+[-_])?(container|wrapper|wrap|page)$/i.test(name);
    const points =
      (isNamed ? 4 : 0) +
      (isPlain ? 2 : 0) +
      (isCentred ? 3 : 0) +
      Math.min(4, widths.size) -
      (/--|fluid|full/.test(name) ? 3 : 0) -
      name.length / 100;
    if (isNamed && points >= 5) found.push({ name, points });
  }
  return found.sort((a, b) => b.points - a.points);
}

/** Does a class hold a width of its own, in the middle of what is around it? */
export function holdsWidth(name: string, rules: readonly SiteRule[]): boolean {
  const says = (byClass(rules).get(name) ?? []).flatMap((rule) => rule.says);
  return says.some(({ property }) => /^max-(width|inline-size)$/.test(property)) && hasAutoMargin(says);
}

function hasAutoMargin(says: readonly Declaration[]): boolean {
  return says.some(({ property, value }) => property.startsWith('margin') && /\bauto\b/.test(value));
}

/** Does a class lay out what stands in it as a flex box? */
export function isFlex(name: string, rules: readonly SiteRule[]): boolean {
  const says = (byClass(rules).get(name) ?? []).flatMap((rule) => rule.says);
  return says.some(({ property, value }) => property === 'display' && /flex/i.test(value));
}

/** Classes that could be the row of a family of shares: named before them in selectors, with negative margins, or flex boxes that wrap. */
export function rowsFor(family: ShareFamily, rules: readonly SiteRule[]): Candidate[] {
  if (family.row.length > 0) return [{ name: family.row.join(' '), points: 9 }];
  const classes = byClass(rules);
  const anyChild = new Set(
    rules.flatMap((rule) =>
      rule.says.some(({ property }) => property.startsWith('padding'))
        ? compoundsIn(rule).flatMap((compounds) => {
            const [row, child] = compounds ?? [];
            return row?.classes.length === 1 && child?.isAny && child.classes.length === 0 ? row.classes : [];
          })
        : [],
    ),
  );
  const kin = family.stem.split('-')[0]!;
  const found = [...classes].flatMap(([name, own]): Candidate[] => {
    const says = own.flatMap((rule) => rule.says);
    const isOut = reachesOut(says);
    const isFlex = says.some(({ property, value }) => property === 'display' && /flex/.test(value));
    const isRow = /(^|[-_])(row|columns|cols|g)$/i.test(name);
    // utilities of a step: `na1`, `mx-n2`
    const isStep = /\d$/.test(name);
    const isWide = holdsWidth(name, rules);
    const isKin = name.split(/[-_]/)[0] === kin;
    const points =
      (isOut ? 3 : 0) +
      (anyChild.has(name) ? 3 : 0) +
      (isFlex ? 1 : 0) +
      (isRow ? 2 : 0) +
      (isWide ? 2 : 0) +
      (isKin ? 1 : 0) -
      (isStep ? 2 : 0);
    return points >= 3 ? [{ name, points: points - name.length / 100 }] : [];
  });
  return found.sort((a, b) => b.points - a.points);
}

/** Margins that reach out over both sides. */
function reachesOut(says: readonly Declaration[]): boolean {
  const sides = says.flatMap(({ property, value }): string[] => {
    const parts = (valueParts(value) ?? []).map((part) => /^-[\d.]|calc\(-|^-?calc\(.*\* ?-/.test(part));
    if (property === 'margin') return (parts[1] ?? parts[0]) ? ['left', 'right'] : [];
    if (property === 'margin-inline') return parts[0] ? ['left', 'right'] : [];
    const [, side] = /^margin-(left|right|inline-start|inline-end)$/.exec(property) ?? [];
    return side !== undefined && parts[0] ? [side.replace('inline-start', 'left').replace('inline-end', 'right')] : [];
  });
  return sides.includes('left') && sides.includes('right');
}

/** Classes that give a family’s elements their padding, where they have none of their own: `column`, `cell`. */
export function itemsFor(family: ShareFamily, row: string | null, rules: readonly SiteRule[]): string[] {
  if (family.beside.length > 0) return [...family.beside];
  const rowClasses = row?.split(' ') ?? [];
  for (const rule of rules) {
    if (!rule.says.some(({ property }) => /^(padding|margin)/.test(property))) continue;
    for (const compounds of compoundsIn(rule)) {
      const last = compounds?.at(-1);
      const around = compounds?.at(-2)?.classes ?? [];
      if (
        !last ||
        last.hasMore ||
        last.classes.length !== 1 ||
        !/^(col|cols|column|columns|cell|unit)$/i.test(last.classes[0]!)
      )
        continue;
      if (compounds!.length === 1 || (compounds!.length === 2 && around.every((name) => rowClasses.includes(name))))
        return last.classes;
    }
  }
  return [];
}

/** What stands for an element without a class. */
export const ANY = '*';

/** Selectors that make a grid of tracks, in the order of the style sheets, with their classes; an element around it may stand in the rule that makes it a grid. */
export function trackElements(rules: readonly SiteRule[]): { name: string; around: string[] }[] {
  const found = new Map<string, { name: string; around: string[] }>();
  for (const rule of rules)
    if (rule.says.some(isTracks)) for (const own of elementsOf(rule)) found.set(own.name, found.get(own.name) ?? own);
  const displays = new Map<string, string[][]>();
  for (const rule of rules) {
    if (!rule.says.some(({ property, value }) => property === 'display' && /grid/i.test(value))) continue;
    for (const { name, around } of elementsOf(rule)) displays.set(name, [...(displays.get(name) ?? []), around]);
  }
  for (const own of found.values()) {
    const [first, ...more] = displays.get(own.name) ?? [];
    const isAlone = [first, ...more].some((around) => around?.length === 0);
    if (own.around.length === 0 && first && !isAlone) own.around = first;
  }
  return [...found.values()];
}

function isTracks({ property, value }: Declaration): boolean {
  return (
    /^(grid-template-columns|grid-template|grid)$/.test(property) && !/^(none|initial|unset|subgrid)$/i.test(value)
  );
}

/** The elements that a rule's selectors end with, where they ask for classes alone: `.layout > *` is whatever stands in an element of a class. */
function elementsOf(rule: SiteRule): { name: string; around: string[] }[] {
  return compoundsIn(rule).flatMap((compounds) => {
    const last = compounds?.at(-1);
    const isChild = last?.isAny && last.classes.length === 0 && (compounds!.at(-2)?.classes.length ?? 0) > 0;
    if (!last || last.hasMore || (last.classes.length === 0 && !isChild)) return [];
    const around = compounds!
      .slice(0, -1)
      .map(({ classes }) => classes.join(' '))
      .filter((each) => each !== '');
    return [{ name: last.classes.join(' ') || ANY, around }];
  });
}
