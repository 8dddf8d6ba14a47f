import Fraction from 'fraction.js';
import { greatest, least, type Px, px, ZERO } from '../length/px';
import { type ValueNode, valueNodes } from './css-value';

/**
 * What lengths of a page depend on, in px. `root` is the font size of the page, `em` that of the element, null where it is not known; `whole` is what a percentage is of; null where it is of nothing that is known. `height` is that of the screen; null across a
 * page, where a column or a gutter that changes with it would be another on every screen.
 */
export type Surroundings = {
  width: Px;
  height: Px | null;
  root: Px;
  em: Px | null;
  whole: Px | null;
  /** How wide the nearest container is, of which `cqi` is a hundredth; null where none is known. */
  container?: Px | null;
};

type Amount = { value: Fraction; isLength: boolean };

/** Why a value cannot be worked out; caught where a value is asked for. */
class Unread extends Error {}

/**
 * A CSS length in exact px: a number with a unit, a percentage, or a sum of them (CSS Values and Units 4, 10: `calc`, `min`, `max`, `clamp`, `round`).
 *
 *     lengthIn('calc((100% - 48px) / 3)', { whole: px(1152), … })   // 368
 *
 * @returns null where it is none, or depends on what a style sheet does not say (fonts, containers)
 */
export function lengthIn(text: string, around: Surroundings): Px | null {
  const nodes = valueNodes(text);
  if (!nodes || nodes.length !== 1) return null;
  try {
    const { value, isLength } = worth(nodes[0]!, around, 0);
    return isLength || value.equals(ZERO) ? value : null;
  } catch (error) {
    if (error instanceof Unread) return null;
    throw error;
  }
}

/**
 * A plain number, worked out where it is a sum: how often a track is repeated.
 *
 *     numberIn('calc(6 * 2)')   // 12
 */
export function numberIn(text: string): Fraction | null {
  const nodes = valueNodes(text);
  if (!nodes || nodes.length !== 1) return null;
  try {
    const { value, isLength } = worth(nodes[0]!, NOWHERE, 0);
    return isLength ? null : value;
  } catch (error) {
    if (error instanceof Unread) return null;
    throw error;
  }
}

const NOWHERE: Surroundings = { width: ZERO, height: null, root: px(16), em: null, whole: null };

const NUMBER = /^[-+]?(\d{1,15}(\.\d{0,15})?|\.\d{1,15})$/;
const DEEPEST = 40;

function worth(node: ValueNode, around: Surroundings, depth: number): Amount {
  if (depth > DEEPEST) throw new Unread();
  switch (node.type) {
    case 'Number':
      return { value: numberOf(node.value), isLength: false };
    case 'Percentage':
      if (!around.whole) throw new Unread();
      return { value: numberOf(node.value).mul(around.whole).div(100), isLength: true };
    case 'Dimension':
      return { value: numberOf(node.value).mul(unitIn(node.unit!.toLowerCase(), around)), isLength: true };
    case 'Parentheses':
      return sum(node.children ?? [], around, depth + 1);
    case 'Function':
      return called(node, around, depth + 1);
    default:
      throw new Unread();
  }
}

function numberOf(text = ''): Fraction {
  if (!NUMBER.test(text)) throw new Unread();
  return new Fraction(text);
}

/** What one of a unit comes to in px: CSS Values and Units 4, 6; the small and the large viewport are one here. */
function unitIn(unit: string, { width, height, root, em, container }: Surroundings): Px {
  switch (unit) {
    case 'px':
      return px(1);
    case 'rem':
      return root;
    case 'em':
      if (!em) throw new Unread();
      return em;
    case 'in':
      return px(96);
    case 'pt':
      return new Fraction(4, 3);
    case 'pc':
      return px(16);
    case 'cm':
      return new Fraction('96').div('2.54');
    case 'mm':
      return new Fraction('96').div('25.4');
    case 'q':
      return new Fraction('96').div('101.6');
  }
  if (/^cq[wi]$/.test(unit) && container) return container.div(100);
  const [, side] = /^[sld]?v([whib])$/.exec(unit) ?? [];
  const whole = side === 'w' || side === 'i' ? width : height;
  if (!side || !whole) throw new Unread();
  return whole.div(100);
}

function called({ name = '', children = [] }: ValueNode, around: Surroundings, depth: number): Amount {
  const given = parted(children);
  const values = (): Amount[] => given.map((part) => sum(part, around, depth));
  switch (name.toLowerCase()) {
    case 'calc':
      return sum(children, around, depth);
    case 'min':
      return chosen(values(), least);
    case 'max':
      return chosen(values(), greatest);
    case 'clamp': {
      const [low, middle, high, ...more] = values();
      if (!low || !middle || !high || more.length > 0) throw new Unread();
      return chosen([low, chosen([middle, high], least)], greatest);
    }
    case 'round':
      return rounded(given, around, depth);
    case 'env': {
      // the insets of a screen that is whole; of others the value given in its place
      if (/^safe-area-inset-/.test(given[0]?.[0]?.name ?? '')) return { value: ZERO, isLength: true };
      if (!given[1]) throw new Unread();
      return sum(given[1], around, depth);
    }
    default:
      throw new Unread();
  }
}

function chosen(amounts: readonly Amount[], choose: (a: Px, b: Px) => Px): Amount {
  const [first, ...rest] = amounts;
  if (!first) throw new Unread();
  return rest.reduce((a, b) => alike(a, b, choose(a.value, b.value)), first);
}

function rounded(given: ValueNode[][], around: Surroundings, depth: number): Amount {
  const [how] = given[0]?.length === 1 && given[0][0]!.type === 'Identifier' ? [given[0][0]!.name] : ['nearest'];
  const [of, step] = (given[0]?.[0]?.type === 'Identifier' ? given.slice(1) : given).map((part) =>
    sum(part, around, depth),
  );
  if (!of) throw new Unread();
  const by = step?.value ?? px(1);
  if (by.equals(ZERO)) throw new Unread();
  const times = of.value.div(by);
  const whole =
    how === 'up'
      ? times.ceil()
      : how === 'down'
        ? times.floor()
        : how === 'to-zero'
          ? times.abs().floor().mul(times.s)
          : times.add(new Fraction(1, 2)).floor();
  return { value: whole.mul(by), isLength: of.isLength };
}

/** The arguments of a function. */
function parted(children: readonly ValueNode[]): ValueNode[][] {
  const parts: ValueNode[][] = [[]];
  for (const child of children) {
    if (child.type === 'Operator' && child.value?.trim() === ',') parts.push([]);
    else if (child.type === 'Raw') parts.at(-1)!.push(...(valueNodes(child.value ?? '') ?? []));
    else parts.at(-1)!.push(child);
  }
  return parts;
}

/** Terms and factors in their order. */
function sum(nodes: readonly ValueNode[], around: Surroundings, depth: number): Amount {
  let total: Amount | null = null;
  let sign = 1;
  let place = 0;
  const factor = (): Amount => {
    const node = nodes[place++];
    if (!node) throw new Unread();
    return worth(node, around, depth);
  };
  while (place < nodes.length) {
    let product = factor();
    for (let operator = operatorAt(nodes, place); operator === '*' || operator === '/';) {
      place++;
      product = operator === '*' ? times(product, factor()) : over(product, factor());
      operator = operatorAt(nodes, place);
    }
    const signed: Amount = { ...product, value: product.value.mul(sign) };
    total = total ? alike(total, signed, total.value.add(signed.value)) : signed;
    const next = operatorAt(nodes, place);
    if (next === null && place < nodes.length) throw new Unread();
    if (next === null) break;
    if (next !== '+' && next !== '-') throw new Unread();
    sign = next === '+' ? 1 : -1;
    place++;
    if (place === nodes.length) throw new Unread();
  }
  if (!total) throw new Unread();
  return total;
}

function operatorAt(nodes: readonly ValueNode[], place: number): string | null {
  const node = nodes[place];
  return node?.type === 'Operator' ? (node.value ?? '').trim() : null;
}

function alike(a: Amount, b: Amount, value: Fraction): Amount {
  const isNothing = ({ value: amount, isLength }: Amount): boolean => !isLength && amount.equals(ZERO);
  if (a.isLength !== b.isLength && !isNothing(a) && !isNothing(b)) throw new Unread();
  return { value, isLength: a.isLength || b.isLength };
}

function times(a: Amount, b: Amount): Amount {
  if (a.isLength && b.isLength) throw new Unread();
  return { value: a.value.mul(b.value), isLength: a.isLength || b.isLength };
}

function over(a: Amount, b: Amount): Amount {
  if (b.isLength || b.value.equals(ZERO)) throw new Unread();
  return { value: a.value.div(b.value), isLength: a.isLength };
}
