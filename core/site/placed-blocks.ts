import { px, type Px, ZERO } from '../length/px';
import type { AreaPlace } from './areas';
import { gapOf } from './columns-in';
import { lengthIn } from './css-length';
import { compoundsIn } from './compounds';
import { type Element, within } from './elements';
import { ANY } from './roles';
import { spanOf } from './lines';
import type { SiteRule } from './rules';
import type { SiteGrids } from './systems';
import { templateCount } from './tracks';
import { type NoGrid, type Placed, placeOf, type Roots } from './walk';

/** A block of a page at a width: where it stands in its grid, how tall it is said to be; why not, where that is not known. */
export type BlockOnPage = {
  name: string;
  place: Omit<AreaPlace, 'name'> | NoGrid;
  /** Its `height`, where it says one. */
  height: Px | NoGrid | null;
  /** Rows of its grid that are all as tall as this, and the gap between them. */
  rows: { height: Px; gap: Px } | null;
};

/** The blocks that a page places one by one: elements that are known by a class, an id or `data-block`. */
export class PlacedBlocks {
  /** The elements of a block, from the outermost to its own; null where the page knows none. */
  private readonly chainOf: (name: string) => Element[] | null;

  /**
   * @param root the page itself, where its markup is there; otherwise elements are thought of, in the ancestors that selectors ask for
   * @param layout the id of the element that may hold the blocks
   */
  constructor(
    private readonly grids: SiteGrids,
    rules: readonly SiteRule[],
    root: Element | null,
    layout: string,
  ) {
    const [system] = grids.systems;
    this.chainOf = root ? inPage(root, layout) : thoughtOf(rules, layout, system?.around ?? []);
  }

  /** The block of a name at a width and a height of the screen; null where the page knows none. Of several the first counts. */
  at(name: string, width: number, height: number, roots: Roots): BlockOnPage | null {
    const chain = this.chainOf(name);
    if (!chain) return null;
    const doubt = this.grids.placeDoubt(chain, width, roots);
    const placed = this.grids.styled(chain, width, roots);
    if (doubt || 'why' in placed) {
      const why = doubt ? { why: `${doubt.text}: ${doubt.why.slice(0, -1)}`, where: doubt.where } : (placed as NoGrid);
      return { name, place: why, height: null, rows: null };
    }
    const [grid, own] = placed.slice(-2) as [Placed, Placed];
    const isGrid = /\bgrid$/.test(grid.style.get('display') ?? '');
    if (!isGrid) return { name, place: { why: 'it stands in no grid' }, height: null, rows: null };
    const count = (axis: string): number | null => templateCount(grid.style.get(`grid-template-${axis}`));
    const columns = spanOf(own.style, 'column', count('columns'));
    const lanes = spanOf(own.style, 'row', count('rows'));
    const place = 'why' in columns ? columns : 'why' in lanes ? lanes : { columns, lanes };
    const screen = { ...own.ground, height: px(height), whole: null };
    const said = own.style.get('height');
    const isSaid = said !== undefined && !/^(auto|(fit|min|max)-content|100%)$/.test(said);
    const tall = !isSaid
      ? null
      : (lengthIn(said, screen) ?? {
          why: `its height is “${said}”, which can’t be read.`,
          ...placeOf(own.style, 'height'),
        });
    const each = grid.style.get('grid-auto-rows');
    const row = each === undefined ? null : lengthIn(each, { ...grid.ground, height: px(height), whole: null });
    const gap = gapOf(grid.style, 'row-gap', ZERO, { ...grid.ground, height: px(height) });
    return { name, place, height: tall, rows: row && gap && { height: row, gap } };
  }
}

type Known = { placed: Set<string>; around: Map<string, Set<string>> };

/** Elements of a page by what they may be known by, each with those around it. */
function inPage(root: Element, layout: string): (name: string) => Element[] | null {
  const [inside, outside] = [new Map<string, Element[]>(), new Map<string, Element[]>()];
  const visit = (element: Element, around: Element[], isInside: boolean): void => {
    const chain = [...around, element];
    const { id, 'data-block': block } = element.attributes ?? {};
    for (const name of [...element.classes.split(' '), id, block]) {
      if (!name || inside.has(name)) continue;
      if (isInside) inside.set(name, chain);
      else if (!outside.has(name)) outside.set(name, chain);
    }
    for (const child of element.children) visit(child, chain, isInside || id === layout);
  };
  visit(root, [], false);
  return (name) => inside.get(name) ?? outside.get(name) ?? null;
}

/** Elements by the names that selectors end in, in elements with all that these selectors ask for around them. */
function thoughtOf(
  rules: readonly SiteRule[],
  layout: string,
  system: readonly string[],
): (name: string) => Element[] | null {
  const { placed, around } = namesIn(rules);
  const outer = system.filter((classes) => classes !== ANY);
  const chains = new Map<string, Element[]>();
  return (name) => {
    const classes = placed.has(name) ? around.get(name)! : null;
    if (!classes) return null;
    const chain = chains.get(name) ?? thought(name, layout, [...classes].join(' '), outer);
    chains.set(name, chain);
    return chain;
  };
}

const known = new WeakMap<readonly SiteRule[], Known>();

/** The names of elements that rules place on lines, and the classes that selectors ask for around each. */
function namesIn(rules: readonly SiteRule[]): Known {
  const found = known.get(rules) ?? { placed: new Set(), around: new Map() };
  if (known.has(rules)) return found;
  for (const rule of rules) {
    const places = rule.says.some(({ property }) => /^grid-(area|row|column)/.test(property));
    compoundsIn(rule).forEach((compounds, index) => {
      const last = compounds?.at(-1);
      if (!compounds || !last) return;
      for (const name of [...last.classes, ...attributeNames(rule.selectors[index]!)]) {
        const classes = found.around.get(name) ?? new Set<string>();
        for (const each of compounds.slice(0, -1)) for (const own of each.classes) classes.add(own);
        found.around.set(name, classes);
        if (places) found.placed.add(name);
      }
    });
  }
  known.set(rules, found);
  return found;
}

/** The id or `data-block` that a selector’s last part asks for. */
function attributeNames(selector: string): string[] {
  const last =
    selector
      .trim()
      .split(/[\s>+~]+/)
      .at(-1) ?? '';
  return [...last.matchAll(/#([\w-]+)|\[\s*data-block\s*=\s*["']?([\w-]+)["']?\s*\]/g)].map(
    ([, id, block]) => (id ?? block)!,
  );
}

/** A block in the elements of the grid; the one around the block and the one around that have what selectors ask for. */
function thought(name: string, layout: string, classes: string, outer: readonly string[]): Element[] {
  const chain: Element[] = [{ name: 'html', classes: '', parent: null, children: [] }];
  const add = (name: string, own: string, attributes?: Element['attributes']): void => {
    chain.push(within(chain.at(-1)!, name, own, attributes));
  };
  const [inner = ''] = outer.slice(-1);
  add('body', '');
  for (const each of outer.slice(0, -1)) add('div', each);
  add('div', `layout ${classes}`.trim(), { id: layout });
  add('div', `${inner} ${classes}`.trim());
  add('div', name, { id: name, 'data-block': name });
  return chain;
}
