import Specificity from '@bramus/specificity';
import { type Element, isOfState, matcher } from './elements';
import { withVariables } from './css-value';
import { longhands, TAKEN_BACK } from './longhands';
import type { Condition, Declaration, SiteRule } from './rules';
import { includesWidth } from './widths';

/** What a style sheet says of an element at a width: longhand properties by name, custom ones with their dashes; and where each is said. */
export class Style extends Map<string, string> {
  readonly places = new Map<string, string>();
  private readonly initial = new Set<string>();

  /** @param outer the style of the element around, which hands its custom properties down */
  constructor(private readonly outer: Style | null = null) {
    super();
  }

  override get(property: string): string | undefined {
    const own = super.get(property);
    if (own !== undefined || !property.startsWith('--') || this.initial.has(property)) return own;
    return this.outer?.get(property);
  }

  /** Takes a custom property back to what it is without a style sheet: nothing. */
  setInitial(property: string): void {
    this.delete(property);
    this.initial.add(property);
  }
}

/** A declaration that is for an element, where it stands in the cascade, and on what it depends. */
export type Said = Declaration & Pick<SiteRule, 'widths' | 'condition' | 'where'> & { rank: number[] };

type Selector = { text: string; rule: number; classes: readonly string[]; compiled?: Compiled };
type Compiled = { matches: ((of: Element) => boolean) | null; rank: number[] };

/** The rules of style sheets as the elements of a page meet them. */
export class Cascade {
  /** Selectors by a class or else a name without which an element is none of theirs; compiled when first asked for. */
  private readonly byKey = new Map<string, Selector[]>();

  constructor(
    private readonly rules: readonly SiteRule[],
    private readonly conditions: Condition[] = [],
  ) {
    rules.forEach(({ selectors }, rule) => {
      for (const text of selectors) {
        const { classes, name } = lastOf(text);
        const key = classes[0] === undefined ? (name ?? '*') : `.${classes[0]}`;
        const list = this.byKey.get(key);
        const selector = { text, rule, classes };
        if (list) list.push(selector);
        else this.byKey.set(key, [selector]);
      }
    });
  }

  /** All that is said of an element at any width, in the order of the cascade (CSS Cascading 5, 6). */
  of(element: Element): Said[] {
    const own = new Set(element.classes.split(' '));
    const keys = ['*', element.name.toLowerCase(), ...[...own].map((name) => `.${name}`)];
    const best = new Map<number, { rank: number[]; isSure: boolean; text: string }>();
    for (const selector of keys.flatMap((key) => this.byKey.get(key) ?? [])) {
      if (!selector.classes.every((name) => own.has(name))) continue;
      const { matches, rank } = (selector.compiled ??= compiledOf(selector.text));
      if (matches ? !matches(element) : isOfState(selector.text)) continue;
      const found = best.get(selector.rule);
      if (!found || (matches && !found.isSure) || (found.isSure === Boolean(matches) && inOrder(rank, found.rank) > 0))
        best.set(selector.rule, { rank, isSure: matches !== null, text: selector.text });
    }
    return [...best]
      .flatMap(([place, { rank, isSure, text }]) => {
        const rule = this.rules[place]!;
        const layer = Math.min(rule.layer, NO_LAYER);
        const condition = isSure ? rule.condition : this.unreadSelector(text, rule);
        return rule.says.map((declaration): Said => {
          const { important } = declaration;
          const order = [important ? 1 : 0, important ? -layer : layer, ...rank, place];
          return { ...declaration, widths: rule.widths, condition, where: rule.where, rank: order };
        });
      })
      .sort((a, b) => inOrder(a.rank, b.rank));
  }

  /** What hangs on a selector that cannot be told of a page that is only thought of. */
  private unreadSelector(text: string, { where }: SiteRule): number {
    const known = this.conditions.findIndex((condition) => condition.text === text);
    if (known >= 0) return known;
    this.conditions.push({ text, why: 'This selector can’t be read.', where, container: null });
    return this.conditions.length - 1;
  }
}

const NO_LAYER = 1e9;

/** The classes and the name that a selector's last element must have; those in brackets are left to the matcher. */
function lastOf(selector: string): { classes: string[]; name: string | null } {
  const plain = selector
    .replace(/\\(?:([0-9a-f]{1,6})\s?|(.))/gi, (_, hex?: string, sign?: string) =>
      String.fromCodePoint(ESCAPED + Math.min(0x17ff, hex ? parseInt(hex, 16) : sign!.codePointAt(0)!)),
    )
    .replace(/\[[^\]]*\]/g, '¦')
    .replace(/\([^()]*(\([^()]*\)[^()]*)*\)/g, '');
  const parts = plain.trim().split(/[\s>+~]+/);
  const last = parts.at(-1) ?? '';
  const [name] = /^[a-z][\w-]*/i.exec(last) ?? [];
  const classes = [...last.matchAll(/\.([\w\u0080-\u{10ffff}-]+)/gu)].map(([, found]) =>
    found!.replace(/[\ue000-\uf7ff]/g, (sign) => String.fromCodePoint(sign.codePointAt(0)! - ESCAPED)),
  );
  return { classes, name: name?.toLowerCase() ?? null };
}

/** Where signs behind an escape stand meanwhile, so that they part nothing: the private use area. */
const ESCAPED = 0xe000;

function compiledOf(selector: string): Compiled {
  return { matches: matcher(selector), rank: specificityOf(selector) };
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

/**
 * The style of an element at a width, in the one around it: custom properties and the font size are handed down; a `var()` that holds nothing makes its
 * property unset (CSS Custom Properties 1, 3).
 */
export function styleAt(
  said: readonly Said[],
  width: number,
  around: Style | null,
  isOn: (condition: number) => boolean,
): Style {
  const here = said.filter(
    ({ widths, condition }) => includesWidth(widths, width) && (condition === null || isOn(condition)),
  );
  const style = new Style(around);
  for (const { property, value } of here) {
    if (!property.startsWith('--')) continue;
    if (/^initial$/i.test(value)) style.setInitial(property);
    else if (!/^(inherit|unset|revert|revert-layer)$/i.test(value)) style.set(property, value);
  }
  for (const { property, value, where } of here) {
    if (property.startsWith('--')) continue;
    const filled = withVariables(value, (name) => style.get(name));
    for (const [longhand, part] of longhands(property, lowered(property, filled ?? 'unset'))) {
      style.places.set(longhand, where);
      const taken = part === 'inherit' ? around?.get(longhand) : TAKEN_BACK.test(part) ? undefined : part;
      if (taken === undefined) style.delete(longhand);
      else style.set(longhand, taken);
    }
  }
  return style;
}

/** Words of a value in small letters, as CSS reads them; names that authors give stay. */
function lowered(property: string, value: string): string {
  if (/^(grid-(area|row|column)|container(-name)?$|font$)/.test(property)) return value;
  return value.replace(/"[^"]*"|'[^']*'|\[[^\]]*\]|--[\w-]+|[A-Z]+/g, (part) =>
    /^[A-Z]/.test(part) ? part.toLowerCase() : part,
  );
}
