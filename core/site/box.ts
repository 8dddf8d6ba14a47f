import { type Px, ZERO, least, greatest } from '../length/px';
import { lengthIn, type Surroundings } from './css-length';

/** Where a box stands across the page: its border edges, and those of what is in it. */
export type Box = { start: Px; width: Px; contentStart: Px; contentWidth: Px };

/** Could not be worked out: which property, and what it says. */
export type UnreadBox = { property: string; value: string };

/**
 * Where a block of a style stands in a box (CSS 2.2, 10.3.3 and 10.4: margins that are `auto` share what is left; what is too much goes over the end).
 */
export function boxIn(
  style: ReadonlyMap<string, string>,
  around: Box,
  screen: Omit<Surroundings, 'whole'>,
): Box | UnreadBox {
  const whole = around.contentWidth;
  const unread: UnreadBox[] = [];
  const length = (property: string): Px | null => {
    const value = style.get(property);
    if (value === undefined || /^(auto|none|initial|unset|revert|inherit|max-content|min-content)$/i.test(value))
      return null;
    const read = lengthIn(value, { ...screen, whole });
    if (read === null) unread.push({ property, value });
    return read;
  };
  const padding = [length('padding-left') ?? ZERO, length('padding-right') ?? ZERO] as const;
  const inside = padding[0].add(padding[1]);
  const isBorderBox = style.get('box-sizing') === 'border-box';
  const outer = (of: Px | null): Px | null => of && (isBorderBox ? greatest(of, inside) : of.add(inside));
  const isAuto = (side: 'left' | 'right'): boolean => style.get(`margin-${side}`) === 'auto';
  let [before, after] = [length('margin-left') ?? ZERO, length('margin-right') ?? ZERO];
  let width = outer(length('width')) ?? whole.sub(before).sub(after);
  const [most, low] = [outer(length('max-width')), outer(length('min-width'))];
  if (most) width = least(width, most);
  if (low) width = greatest(width, low);
  const left = whole.sub(before).sub(after).sub(width);
  if (left.compare(0) > 0) {
    if (isAuto('left') && isAuto('right')) [before, after] = [left.div(2), left.div(2)];
    else if (isAuto('left')) before = left;
    else if (isAuto('right')) after = left;
  }
  if (unread[0]) return unread[0];
  const start = around.contentStart.add(before);
  return { start, width, contentStart: start.add(padding[0]), contentWidth: width.sub(inside) };
}

export function isUnread(box: Box | UnreadBox): box is UnreadBox {
  return 'property' in box;
}
