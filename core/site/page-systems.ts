import { tracksIn } from './columns-in';
import { px } from '../length/px';
import type { Element } from './elements';
import type { GridSystem, RoleChoice } from './grid-systems';
import type { Condition } from './rules';
import { shareOfStyle } from './shares';
import type { Cascade, Said } from './style';
import { type Placed, step, USUAL_ROOTS } from './walk';

/** A row or grid of a page, and every element of its columns in all rows that are like it. */
type Alike = { row: Element; kind: GridSystem['kind']; items: Map<string, Element>; rows: number };

const WIDTHS_TRIED = [1440, 1024, 390];

/**
 * The grids of a page whose markup is there: its own elements decide which stands in which. Rows with the same classes, in elements with the same, are one
 * grid.
 */
export function pageSystems(
  root: Element,
  cascade: Cascade,
  conditions: readonly Condition[],
  choice: RoleChoice,
): GridSystem[] {
  const layout = new PageLayout(cascade, conditions);
  const found = new Map<string, Alike>();
  const visit = (element: Element): void => {
    if (element.children.length >= 2 && isChosen(element, choice)) add(element);
    for (const child of element.children) visit(child);
  };
  const add = (row: Element): void => {
    const kind = WIDTHS_TRIED.map((width) => layout.kindOf(row, width)).find((each) => each !== null);
    if (!kind) return;
    const key = [kind, row.name, row.classes, row.parent?.classes ?? ''].join('|');
    const own = found.get(key) ?? { row, kind, items: new Map<string, Element>(), rows: 0 };
    own.rows++;
    for (const child of row.children) if (!own.items.has(child.classes)) own.items.set(child.classes, child);
    found.set(key, own);
  };
  visit(root);
  return [...found.values()].map((alike) => systemOf(alike));
}

function isChosen(element: Element, { row, container }: RoleChoice): boolean {
  const has = (of: Element, classes: string): boolean => {
    const own = of.classes.split(' ');
    return classes.split(' ').every((name) => own.includes(name));
  };
  if (row !== undefined && !has(element, row)) return false;
  if (container === undefined) return true;
  for (let at: Element | null = element; at; at = at.parent) if (has(at, container)) return true;
  return false;
}

function systemOf({ row, kind, items, rows }: Alike): GridSystem {
  const chain: Element[] = [];
  for (let at: Element | null = row; at; at = at.parent) chain.unshift(at);
  const called = ({ name, classes }: Element): string => (classes === '' ? name : `.${classes.replaceAll(' ', '.')}`);
  const outer = chain.slice(2, -1).filter(({ classes }) => classes !== '');
  return {
    name: called(row),
    kind,
    around: [...outer.slice(-1), row].map(({ classes }) => classes),
    item: null,
    shares: kind === 'shares' ? [...items.keys()].map((name) => ({ name, share: 0 })) : [],
    // of grids that are alike, what stands on the page more often
    strength: kind === 'shares' ? 2 + Math.min(2, rows / 4) : Math.min(2, rows / 4),
    sure: 1,
    doubts: [],
    page: { chain: [...chain, row.children[0]!], items: [...items.values()] },
  };
}

/** The elements of a page as they stand at a width, each worked out once. */
class PageLayout {
  private readonly said = new Map<Element, Said[]>();
  private readonly placed = new Map<string, Map<Element, Placed | null>>();

  constructor(
    private readonly cascade: Cascade,
    private readonly conditions: readonly Condition[],
  ) {}

  /** What an element is to what stands in it at a width: a grid of even tracks, a row of shares, or neither. */
  kindOf(row: Element, width: number): GridSystem['kind'] | null {
    const own = this.at(row, width, false);
    if (!own) return null;
    const display = own.style.get('display') ?? '';
    if (/grid$/.test(display)) {
      const item = this.at(row.children[0]!, width, true);
      const grid = item && tracksIn(own, item, px(900));
      return grid && !('why' in grid) && grid.count > 1 ? 'tracks' : null;
    }
    const shares = row.children.filter((child) => {
      const item = this.at(child, width, true);
      const isBeside = /flex$/.test(display) || /^(left|right)$/.test(item?.style.get('float') ?? '');
      const share = item && isBeside ? shareOfStyle(item.style) : null;
      return share !== null && share < 1;
    });
    return shares.length >= 2 ? 'shares' : null;
  }

  private at(element: Element, width: number, isItem: boolean): Placed | null {
    const key = `${width} ${isItem}`;
    const known = this.placed.get(key) ?? new Map<Element, Placed | null>();
    this.placed.set(key, known);
    const found = known.get(element);
    if (found !== undefined) return found;
    const own = this.step(element, width, isItem);
    known.set(element, own);
    return own;
  }

  private step(element: Element, width: number, isItem: boolean): Placed | null {
    const around: Placed[] = [];
    for (let at = element.parent; at; at = at.parent) {
      const outer = this.at(at, width, false);
      if (!outer) return null;
      around.unshift(outer);
    }
    const question = { width, roots: USUAL_ROOTS, conditions: this.conditions, on: new Set<number>() };
    const own = step(this.saidOf(element), around, question, isItem);
    return 'why' in own ? null : own;
  }

  private saidOf(element: Element): Said[] {
    const known = this.said.get(element) ?? this.cascade.of(element);
    this.said.set(element, known);
    return known;
  }
}
