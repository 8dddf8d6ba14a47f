import convertor from 'css-tree/convertor';
import parse from 'css-tree/parser';
import type { Parsed } from '../parsed';
import { whyNotText } from '../text/why-not-text';
import { nodeText, type ValueNode } from './css-value';
import { widthsOfMedia } from './media';
import { bothWidths, EVERY_WIDTH, type Widths } from './widths';

export type Declaration = { property: string; value: string; important: boolean };

/** What a style sheet says of some elements, and at which viewport widths. */
export type SiteRule = {
  selectors: readonly string[];
  says: readonly Declaration[];
  widths: Widths;
  /** The place of its layer, from the first on; those in none come after all. */
  layer: number;
};

/** Something that could be of a grid and was not read. */
export type Unread = { what: string; why: string };

export type StyleSheet = { rules: SiteRule[]; unread: Unread[] };

export const MOST_CSS = 5_000_000;
const MOST_UNREAD = 200;
const DEEPEST = 200;
const MOST_RULES = 60_000;

/** Properties that say where boxes stand across and down the page. */
const OF_GRIDS =
  /^(--.+|display|box-sizing|(min-|max-)?(width|inline-size)|(margin|padding)(-(left|right|inline(-start|-end)?))?|grid(-.+)?|gap|(row|column)-gap|justify-content|flex(-basis)?|float)$/;

type CssNode = ValueNode & {
  prelude?: ValueNode | null;
  block?: { children: CssNode[] } | null;
  property?: string;
  important?: boolean | string;
  value?: unknown;
};

type Place = { widths: Widths | null; layer: string | null; selectors: readonly string[] | null; left: string | null };

/**
 * The rules of style sheets, in their order, in so far as they say something of boxes: what media queries ask of the width is worked out, nested rules stand
 * by themselves, nothing is fetched.
 */
export function readStyleSheets(texts: readonly string[]): Parsed<StyleSheet> {
  const characters = texts.reduce((sum, { length }) => sum + length, 0);
  if (characters > MOST_CSS)
    return { problem: `These style sheets have ${characters} characters; at most ${MOST_CSS} are read.` };
  const reading = new Reading();
  try {
    for (const text of texts) {
      const notText = whyNotText(text, 'style sheet', 'the style sheet');
      if (notText) return { problem: notText };
      reading.read(text);
    }
  } catch (error) {
    if (error instanceof RangeError)
      return { problem: `Blocks or brackets are nested too deep; at most ${DEEPEST} levels can be read.` };
    throw error;
  }
  return { value: { rules: reading.ordered(), unread: reading.unread } };
}

class Reading {
  readonly rules: (Omit<SiteRule, 'layer'> & { layer: string | null })[] = [];
  readonly unread: Unread[] = [];
  private readonly layers: string[] = [];
  private readonly named = new Set<string>();

  read(text: string): void {
    const tree = convertor.toPlainObject(
      parse(text, { parseValue: false, parseCustomProperty: false, parseRulePrelude: false }),
    ) as unknown as CssNode;
    this.each(tree.children as CssNode[], { widths: EVERY_WIDTH, layer: null, selectors: null, left: null }, 0);
  }

  ordered(): SiteRule[] {
    return this.rules.map((rule) => ({
      ...rule,
      layer: rule.layer === null ? Infinity : this.layers.indexOf(rule.layer),
    }));
  }

  private each(nodes: readonly CssNode[], place: Place, depth: number): void {
    if (depth > DEEPEST) throw new RangeError('deep');
    const says: Declaration[] = [];
    const saySoFar = (): void => {
      if (says.length > 0 && place.selectors) this.add(place.selectors, says.splice(0), place);
    };
    for (const node of nodes) {
      if (node.type === 'Declaration') {
        const declaration = declarationOf(node);
        if (declaration) says.push(declaration);
        continue;
      }
      saySoFar();
      if (node.type === 'Rule') this.rule(node, place, depth);
      else if (node.type === 'Atrule') this.atRule(node, place, depth);
    }
    saySoFar();
  }

  private rule(node: CssNode, place: Place, depth: number): void {
    const own = selectorsOf(node.prelude?.value ?? '');
    const selectors = place.selectors ? own.map((selector) => nested(selector, place.selectors!)) : own;
    if (selectors.some(({ length }) => length > 2000)) throw new RangeError('deep');
    this.each(node.block?.children ?? [], { ...place, selectors }, depth + 1);
  }

  private atRule(node: CssNode, place: Place, depth: number): void {
    const name = node.name!.toLowerCase().replace(/^-[a-z]+-/, '');
    const prelude = node.prelude ? nodeText(node.prelude) : '';
    const inside = (more: Partial<Place>): void =>
      this.each(node.block?.children ?? [], { ...place, ...more }, depth + 1);
    switch (name) {
      case 'media': {
        const list = node.prelude?.children?.[0];
        const own = list ? widthsOfMedia(list) : EVERY_WIDTH;
        if (own === null) return inside({ left: `@media ${prelude}` });
        return inside({ widths: bothWidths(place.widths ?? EVERY_WIDTH, own) });
      }
      case 'supports':
        // what is asked for is taken to be there, and what is asked not to be, not
        return /^\s*not\b/i.test(prelude) ? undefined : inside({});
      case 'layer':
        return this.layer(prelude, node, inside, place);
      case 'import':
        return this.note(`@import ${prelude}`, 'Nothing is downloaded. Add that style sheet too.');
      case 'container':
      case 'scope':
      case 'starting-style':
      case 'document':
        return inside({ left: `@${name} ${prelude}` });
      default:
        return undefined;
    }
  }

  private layer(prelude: string, node: CssNode, inside: (more: Partial<Place>) => void, place: Place): void {
    const outer = place.layer === null ? '' : `${place.layer}.`;
    const names = prelude
      .split(',')
      .map((name) => name.trim())
      .filter((name) => name !== '')
      .map((name) => outer + name);
    if (node.block && names.length === 0) names.push(`${outer}(unnamed ${this.layers.length})`);
    for (const name of names) if (!this.layers.includes(name)) this.layers.push(name);
    if (node.block) inside({ layer: names[0]! });
  }

  private add(selectors: readonly string[], says: Declaration[], { widths, layer, left }: Place): void {
    const isNothing = says.every(({ property }) => property === 'display' || property.startsWith('--'));
    if (left !== null) {
      if (!isNothing) this.note(left, 'It depends on more than the screen width, so its content is left out.');
      return;
    }
    if (this.rules.length >= MOST_RULES) return this.note('Rules', `Only the first ${MOST_RULES} rules are read.`);
    if (widths && widths.length > 0) this.rules.push({ selectors, says, widths, layer });
  }

  private note(what: string, why: string): void {
    const cut = what.length > 120 ? `${what.slice(0, 120)}…` : what;
    if (this.named.has(cut) || this.unread.length >= MOST_UNREAD) return;
    this.named.add(cut);
    this.unread.push({ what: cut, why });
  }
}

function declarationOf({ property = '', value, important }: CssNode): Declaration | null {
  const name = property.startsWith('--') ? property : property.toLowerCase();
  if (!OF_GRIDS.test(name)) return null;
  const text = typeof value === 'string' ? value : ((value as ValueNode | undefined)?.value ?? '');
  return { property: name, value: text.trim(), important: important !== false && important !== undefined };
}

/** The selectors of a list, which commas in brackets do not part. */
function selectorsOf(prelude: string): string[] {
  const found: string[] = [];
  let depth = 0;
  let start = 0;
  for (let at = 0; at <= prelude.length; at++) {
    const letter = prelude[at];
    if (letter === '\\') at++;
    else if (letter === '(' || letter === '[') depth++;
    else if (letter === ')' || letter === ']') depth--;
    else if ((letter === ',' && depth === 0) || letter === undefined) {
      const selector = prelude.slice(start, at).trim();
      if (selector !== '') found.push(selector);
      start = at + 1;
    }
  }
  return found;
}

/** A nested selector by itself (CSS Nesting 1, 3). */
function nested(selector: string, parents: readonly string[]): string {
  const parent = parents.length === 1 ? parents[0]! : `:is(${parents.join(', ')})`;
  const around = / |>|\+|~/.test(parent) ? `:is(${parent})` : parent;
  return selector.includes('&') ? selector.replaceAll('&', around) : `${parent} ${selector}`;
}
