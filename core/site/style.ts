import Specificity from '@bramus/specificity';
import { type Element, matcher } from './elements';
import { valueParts, withVariables } from './css-value';
import type { Declaration, SiteRule } from './rules';
import { includesWidth, type Widths } from './widths';

/** What a style sheet says of an element at a width: longhand properties by name, custom ones with their dashes. */
export type Style = ReadonlyMap<string, string>;

/** A declaration that is for an element, and where it stands in the cascade. */
type Said = Declaration & { widths: Widths; rank: number[] };

type Compiled = { classes: readonly string[]; matches: (of: Element) => boolean; rank: number[] };

/** The rules of style sheets as the elements of a page meet them. */
export class Cascade {
  /** Of each rule its selectors, with the classes without which an element is none of theirs; compiled when first asked for. */
  private readonly selectors: { text: string; classes: readonly string[]; compiled?: Compiled | null }[][];

  constructor(private readonly rules: readonly SiteRule[]) {
    this.selectors = rules.map(({ selectors }) => selectors.map((text) => ({ text, classes: lastClasses(text) })));
  }

  /** All that is said of an element at any width, in the order of the cascade (CSS Cascading 5, 6). */
  of(element: Element): Said[] {
    const own = new Set(element.classes.split(' '));
    const said = this.rules.flatMap((rule, place) => {
      const ranks = this.selectors[place]!.flatMap((selector) => {
        if (!selector.classes.every((name) => own.has(name))) return [];
        if (selector.compiled === undefined) selector.compiled = compiledOf(selector.text, selector.classes);
        return selector.compiled?.matches(element) ? [selector.compiled.rank] : [];
      });
      const rank = ranks.sort(inOrder).at(-1);
      if (!rank) return [];
      const layer = Math.min(rule.layer, NO_LAYER);
      return rule.says.map((declaration): Said => {
        const { important } = declaration;
        const order = [important ? 1 : 0, important ? -layer : layer, ...rank, place];
        return { ...declaration, widths: rule.widths, rank: order };
      });
    });
    return said.sort((a, b) => inOrder(a.rank, b.rank));
  }
}

const NO_LAYER = 1e9;

/** The classes that a selector's last element must have; those in brackets and behind escapes are left to the matcher. */
function lastClasses(selector: string): string[] {
  if (selector.includes('\\')) return [];
  const plain = selector.replace(/\[[^\]]*\]/g, '').replace(/\([^()]*(\([^()]*\)[^()]*)*\)/g, '');
  const last = plain.split(/[\s>+~]+/).at(-1) ?? '';
  return [...last.matchAll(/\.([\w-]+)/g)].map(([, name]) => name!);
}

function compiledOf(selector: string, classes: readonly string[]): Compiled | null {
  const matches = matcher(selector);
  return matches && { classes, matches, rank: specificityOf(selector) };
}

function specificityOf(selector: string): number[] {
  try {
    const [found] = Specificity.calculate(selector);
    return found ? found.toArray() : [0, 0, 0];
  } catch {
    return [0, 0, 0];
  }
}

function inOrder(a: readonly number[], b: readonly number[]): number {
  for (let index = 0; index < a.length; index++) if (a[index] !== b[index]) return a[index]! - b[index]!;
  return 0;
}

/** Styles of elements in each other at a width, the outermost first: custom properties are handed down. */
export function stylesAt(said: readonly Said[][], width: number): Style[] {
  let custom: ReadonlyMap<string, string> = new Map();
  let around: ReadonlyMap<string, string> = new Map();
  return said.map((each) => {
    const here = each.filter(({ widths }) => includesWidth(widths, width));
    const own = new Map(custom);
    for (const { property, value } of here) if (property.startsWith('--')) own.set(property, value);
    custom = own;
    const style = new Map<string, string>();
    for (const { property, value } of here) {
      if (property.startsWith('--')) continue;
      const filled = withVariables(value, (name) => own.get(name));
      if (filled !== null) for (const [longhand, part] of longhands(property, filled)) style.set(longhand, part);
    }
    for (const [property, value] of style) {
      const taken = value === 'inherit' ? around.get(property) : value;
      if (taken === undefined) style.delete(property);
      else style.set(property, taken);
    }
    around = style;
    return new Map([...own, ...style]);
  });
}

/** A declaration as the physical longhands of a page that is written from left to right. */
function longhands(property: string, value: string): [string, string][] {
  const name = property.replace(/^grid-((row-|column-)?gap)$/, '$1');
  const parts = (): string[] => valueParts(value) ?? [];
  switch (name) {
    case 'inline-size':
    case 'max-inline-size':
    case 'min-inline-size':
      return [[name.replace('inline-size', 'width'), value]];
    case 'margin':
    case 'padding': {
      const [top, right = top, , left = right] = parts();
      return right === undefined || left === undefined
        ? []
        : [
            [`${name}-left`, left],
            [`${name}-right`, right],
          ];
    }
    case 'margin-inline':
    case 'padding-inline': {
      const [start, end = start] = parts();
      const side = name.split('-')[0]!;
      return start === undefined || end === undefined
        ? []
        : [
            [`${side}-left`, start],
            [`${side}-right`, end],
          ];
    }
    case 'margin-inline-start':
    case 'padding-inline-start':
      return [[name.replace('inline-start', 'left'), value]];
    case 'margin-inline-end':
    case 'padding-inline-end':
      return [[name.replace('inline-end', 'right'), value]];
    case 'gap': {
      const [row, column = row] = parts();
      return row === undefined || column === undefined
        ? []
        : [
            ['row-gap', row],
            ['column-gap', column],
          ];
    }
    case 'flex': {
      const basis = parts().find((part) => /%|[a-z]/i.test(part));
      return basis === undefined ? [] : [['flex-basis', basis]];
    }
    case 'grid':
    case 'grid-template': {
      const [rows, columns] = value.split('/');
      return [
        ['grid-template-rows', (rows ?? '').trim()],
        ['grid-template-columns', (columns ?? 'none').trim()],
      ];
    }
    default:
      return [[name, value]];
  }
}
