import type { Px } from '../length/px';
import { px, ZERO } from '../length/px';
import { type Box, boxIn, isUnread } from './box';
import { lengthIn } from './css-length';
import { withVariables } from './css-value';
import { chain } from './elements';
import { ANY, containersIn, holdsWidth, itemsFor, rowsFor, trackElements } from './roles';
import type { SiteRule } from './rules';
import { countOf, type ShareClass, shareFamilies, shareText } from './shares';
import { Cascade, type Style, stylesAt } from './style';
import { evenTracks } from './tracks';
import { BEYOND, includesWidth } from './widths';

/** A grid that a style sheet makes: the elements that stand in each other, and how columns come about. */
export type GridSystem = {
  /** How it is called: `.col-*`, `.page-grid`. */
  name: string;
  kind: 'tracks' | 'shares';
  /** Classes of the elements around the columns, the outermost first; the last is the row, or the grid itself. */
  around: readonly string[];
  /** Classes of an element of the columns. */
  item: string | null;
  shares: readonly ShareClass[];
  /** How many different spans or columns speak for it. */
  strength: number;
};

/** Columns of a page at one viewport width. Lengths in px, from the start of the viewport. */
export type SiteGrid = {
  count: number;
  column: Px;
  gutter: Px;
  /** Where the first column begins, and where the last ends. */
  start: Px;
  end: Px;
  /** The border edges of the element that holds the width. */
  container: readonly [Px, Px];
  rows: SiteRows | null;
};

/** Rows that the grid says: as tall as this, with gaps; how many, where that is said. */
export type SiteRows = { height: Px | null; gap: Px; count: number | null };

export type NoGrid = { why: string };

/** What to look at, where the guess is wrong: classes, without their dots. */
export type RoleChoice = { container?: string; row?: string; columns?: string };

/** Classes as people write them (`.grid-x.wide`, `container`), as they stand in an element. */
export function classesSaid(text: string): string {
  return text.trim().replace(/^\./, '').replaceAll('.', ' ');
}

/** The grids that style sheets make, the likeliest first. */
export function gridSystems(rules: readonly SiteRule[], choice: RoleChoice = {}): GridSystem[] {
  const container = choice.container ?? containersIn(rules)[0]?.name ?? null;
  const shares = shareFamilies(rules)
    .filter(({ stem }) => choice.columns === undefined || stem === choice.columns)
    .map((family): GridSystem => {
      const row = choice.row ?? rowsFor(family, rules)[0]?.name ?? null;
      const around = [row !== null && !choice.container && holdsWidth(row, rules) ? null : container, row].filter(
        (name): name is string => name !== null,
      );
      const { count, beside } = countOf(family.members.map(({ share }) => share));
      return {
        name: `.${family.stem}-*`,
        kind: 'shares',
        around: [...new Set(around)],
        item: itemsFor(family, row, rules).join(' '),
        shares: family.members,
        strength:
          new Set(family.members.map(({ share }) => share.toFixed(3))).size -
          beside.length / 2 +
          (count >= 4 ? 1 : 0) +
          (row ? 2 : 0),
      };
    });
  const tracks = trackElements(rules)
    .filter(({ name }) => choice.row === undefined || name === choice.row)
    .map(({ name, around }): GridSystem => {
      const outer = around.length > 0 ? around : container === null || container === name ? [] : [container];
      return {
        name: name === ANY ? name : `.${name.replaceAll(' ', '.')}`,
        kind: 'tracks',
        around: [...outer, name],
        item: null,
        shares: [],
        strength: 0,
      };
    });
  return [...shares, ...tracks];
}

const SCREEN_HEIGHT = 900;

/** The widest that is asked of a system to see how strong it is. */
const WIDTHS_TRIED = [1440, 1024, 390];

/** A style sheet's grids at any width. */
export class SiteGrids {
  readonly systems: readonly GridSystem[];
  private readonly cascade: Cascade;
  private last: { system: GridSystem; width: number; styles: Style[] } | null = null;
  private readonly styles = new Map<GridSystem, ReturnType<Cascade['of']>[]>();

  constructor(rules: readonly SiteRule[], choice: RoleChoice = {}) {
    this.cascade = new Cascade(rules);
    const found = gridSystems(rules, choice);
    for (const system of found) {
      const grids = WIDTHS_TRIED.map((width) => this.at(system, width)).filter(
        (grid) => !('why' in grid),
      ) as SiteGrid[];
      if (system.kind === 'tracks') system.strength = Math.max(0, ...grids.map(({ count }) => count));
      // gutters are what tells a grid from boxes of a share
      if (grids.some(({ gutter }) => gutter.compare(0) > 0)) system.strength += 1.5;
    }
    this.systems = found.filter(({ strength }) => strength >= 3).sort((a, b) => b.strength - a.strength);
  }

  /** The columns of a system at a viewport width; why not, where they cannot be worked out. */
  at(system: GridSystem, width: number, root: Px = px(16), height = SCREEN_HEIGHT): SiteGrid | NoGrid {
    // across, nothing goes by the height of the screen
    const screen = { width: px(width), height: null, root };
    const styles = this.stylesOf(system, width);
    let box: Box = { start: ZERO, width: screen.width, contentStart: ZERO, contentWidth: screen.width };
    let container: readonly [Px, Px] = [ZERO, screen.width];
    const [, body, ...inner] = styles;
    for (const [index, style] of [body!, ...inner.slice(0, system.around.length)].entries()) {
      const own = boxIn(style, box, screen);
      if (isUnread(own)) return { why: `${own.property} is “${own.value}”, which can’t be read` };
      box = own;
      if (index === 1) container = [own.start, own.start.add(own.width)];
    }
    const last = styles[system.around.length + 1]!;
    const found =
      system.kind === 'tracks'
        ? this.tracksIn(last, styles.at(-1)!, box, screen, px(height))
        : this.sharesIn(system, width, styles.at(-1)!, last, box, screen);
    return 'why' in found ? found : { ...found, container };
  }

  /** Rows that the grid itself says, or the custom properties of `grid.css` on the page; null where there are none. */
  rowsAt(system: GridSystem, width: number, root: Px, height: number): SiteRows | null {
    const grid = this.at(system, width, root, height);
    if (!('why' in grid) && grid.rows) return grid.rows;
    const screen = { width: px(width), height: px(height), root, whole: px(height) };
    const page = this.stylesOf(system, width)[0]!;
    const property = (name: string): Px | null => {
      const held = page.get(`--grid-${name}`);
      const filled = held && withVariables(held, (other) => page.get(other));
      return filled ? lengthIn(filled, screen) : null;
    };
    const row = property('row-height');
    const count = Number(page.get('--grid-rows') ?? NaN);
    return row && { height: row, gap: property('row-gap') ?? ZERO, count: Number.isInteger(count) ? count : null };
  }

  /** The widths at which what is said of a system's elements changes, from 0 on. */
  boundsOf(system: GridSystem): number[] {
    const widths = [
      ...this.said(system).flatMap((each) => each.map((said) => said.widths)),
      ...system.shares.map((each) => each.widths),
    ];
    const bounds = new Set([0, ...widths.flat(2)]);
    return [...bounds].filter((width) => width < BEYOND).sort((a, b) => a - b);
  }

  /** Styles depend on the width alone: the last are kept, since a width is asked for with several root font sizes. */
  private stylesOf(system: GridSystem, width: number): Style[] {
    if (this.last?.system !== system || this.last.width !== width)
      this.last = { system, width, styles: stylesAt(this.said(system), width) };
    return this.last.styles;
  }

  private said(system: GridSystem): ReturnType<Cascade['of']>[] {
    const kept = this.styles.get(system);
    if (kept) return kept;
    const item = system.kind === 'shares' ? `${system.item ?? ''} ${system.shares[0]!.name}`.trim() : ANY;
    const said = chain([...system.around, item].map((classes) => (classes === ANY ? '' : classes))).map((element) =>
      this.cascade.of(element),
    );
    this.styles.set(system, said);
    return said;
  }

  private tracksIn(
    style: Style,
    item: Style,
    box: Box,
    screen: Screen,
    height: Px,
  ): Omit<SiteGrid, 'container'> | NoGrid {
    const template = style.get('grid-template-columns');
    const isGrid = /grid/.test(style.get('display') ?? '');
    if (!template || template === 'none' || !isGrid) {
      const one = { count: 1, column: box.contentWidth, gutter: ZERO };
      return isGrid || template
        ? { ...one, start: box.contentStart, end: box.contentStart.add(box.contentWidth), rows: null }
        : { why: 'it isn’t a grid at this width' };
    }
    const gutter = gapOf(style, 'column-gap', box.contentWidth, screen);
    if (!gutter) return { why: `its gap “${style.get('column-gap')}” can’t be read` };
    const even = evenTracks(template, box.contentWidth, gutter, style.get('justify-content'), screen);
    if ('why' in even) return even;
    // where there is no gap, what stands in the tracks may keep apart by its padding, as older code does
    const inside = (side: string): Px =>
      gutter.equals(ZERO)
        ? (lengthIn(item.get(`padding-${side}`) ?? '0', { ...screen, whole: even.column }) ?? ZERO)
        : ZERO;
    const [left, right] = [inside('left'), inside('right')];
    const column = even.column.sub(left).sub(right);
    const own = even.gutter.add(left).add(right);
    const start = box.contentStart.add(even.before).add(left);
    const end = start.add(column.mul(even.count)).add(own.mul(even.count - 1));
    return { count: even.count, column, gutter: own, start, end, rows: rowsOf(style, { ...screen, height }) };
  }

  private sharesIn(
    { shares }: GridSystem,
    width: number,
    item: Style,
    row: Style,
    box: Box,
    screen: Screen,
  ): Omit<SiteGrid, 'container'> | NoGrid {
    const here = shares.filter(({ widths }) => includesWidth(widths, width));
    const { count } = countOf(here.map(({ share }) => share));
    const whole = box.contentWidth;
    const inside = boxIn(new Map([...item, ['width', 'auto'], ['max-width', 'none'], ['min-width', '0']]), box, screen);
    if (isUnread(inside)) return { why: `${inside.property} is “${inside.value}”, which can’t be read` };
    const before = inside.contentStart.sub(box.contentStart);
    const after = whole.sub(before).sub(inside.contentWidth);
    const gap = gapOf(row, 'column-gap', whole, screen);
    if (!gap) return { why: `its gap “${row.get('column-gap')}” can’t be read` };
    const gutter = before.add(after).add(gap);
    const start = box.contentStart.add(before);
    const end = box.contentStart.add(whole).sub(after);
    const column = end
      .sub(start)
      .sub(gutter.mul(count - 1))
      .div(count);
    return { count, column, gutter, start, end, rows: null };
  }
}

type Screen = { width: Px; height: Px | null; root: Px };

function gapOf(style: Style, property: string, whole: Px, screen: Screen): Px | null {
  const value = style.get(property);
  return value === undefined || value === 'normal' ? ZERO : lengthIn(value, { ...screen, whole });
}

function rowsOf(style: Style, screen: Screen): SiteRows | null {
  const gap = gapOf(style, 'row-gap', ZERO, screen) ?? ZERO;
  const each = style.get('grid-auto-rows');
  const template = style.get('grid-template-rows');
  const [, count] = /^repeat\(\s*(\d{1,4})\s*,/.exec(template ?? '') ?? [];
  const height = each ? lengthIn(each, { ...screen, whole: null }) : null;
  if (!height && !count) return null;
  return { height, gap, count: count ? Number(count) : null };
}

/** What of a family stands on other columns: `1/5, 2/5`. */
export function besideText({ shares }: GridSystem): string | null {
  const { beside, count } = countOf(shares.map(({ share }) => share));
  if (beside.length === 0) return null;
  return `${beside.map(shareText).join(', ')} of the row aren’t on ${count} columns`;
}
