import { px, ZERO } from '../length/px';
import { lengthIn } from './css-length';
import { type Compound, compoundsIn } from './compounds';
import type { SiteRule } from './rules';
import { valueParts } from './css-value';

/** A class that makes an element a share of the row it stands in: `.col-4 { width: 33.333% }`. */
export type ShareClass = { name: string; share: number };

/** Classes of shares that belong together, and the classes that go with them. */
export type ShareFamily = {
  /** What their names begin with: `col`, `pure-u`. */
  stem: string;
  /** Classes that stand beside them in the selectors: `column` of `.column.is-4`. */
  beside: readonly string[];
  /** Classes of the row, of selectors such as `.row > .small-4`. */
  row: readonly string[];
  members: ShareClass[];
};

/** A share that a decimal of four or more places means: 33.3333 % is a third. */
const NEAR = 0.0002;

/** The families of shares that style sheets hold, the largest first. */
export function shareFamilies(rules: readonly SiteRule[]): ShareFamily[] {
  const families = new Map<string, ShareFamily>();
  for (const rule of rules) {
    const share = rule.says.map(({ property, value }) => shareOf(property, value)).find((found) => found !== null);
    if (share === undefined || share === null) continue;
    for (const compounds of compoundsIn(rule)) {
      const shape = shapeOf(compounds);
      const named = shape?.last.map((name) => [name, stemOf(name)] as const).find(([, stem]) => stem !== null);
      if (!shape || !named) continue;
      const beside = shape.last.filter((name) => name !== named[0]);
      const key = [named[1], beside.slice().sort().join('.'), shape.row.join('.')].join(' ');
      const family = families.get(key) ?? { stem: named[1]!, beside, row: shape.row, members: [] };
      family.members.push({ name: named[0], share });
      families.set(key, family);
    }
  }
  return joined([...families.values()])
    .filter(({ members }) => new Set(members.map(({ share }) => share)).size >= 3)
    .sort((a, b) => distinct(b) - distinct(a));
}

function distinct({ members }: ShareFamily): number {
  return new Set(members.map(({ share }) => Math.round(share / NEAR))).size;
}

/** Families of one kind that differ in the range their names say (`col` and `col-md`), or in the row of a narrow screen, are one. */
function joined(families: readonly ShareFamily[]): ShareFamily[] {
  const kept: ShareFamily[] = [];
  for (const family of [...families].sort((a, b) => a.stem.length - b.stem.length || a.row.length - b.row.length)) {
    const own = kept.find(
      ({ stem, beside, row }) =>
        (family.stem === stem ||
          family.stem.startsWith(`${stem}-`) ||
          isOfRange(family.stem, stem) ||
          (row.length > 0 && row.join() === family.row.join())) &&
        beside.join() === family.beside.join() &&
        (row.length === 0 || family.row.length === 0 || row[0] === family.row[0]),
    );
    if (!own) kept.push({ ...family, members: [...family.members] });
    else {
      own.members.push(...family.members);
      if (own.row.length === 0) own.row = family.row;
    }
  }
  return kept;
}

const RANGE = String.raw`(xxs|xs|sm|md|lg|xl|xxl|\dxl|small|medium|large|xlarge|xxlarge|phone|mobile|tablet|laptop|desktop|wide)`;
const OF_RANGE = new RegExp(`^(?:(.+)-)?${RANGE}$`, 'i');

/** Do names differ only in the range of screens that they are for: `col-xs`, `col-md`, or `small`, `large`? */
function isOfRange(one: string, other: string): boolean {
  const [own, others] = [OF_RANGE.exec(one), OF_RANGE.exec(other)];
  return own !== null && others !== null && own[1] === others[1];
}

/** What a declaration makes of the row: more than nothing, up to all. A `calc()` may take a gutter off. */
function shareOf(property: string, value: string): number | null {
  if (!/^(width|inline-size|flex-basis|flex|max-width)$/.test(property) || !value.includes('%')) return null;
  const text = property === 'flex' ? (valueParts(value)?.at(-1) ?? '') : value;
  return /var\(/i.test(text) ? null : shareIn(text);
}

/** The share of the row that an element of a style is at a width; null where it is none. */
export function shareOfStyle(style: ReadonlyMap<string, string>): number | null {
  for (const property of ['flex-basis', 'width', 'max-width']) {
    const value = style.get(property);
    if (value === undefined || /^(auto|none|content)$/.test(value)) continue;
    const share = shareIn(value);
    if (share !== null) return share;
  }
  return null;
}

const ANYWHERE = { width: px(0), height: px(0), root: px(16), em: px(16) };

function shareIn(text: string): number | null {
  const at = (whole: number) => lengthIn(text, { ...ANYWHERE, whole: px(whole) });
  const [nothing, all] = [at(0), at(100_000)];
  if (!nothing || !all || nothing.compare(ZERO) > 0) return null;
  const share = all.sub(nothing).div(100_000).valueOf();
  return share > 0 && share <= 1.0001 ? share : null;
}

const WORDS = /^(half|third|thirds|quarter|quarters|fifth|fifths|sixth|sixths|full|one|two|three|four|five)$/i;

/** What stands before the number in a class’s name; null where there is none. */
function stemOf(name: string): string | null {
  const tokens = name.split(/[-_]+/);
  const first = tokens.findIndex((token) => /^\d+(\/\d+|of\d+)?$/.test(token) || WORDS.test(token));
  if (first > 0) return tokens.slice(0, first).join('-');
  const [, letters] = /^([a-z]+)\d+$/i.exec(name) ?? [];
  return letters ?? null;
}

/** The classes that a selector ends with, and those of the element around it; null where it asks for more. */
function shapeOf(compounds: readonly Compound[] | null): { last: string[]; row: string[] } | null {
  const last = compounds?.at(-1);
  if (!compounds || !last || last.classes.length === 0 || last.hasMore) return null;
  return { last: last.classes, row: compounds.at(-2)?.classes ?? [] };
}

/** Most columns that shares are read as: sixtieths would hold whatever a style sheet says. */
const MOST_SHARES = 48;

/**
 * The count of columns on which most shares stand, and those that do not: thirds and quarters stand on 12.
 *
 *     countOf([1/4, 1/3, 1/2, 2/3, 3/4, 1])   // { count: 12, beside: [] }
 */
export function countOf(shares: readonly number[]): { count: number; beside: number[] } {
  const known = counts.get(shares) ?? countAmong(shares);
  counts.set(shares, known);
  return known;
}

const counts = new WeakMap<readonly number[], { count: number; beside: number[] }>();

function countAmong(shares: readonly number[]): { count: number; beside: number[] } {
  const all = [...new Map(shares.map((share) => [Math.round(share / NEAR), share])).values()];
  let best = { count: 1, held: 0 };
  for (let count = 1; count <= MOST_SHARES; count++) {
    const held = all.filter((share) => standsOn(share, count)).length;
    if (held > best.held) best = { count, held };
  }
  return { count: best.count, beside: all.filter((share) => !standsOn(share, best.count)) };
}

function standsOn(share: number, count: number): boolean {
  const columns = share * count;
  return Math.abs(columns - Math.round(columns)) <= NEAR * count && Math.round(columns) >= 1;
}

/** A share as a fraction that a person would say: `1/5`. */
export function shareText(share: number): string {
  return px(share).simplify(0.001).toFraction();
}
