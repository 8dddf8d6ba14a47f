import { px } from '../length/px';
import { lengthIn } from './css-length';
import { nodeText, type ValueNode } from './css-value';
import { bothWidths, eitherWidth, EVERY_WIDTH, NO_WIDTH, otherWidths, span, BEYOND, type Widths } from './widths';

/** A media query as css-tree reads it. */
type MediaNode = Omit<ValueNode, 'value' | 'children'> & {
  value?: ValueNode | null;
  modifier?: string | null;
  mediaType?: string | null;
  condition?: MediaNode | null;
  children?: MediaNode[];
  left?: ValueNode;
  leftComparison?: string;
  middle?: ValueNode;
  rightComparison?: string | null;
  right?: ValueNode | null;
};

/**
 * The whole viewport widths at which a media query holds on a screen, in the older syntax and that of Media Queries 4; null where it asks for more than the
 * width, as for a printer that is none of ours.
 *
 *     (min-width: 40.0625em)           // 641 and up
 *     (600px <= width < 900px)         // 600 to 899
 *     screen and (max-width: 599.98px) // up to 599
 */
export function widthsOfMedia(list: ValueNode): Widths | null {
  let widths: Widths | null = NO_WIDTH;
  for (const query of (list.children ?? []) as unknown as MediaNode[]) {
    const own = widthsOfQuery(query);
    widths = own === null || widths === null ? null : eitherWidth(widths, own);
  }
  return widths;
}

function widthsOfQuery({ type, modifier, mediaType, condition }: MediaNode): Widths | null {
  if (type !== 'MediaQuery') return null;
  const isOurs = /^(all|screen)$/i.test(mediaType ?? 'all');
  const inside = !isOurs ? NO_WIDTH : condition ? widthsOfCondition(condition) : EVERY_WIDTH;
  if (inside === null) return null;
  return modifier?.toLowerCase() === 'not' ? otherWidths(inside) : inside;
}

function widthsOfCondition({ children = [] }: MediaNode): Widths | null {
  let widths: Widths | null = null;
  let joinedBy: string | null = null;
  let isNot = false;
  for (const child of children) {
    if (child.type === 'Identifier') {
      const word = child.name!.toLowerCase();
      if (word === 'not') isNot = true;
      else joinedBy = word;
      continue;
    }
    const inside =
      child.type === 'Condition'
        ? widthsOfCondition(child)
        : child.type === 'Feature'
          ? widthsOfFeature(child)
          : child.type === 'FeatureRange'
            ? widthsOfRange(child)
            : null;
    if (inside === null) return null;
    const own: Widths = isNot ? otherWidths(inside) : inside;
    isNot = false;
    widths = widths === null ? own : joinedBy === 'or' ? eitherWidth(widths, own) : bothWidths(widths, own);
  }
  return widths;
}

/** `min-width`, `max-width` and `width`; em and rem are of 16 px there (Media Queries 4, 1.3). */
function widthsOfFeature({ name, value }: MediaNode): Widths | null {
  if (!value) return null;
  switch (name?.toLowerCase()) {
    case 'min-width':
      return compared('>=', value);
    case 'max-width':
      return compared('<=', value);
    case 'width':
      return compared('=', value);
    default:
      return null;
  }
}

const TURNED: Record<string, string> = { '<': '>', '<=': '>=', '>': '<', '>=': '<=', '=': '=' };

function widthsOfRange({ left, leftComparison, middle, rightComparison, right }: MediaNode): Widths | null {
  if (!left || !middle || !leftComparison) return null;
  if (isWidth(left)) return right ? null : compared(leftComparison, middle);
  if (!isWidth(middle)) return null;
  const first = compared(TURNED[leftComparison]!, left);
  if (!right || !rightComparison) return first;
  const second = compared(rightComparison, right);
  return first && second && bothWidths(first, second);
}

function isWidth({ type, name }: ValueNode): boolean {
  return type === 'Identifier' && name?.toLowerCase() === 'width';
}

/** The whole widths that are more, less or as much as a length. */
function compared(how: string, value: ValueNode): Widths | null {
  const length = lengthIn(nodeText(value), { width: px(0), height: px(0), root: px(16), whole: null });
  if (length === null || /v[a-z]+$/i.test(value.unit ?? '')) return null;
  const [up, down] = [Number(length.ceil().toString()), Number(length.floor().toString())];
  switch (how) {
    case '>=':
      return span(up, BEYOND);
    case '>':
      return span(down + 1, BEYOND);
    case '<=':
      return span(0, down + 1);
    case '<':
      return span(0, up);
    default:
      return up === down ? span(up, up + 1) : NO_WIDTH;
  }
}
