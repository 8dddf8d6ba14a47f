import { fork, toPlainObject } from 'css-tree/dist/csstree.esm';
import type { Parsed } from '../parsed';
import { whyNotText } from '../text/why-not-text';
import { nodeText, type ValueNode } from './css-value';
import { ALWAYS, bothHold, type Holding, widthsOfContainer, widthsOfMedia } from './media';
import { nested, selectorsOf } from './selectors';
import { isSupported, isTaken } from './supports';
import { bothWidths, NO_WIDTH, otherWidths, type Widths } from './widths';

export type Declaration = { property: string; value: string; important: boolean };

/** A style sheet, and how its place is called: `site.css`. */
export type Sheet = { name: string; text: string };

/** Something on which rules depend and that a style sheet alone does not say: `@media (orientation: portrait)`. */
export type Condition = {
  text: string;
  why: string;
  where: string;
  /** Of a container query alone: its container’s name, and the inline sizes at which it holds. */
  container: { name: string | null; sizes: Widths } | null;
};

/** What a style sheet says of some elements, and at which viewport widths. */
export type SiteRule = {
  selectors: readonly string[];
  says: readonly Declaration[];
  widths: Widths;
  /** The place of its layer, from the first on; those in none come after all. */
  layer: number;
  /** On what it depends beside the width: a place among the conditions; null: on nothing. */
  condition: number | null;
  /** File, line and column: `site.css:120:3`. */
  where: string;
};

/** Something that could be of a grid and was not read; `asked` where the comparison needs it. */
export type Unread = { what: string; why: string; where?: string; asked?: boolean };

export type StyleSheet = { rules: SiteRule[]; conditions: Condition[]; unread: Unread[] };

export const MOST_CSS = 20_000_000;
const MOST_UNREAD = 200;
const DEEPEST = 200;
const MOST_RULES = 250_000;
const MOST_CONDITIONS = 1000;

/** Properties that say where boxes stand across and down the page. */
const OF_GRIDS =
  /^(--.+|display|box-sizing|(min-|max-)?(width|inline-size|height|block-size)|(margin|padding)(-(left|right|inline(-start|-end)?))?|grid(-.+)?|gap|(row|column)-gap|justify-content|flex(-basis)?|float|font(-size)?|container(-type|-name)?)$/;

/** Properties that by themselves move nothing across the page. */
const ALONE_NOTHING = /^(display|--.+|font|font-size|container.*)$/;

type CssNode = ValueNode & {
  prelude?: ValueNode | null;
  block?: { children: CssNode[] } | null;
  property?: string;
  important?: boolean | string;
  value?: unknown;
  loc?: { start: { line: number; column: number } };
};

type Place = {
  holding: Holding;
  layer: string | null;
  selectors: readonly string[] | null;
  /** What is asked beside the width, from the outside in. */
  asks: readonly Omit<Condition, 'where'>[];
};

/**
 * The rules of style sheets, in their order, in so far as they say something of boxes: what media queries ask of the width is worked out, nested rules stand
 * by themselves, what a browser drops is dropped, nothing is fetched.
 */
export function readStyleSheets(sheets: readonly (string | Sheet)[]): Parsed<StyleSheet> {
  const named = sheets.map((sheet) => (typeof sheet === 'string' ? { name: 'style sheet', text: sheet } : sheet));
  const characters = named.reduce((sum, { text }) => sum + text.length, 0);
  if (characters > MOST_CSS)
    return {
      problem: `These style sheets have ${characters.toLocaleString('en')} characters; at most ${MOST_CSS.toLocaleString('en')} are read.`,
    };
  const reading = new Reading();
  try {
    for (const sheet of named) {
      const text = withoutNuls(sheet.text);
      const notText = whyNotText(text, 'style sheet', 'the style sheet');
      if (notText) return { problem: notText };
      reading.read({ ...sheet, text });
    }
  } catch (error) {
    if (error instanceof RangeError)
      return { problem: `Blocks or brackets are nested too deep; at most ${DEEPEST} levels can be read.` };
    throw error;
  }
  return { value: { rules: reading.ordered(), conditions: reading.conditions, unread: reading.unread } };
}

/** A text in which some NULs are replacement signs, as CSS Syntax 3, 3.3 has it; one that is full of them is no text, and stays. */
function withoutNuls(text: string): string {
  if (!text.includes('\0')) return text;
  const replaced = text.replaceAll('\0', '\ufffd');
  const nuls = text.split('\0').length - 1;
  return nuls * 50 > text.length ? text : replaced;
}

/** A parser of its own for whole sheets: it keeps a buffer as long as what it read last, and clears all of it for each piece that is read next. */
const { parse } = fork({});

class Reading {
  readonly rules: (Omit<SiteRule, 'layer'> & { layer: string | null })[] = [];
  readonly unread: Unread[] = [];
  readonly conditions: Condition[] = [];
  private readonly layers: string[] = [];
  private readonly named = new Set<string>();
  private readonly conditionAt = new Map<string, number>();
  private file = '';

  read({ name, text }: Sheet): void {
    this.file = name;
    const tree = toPlainObject(
      parse(text, { parseValue: false, parseCustomProperty: false, parseRulePrelude: false, positions: true }),
    ) as unknown as CssNode;
    this.each(tree.children as CssNode[], { holding: ALWAYS, layer: null, selectors: null, asks: [] }, 0);
  }

  ordered(): SiteRule[] {
    const places = new Map(this.layers.map((name, place) => [name, place]));
    return this.rules.map((rule) => ({
      ...rule,
      layer: rule.layer === null ? Infinity : places.get(rule.layer)!,
    }));
  }

  private each(nodes: readonly CssNode[], place: Place, depth: number): void {
    if (depth > DEEPEST) throw new RangeError('deep');
    const says: Declaration[] = [];
    let first: CssNode | null = null;
    const saySoFar = (): void => {
      if (says.length > 0 && place.selectors) this.add(place.selectors, says.splice(0), place, first!);
      first = null;
    };
    for (const node of nodes) {
      if (node.type === 'Declaration') {
        const declaration = this.declarationOf(node, place);
        first ??= declaration && node;
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
    if (selectors.some(({ length }) => length > LONGEST_SELECTOR)) {
      if (place.selectors) throw new RangeError('deep');
      return this.note('A selector', `It has more than ${LONGEST_SELECTOR} characters.`, node);
    }
    this.each(node.block?.children ?? [], { ...place, selectors }, depth + 1);
  }

  private atRule(node: CssNode, place: Place, depth: number): void {
    const name = node.name!.toLowerCase().replace(/^-[a-z]+-/, '');
    const prelude = node.prelude ? nodeText(node.prelude) : '';
    const inside = (more: Partial<Place>): void =>
      this.each(node.block?.children ?? [], { ...place, ...more }, depth + 1);
    const perhaps = (why: string, container: Condition['container'] = null): void =>
      inside({
        holding: { sure: NO_WIDTH, perhaps: place.holding.perhaps },
        asks: [...place.asks, { text: `@${name} ${prelude}`, why, container }],
      });
    switch (name) {
      case 'media': {
        const list = node.prelude?.children?.[0];
        const own = list ? widthsOfMedia(list) : ALWAYS;
        const asks = JSON.stringify(own.sure) === JSON.stringify(own.perhaps) ? [] : [own];
        return inside({
          holding: bothHold(place.holding, own),
          asks: [
            ...place.asks,
            ...asks.map(() => ({
              text: `@media ${prelude}`,
              why: 'It depends on more than the screen width.',
              container: null,
            })),
          ],
        });
      }
      case 'supports': {
        const isTrue = isSupported(node.prelude);
        if (isTrue === false) return undefined;
        return isTrue === true ? inside({}) : perhaps('It isn’t known whether browsers support this.');
      }
      case 'layer':
        return this.layer(prelude, node, inside, place);
      case 'import':
        return this.note(`@import ${prelude}`, 'Nothing is downloaded. Add that style sheet too.', node);
      case 'container': {
        const { sure, perhaps: all } = node.prelude ? widthsOfContainer(node.prelude) : ALWAYS;
        const isKnown = JSON.stringify(sure) === JSON.stringify(all);
        const [, called = null] = /^((?!not\b|style\()[\w-]+)(?=\s|\()/i.exec(prelude) ?? [];
        return perhaps('It depends on the size of a container.', isKnown ? { name: called, sizes: sure } : null);
      }
      case 'scope':
        return perhaps('It depends on where in the page an element is.');
      case 'starting-style':
        return undefined;
      case 'document':
        return perhaps('It depends on the address of the page.');
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

  /** A rule where it surely holds, and once more, under its condition, where it may. */
  private add(selectors: readonly string[], says: Declaration[], place: Place, node: CssNode): void {
    const { holding, layer, asks } = place;
    if (this.rules.length >= MOST_RULES)
      return this.note('Rules', `Only the first ${MOST_RULES.toLocaleString('en')} rules are read.`, node);
    const where = this.whereIs(node);
    const { sure, perhaps } = holding;
    if (sure.length > 0) this.rules.push({ selectors, says, widths: sure, layer, condition: null, where });
    const rest = asks.length === 0 ? NO_WIDTH : bothWidths(perhaps, otherWidths(sure));
    if (rest.length === 0) return;
    const isNothing = says.every(({ property }) => ALONE_NOTHING.test(property));
    const condition = this.conditionOf(asks, where, isNothing);
    if (condition !== null) this.rules.push({ selectors, says, widths: rest, layer, condition, where });
  }

  private conditionOf(asks: Place['asks'], where: string, isNothing: boolean): number | null {
    const text = asks.map((each) => each.text).join(' ');
    const known = this.conditionAt.get(text);
    if (!isNothing) this.note(text, `${asks[0]!.why.slice(0, -1)}, so its content is left out.`, where);
    if (known !== undefined) return known;
    if (this.conditions.length >= MOST_CONDITIONS) return null;
    const container = asks.length === 1 ? asks[0]!.container : null;
    this.conditions.push({ text: cut(text), why: asks[0]!.why, where, container });
    this.conditionAt.set(text, this.conditions.length - 1);
    return this.conditions.length - 1;
  }

  private declarationOf(node: CssNode, place: Place): Declaration | null {
    const { property = '', value, important } = node;
    const name = property.startsWith('--') ? property : property.toLowerCase();
    if (!OF_GRIDS.test(name)) return null;
    const text = (typeof value === 'string' ? value : ((value as ValueNode | undefined)?.value ?? '')).trim();
    const isKnown = name.startsWith('--') ? true : isTaken(name, text);
    if (isKnown === false) return null;
    if (isKnown === 'perhaps' && place.selectors)
      this.note(`${name}: ${text}`, 'It isn’t known whether browsers understand this value.', node);
    return { property: name, value: text, important: important !== false && important !== undefined };
  }

  private note(what: string, why: string, at: CssNode | string): void {
    const short = cut(what);
    if (this.named.has(short) || this.unread.length >= MOST_UNREAD) return;
    this.named.add(short);
    this.unread.push({ what: short, why, where: typeof at === 'string' ? at : this.whereIs(at) });
  }

  private whereIs({ loc }: CssNode): string {
    return loc ? `${this.file}:${loc.start.line}:${loc.start.column}` : this.file;
  }
}

const LONGEST_SELECTOR = 20_000;

function cut(text: string): string {
  return text.length > 120 ? `${text.slice(0, 120)}…` : text;
}
