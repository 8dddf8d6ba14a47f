import type { Px } from '../length/px';
import { px, ZERO } from '../length/px';
import { type SiteGrid, sharesIn, type SiteRows, tracksIn } from './columns-in';
import { lengthIn } from './css-length';
import { withVariables } from './css-value';
import { chain, type Element } from './elements';
import { type GridSystem, gridSystems, type RoleChoice, setDoubt } from './grid-systems';
import { pageSystems } from './page-systems';
import { ANY } from './roles';
import type { Condition, StyleSheet } from './rules';
import { shareOfStyle } from './shares';
import { Cascade, type Said, type Style } from './style';
import type { Measure } from '../spec/measure';
import { type NoGrid, type Placed, type Roots, step, USUAL_ROOTS, walk } from './walk';
import { BEYOND, includesWidth, type Widths } from './widths';

const SCREEN_HEIGHT = 900;

/** The widest that is asked of a system to see how strong it is. */
const WIDTHS_TRIED = [1440, 1024, 390];

/** More classes than this of one family say nothing more. */
const MOST_CLASSES = 400;

const NONE: ReadonlySet<number> = new Set();

/** What is said of the elements of a system: of those in each other, and of one of each class of its columns. */
type SystemSaid = { chain: readonly (readonly Said[])[]; classes: readonly (readonly Said[])[] };

/** A style sheet's grids at any width. */
export class SiteGrids {
  readonly systems: readonly GridSystem[];
  private readonly cascade: Cascade;
  private readonly conditions: Condition[];
  private last: { system: GridSystem; key: string; placed: Placed[] | NoGrid } | null = null;
  private readonly kept = new Map<GridSystem, SystemSaid>();
  private readonly elements = new Map<Element, Said[]>();
  private readonly bounds = new Map<GridSystem, number[]>();
  private readonly shares = new Map<GridSystem, Map<string, number[]>>();

  /**
   * @param root the page itself, where its markup is there
   * @param around of a page that is thought of: the classes of an element around all of it
   */
  constructor(
    { rules, conditions }: Pick<StyleSheet, 'rules' | 'conditions'>,
    choice: RoleChoice = {},
    root: Element | null = null,
    private readonly around: string | null = null,
  ) {
    this.conditions = [...conditions];
    this.cascade = new Cascade(rules, this.conditions);
    const found = root ? pageSystems(root, this.cascade, this.conditions, choice) : gridSystems(rules, choice);
    for (const system of found) {
      const grids = WIDTHS_TRIED.map((width) => this.at(system, width)).filter(
        (grid) => !('why' in grid),
      ) as SiteGrid[];
      if (system.kind === 'tracks' || system.page) system.strength += Math.max(0, ...grids.map(({ count }) => count));
      if (grids.some(({ gutter, column }) => gutter.compare(0) < 0 || column.compare(0) <= 0)) {
        system.sure -= 0.5;
        system.doubts.push('Its columns have no room, or lie over each other.');
      }
      if (choice.columns === undefined) this.askWholeSet(system);
      // gutters are what tells a grid from boxes of a share
      if (grids.some(({ gutter }) => gutter.compare(0) > 0)) system.strength += 1.5;
    }
    this.systems = found.filter(({ strength }) => strength >= 3).sort((a, b) => b.strength - a.strength);
    const [first, ...others] = this.systems;
    const rival = first && others.find((other) => this.isRival(first, other));
    if (!first || !rival || choice.row !== undefined || choice.columns !== undefined) return;
    first.sure -= 0.25;
    first.doubts.push(`${rival.name} is as likely, and is another grid.`);
  }

  /** At each width the classes of a row must make most of a grid. */
  private askWholeSet(system: GridSystem): void {
    const [doubt] = WIDTHS_TRIED.flatMap((width) => {
      const placed = system.kind === 'shares' ? this.placed(system, width, USUAL_ROOTS, NONE) : [];
      if ('why' in placed || placed.length === 0) return [];
      const question = { width, roots: USUAL_ROOTS, conditions: this.conditions, on: NONE };
      return setDoubt(this.sharesAt(system, placed.slice(0, -1), question)) ?? [];
    });
    if (doubt === undefined) return;
    system.sure -= 0.25;
    system.doubts.push(doubt);
  }

  /** Does as much speak for another grid, which has other columns? */
  private isRival(first: GridSystem, other: GridSystem): boolean {
    if (other.strength < first.strength * 0.95 || other.sure < 0.8) return false;
    return WIDTHS_TRIED.some((width) => !isSameGrid(this.at(first, width), this.at(other, width)));
  }

  /** The columns of a system at a viewport width; why not, where they cannot be worked out. */
  at(
    system: GridSystem,
    width: number,
    roots: Roots = USUAL_ROOTS,
    height = SCREEN_HEIGHT,
    on: ReadonlySet<number> = NONE,
  ): SiteGrid | NoGrid {
    const placed = this.placed(system, width, roots, on);
    if ('why' in placed) return placed;
    const [inner, item] = placed.slice(-2) as [Placed, Placed];
    const { box } = containerOf(placed, system.page !== undefined, this.around !== null);
    const question = { width, roots, conditions: this.conditions, on };
    const found =
      system.kind === 'tracks'
        ? tracksIn(inner, item, px(height))
        : sharesIn(this.sharesAt(system, placed.slice(0, -1), question), inner, item);
    return 'why' in found ? found : { ...found, container: [box.start, box.start.add(box.width)] };
  }

  /**
   * What a style sheet alone does not say, and on which a system’s columns hang at a width: the first condition by which they are others, or null. Where both
   * ways agree, nothing is lost.
   */
  doubtAt(system: GridSystem, width: number, roots: Roots = USUAL_ROOTS): Condition | null {
    const { chain, classes } = this.said(system);
    const asked = this.askedAt([...chain, ...classes], width);
    if (asked.length === 0) return null;
    const base = this.at(system, width, roots);
    const other = asked.find(
      (condition) => !isSameGrid(base, this.at(system, width, roots, SCREEN_HEIGHT, new Set([condition]))),
    );
    return other === undefined ? null : this.conditions[other]!;
  }

  /** Elements in each other as they stand at a width, the outermost first. */
  styled(elements: readonly Element[], width: number, roots: Roots, on = NONE): Placed[] | NoGrid {
    const chain = elements.map((element) => this.saidOf(element));
    return walk(chain, { width, roots, conditions: this.conditions, on });
  }

  /** On which condition it hangs where the last of elements in each other stands; null: on none that is not known. */
  placeDoubt(elements: readonly Element[], width: number, roots: Roots): Condition | null {
    const asked = this.askedAt(
      elements.slice(-2).map((element) => this.saidOf(element)),
      width,
    );
    const places = (on: ReadonlySet<number>): string => {
      const placed = this.styled(elements, width, roots, on);
      return 'why' in placed ? placed.why : placed.slice(-2).map(({ style }) => placeText(style)).join('|'); // prettier-ignore
    };
    const base = asked.length === 0 ? '' : places(NONE);
    const other = asked.find((condition) => places(new Set([condition])) !== base);
    return other === undefined ? null : this.conditions[other]!;
  }

  private saidOf(element: Element): Said[] {
    const kept = this.elements.get(element) ?? this.cascade.of(element);
    this.elements.set(element, kept);
    return kept;
  }

  /** The conditions that are asked at a width by what is said of elements. */
  private askedAt(said: readonly (readonly Said[])[], width: number): number[] {
    const asked = said.flatMap((each) =>
      each.flatMap(({ condition, widths }) => (condition !== null && includesWidth(widths, width) ? [condition] : [])),
    );
    return [...new Set(asked)];
  }

  /** Rows that the grid itself says, or the custom properties of `grid.css` on the page; null where there are none. */
  rowsAt(system: GridSystem, width: number, roots: Roots, height: number): SiteRows | null {
    const grid = this.at(system, width, roots, height);
    if (!('why' in grid) && grid.rows) return grid.rows;
    const placed = this.placed(system, width, roots, NONE);
    if ('why' in placed) return null;
    const { style: page, ground } = placed[0]!;
    const screen = { ...ground, height: px(height), whole: px(height) };
    const property = (name: string): Px | null => {
      const held = page.get(`--grid-${name}`);
      const filled = held && withVariables(held, (other) => page.get(other));
      return filled ? lengthIn(filled, screen) : null;
    };
    const row = property('row-height');
    const count = Number(page.get('--grid-rows') ?? NaN);
    return row && { height: row, gap: property('row-gap') ?? ZERO, count: Number.isInteger(count) ? count : null };
  }

  /** By what the ranges of a system go: by the screen's width or by a container's; null where both show, or neither. */
  measures(system: GridSystem): Measure | null {
    const { chain, classes } = this.said(system);
    const said = [...chain, ...classes].flat();
    const screen = said.some(({ widths }) => !includesWidth(widths, 0) || !includesWidth(widths, BEYOND - 1));
    const container = this.containersOf(said).length > 0;
    return screen === container ? null : screen ? 'viewport' : 'container';
  }

  /** The sizes of containers that are asked by what is said of elements. */
  private containersOf(said: readonly Said[]): Widths[] {
    return said.flatMap(({ condition }) => {
      const container = condition === null ? null : this.conditions[condition]!.container;
      return container ? [container.sizes] : [];
    });
  }

  /** The widths at which what is said of a system's elements changes, from 0 on. */
  boundsOf(system: GridSystem): number[] {
    const kept = this.bounds.get(system);
    if (kept) return kept;
    const { chain, classes } = this.said(system);
    const said = [...chain, ...classes].flat();
    // an element that is thought of around everything is as wide as the page, and its ranges are the page's
    const ofRegion = this.around === null ? [] : this.containersOf(said);
    const all = new Set([0, ...[...said.map(({ widths }) => widths), ...ofRegion].flat(2)]);
    const bounds = [...all].filter((width) => width < BEYOND).sort((a, b) => a - b);
    this.bounds.set(system, bounds);
    return bounds;
  }

  /** The elements of a system as they stand at a width: the last are kept, since the same is asked for several times. */
  private placed(system: GridSystem, width: number, roots: Roots, on: ReadonlySet<number>): Placed[] | NoGrid {
    const key = [width, roots.initial, roots.otherwise, ...on].join(' ');
    if (this.last?.system !== system || this.last.key !== key) {
      const question = { width, roots, conditions: this.conditions, on };
      this.last = { system, key, placed: walk(this.said(system).chain, question) };
    }
    return this.last.placed;
  }

  /** The classes of an element that is this share of its row at a width, such as `column is-3` of a quarter; null where no class is. */
  itemAt(system: GridSystem, width: number, share: number): string | null {
    const placed = this.placed(system, width, USUAL_ROOTS, NONE);
    if ('why' in placed) return null;
    const question = { width, roots: USUAL_ROOTS, conditions: this.conditions, on: NONE };
    const place = this.said(system).classes.findIndex((said) => {
      const own = shareOfStyle(styleOfItem(said, placed.slice(0, -1), question) ?? new Map());
      return own !== null && Math.abs(own - share) < 0.0002;
    });
    const names = [...new Set(system.shares.map(({ name }) => name))];
    return place < 0 ? null : `${system.item ?? ''} ${names[place]!}`.trim();
  }

  /**
   * Which shares of the row the classes of a family are at a width: the cascade decides, class by class. Within a range they stay, unless a container’s size decides.
   */
  private sharesAt(system: GridSystem, row: readonly Placed[], question: Parameters<typeof step>[2]): number[] {
    const { classes } = this.said(system);
    const work = (): number[] =>
      classes.flatMap((said) => {
        const own = styleOfItem(said, row, question);
        const share = own && shareOfStyle(own);
        return share === null ? [] : [share];
      });
    const ofContainer = this.askedAt(classes, question.width).some((each) => this.conditions[each]!.container);
    if (ofContainer) return work();
    const range = this.boundsOf(system).filter((bound) => bound <= question.width).length;
    const key = [range, ...question.on].join(' ');
    const kept = this.shares.get(system) ?? new Map<string, number[]>();
    this.shares.set(system, kept);
    const found = kept.get(key) ?? work();
    kept.set(key, found);
    return found;
  }

  private said(system: GridSystem): SystemSaid {
    const kept = this.kept.get(system);
    if (kept) return kept;
    const names = [...new Set(system.shares.map(({ name }) => name))].slice(0, MOST_CLASSES);
    const itemOf = (name: string): string => `${system.item ?? ''} ${name}`.trim();
    // what stands around everything is not once more what the system itself is in
    const inside = new Set(system.around.flatMap((classes) => classes.split(' ')));
    const outer = this.around?.split(' ').filter((name) => !inside.has(name));
    const around = outer ? [outer.join(' '), ...system.around] : system.around;
    const chainOf = (item: string): Element[] =>
      chain([...around, item].map((classes) => (classes === ANY ? '' : classes)));
    if (system.page) {
      const of = (element: Element): Said[] => this.cascade.of(element);
      const ofPage = { chain: system.page.chain.map(of), classes: system.page.items.map(of) };
      this.kept.set(system, ofPage);
      return ofPage;
    }
    const said: SystemSaid = {
      chain: chainOf(system.kind === 'shares' ? itemOf(names[0]!) : ANY).map((element) => this.cascade.of(element)),
      classes: system.kind === 'shares' ? names.map((name) => this.cascade.of(chainOf(itemOf(name)).at(-1)!)) : [],
    };
    this.kept.set(system, said);
    return said;
  }
}

/** The element that holds the width: of a page the outermost that is narrower than the screen, otherwise the first that is thought of. */
function containerOf(placed: readonly Placed[], isPage: boolean, isWrapped: boolean): Placed {
  const [screen, body, ...inside] = placed;
  const first = inside[isWrapped ? 1 : 0];
  const held = isPage ? placed.slice(2, -1).find(({ box }) => box.width.compare(screen!.box.width) < 0) : undefined;
  return held ?? first ?? body!;
}

function styleOfItem(said: readonly Said[], row: readonly Placed[], question: Parameters<typeof step>[2]) {
  const own = step(said, row, question);
  return 'why' in own ? null : own.style;
}

/** All that a style says of where its element stands in a grid, or of the grid that it is. */
function placeText(style: Style): string {
  const said = [...style].filter(([property]) => /^(grid|display$|height$|(row|column)-gap$)/.test(property));
  return JSON.stringify(said.sort(([a], [b]) => (a < b ? -1 : 1)));
}

/** Are columns the same, to what a browser can place, or not to be worked out alike? */
function isSameGrid(a: SiteGrid | NoGrid, b: SiteGrid | NoGrid): boolean {
  if ('why' in a || 'why' in b) return 'why' in a && 'why' in b;
  const near = (one: Px, other: Px): boolean => one.sub(other).abs().compare(NEAR) <= 0;
  return a.count === b.count && near(a.gutter, b.gutter) && near(a.start, b.start) && near(a.end, b.end);
}

/** Browsers place boxes on 64ths of a px. */
const NEAR = px(1).div(64);
