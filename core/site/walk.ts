import { type Px, px, ZERO } from '../length/px';
import { type Box, boxIn, isUnread } from './box';
import { lengthIn, type Surroundings } from './css-length';
import type { Condition } from './rules';
import { type Said, type Style, styleAt } from './style';
import { includesWidth } from './widths';

/** Font sizes of the page: what a browser begins with, and what a page has that says none. */
export type Roots = { initial: Px; otherwise: Px };

export const USUAL_ROOTS = rootsFor(16);

/** Those of a page whose root font size is this where its style sheets say none. */
export function rootsFor(rootFontSize: number): Roots {
  return { initial: px(16), otherwise: px(rootFontSize) };
}

/** What lengths of an element go by. */
export type Ground = Omit<Surroundings, 'whole'>;

/** An element of the page at a width: its style, its font size, its place. */
export type Placed = { style: Style; ground: Ground; box: Box };

/** What a page could not be worked out for, and where that stands. */
export type NoGrid = { why: string; where?: string };

type Question = {
  width: number;
  roots: Roots;
  conditions: readonly Condition[];
  /** Which conditions are taken to hold. */
  on: ReadonlySet<number>;
};

/**
 * Elements in each other as a browser places them across a page of a width, the outermost first. A container query holds by the size of the nearest container
 * among them (CSS Conditional Rules 5); where there is none, it is taken as is asked.
 */
export function walk(chain: readonly (readonly Said[])[], question: Question): Placed[] | NoGrid {
  const placed: Placed[] = [];
  for (const [index, said] of chain.entries()) {
    const own = step(said, placed, question, index === chain.length - 1);
    if ('why' in own) return own;
    placed.push(own);
  }
  return placed;
}

/** One element more, in those around it. Of an item of the columns the place is not asked. */
export function step(
  said: readonly Said[],
  around: readonly Placed[],
  question: Question,
  isItem = true,
): Placed | NoGrid {
  const { width, conditions, on } = question;
  const isOn = (place: number): boolean => {
    const { container } = conditions[place]!;
    const size = container && containerSize(container.name, around);
    return size ? includesWidth(container.sizes, size.valueOf()) : on.has(place);
  };
  const outer = around.at(-1);
  const style = styleAt(said, width, outer?.style ?? null, isOn);
  const found = groundOf(style, outer, question);
  if ('why' in found) return found;
  const ground = { ...found, container: containerSize(null, around) };
  const screen: Box = { start: ZERO, width: px(width), contentStart: ZERO, contentWidth: px(width) };
  // the page itself is as wide as the screen
  const box = !outer ? screen : isItem ? outer.box : boxIn(style, outer.box, ground);
  if (isUnread(box))
    return { why: `${box.property} is “${box.value}”, which can’t be read`, ...placeOf(style, box.property) };
  return { style, ground, box };
}

function groundOf(style: Style, outer: Placed | undefined, { width, roots }: Question): Ground | NoGrid {
  const said = style.get('font-size');
  const around = outer?.ground.em ?? null;
  const base = outer ? around : roots.initial;
  const em = said === undefined ? (outer ? around : roots.otherwise) : fontSize(said, base, width, outer, roots);
  if (!outer && em === null)
    return { why: `the page’s font-size is “${said}”, which can’t be read`, ...placeOf(style, 'font-size') };
  return { width: px(width), height: null, root: outer?.ground.root ?? em!, em };
}

function fontSize(said: string, base: Px | null, width: number, outer: Placed | undefined, roots: Roots): Px | null {
  if (said === 'medium') return roots.initial;
  if (!base) return null;
  const root = outer?.ground.root ?? roots.initial;
  return lengthIn(said, { width: px(width), height: null, root, em: base, whole: base });
}

function containerSize(name: string | null, around: readonly Placed[]): Px | null {
  const nearest = around.findLast(({ style }) => {
    const isOne = /^(inline-)?size$/.test(style.get('container-type') ?? '');
    return isOne && (name === null || (style.get('container-name') ?? '').split(/\s+/).includes(name));
  });
  return nearest?.box.contentWidth ?? null;
}

/** Where a property of a style is said, as a part of a reason. */
export function placeOf(style: Style, property: string): { where?: string } {
  const where = style.places.get(property);
  return where === undefined ? {} : { where };
}
