import { px } from '../length/px';
import { lengthIn } from './css-length';
import { nodeText, type ValueNode } from './css-value';
import { bothWidths, eitherWidth, EVERY_WIDTH, NO_WIDTH, otherWidths, span, BEYOND, type Widths } from './widths';

/** The widths at which a condition surely holds, and those at which it may: what else it asks for is not known. */
export type Holding = { sure: Widths; perhaps: Widths };

export const ALWAYS: Holding = { sure: EVERY_WIDTH, perhaps: EVERY_WIDTH };
export const NEVER: Holding = { sure: NO_WIDTH, perhaps: NO_WIDTH };
export const PERHAPS: Holding = { sure: NO_WIDTH, perhaps: EVERY_WIDTH };

const certain = (widths: Widths): Holding => ({ sure: widths, perhaps: widths });
const opposite = ({ sure, perhaps }: Holding): Holding => ({ sure: otherWidths(perhaps), perhaps: otherWidths(sure) });

export function bothHold(a: Holding, b: Holding): Holding {
  return { sure: bothWidths(a.sure, b.sure), perhaps: bothWidths(a.perhaps, b.perhaps) };
}

function eitherHolds(a: Holding, b: Holding): Holding {
  return { sure: eitherWidth(a.sure, b.sure), perhaps: eitherWidth(a.perhaps, b.perhaps) };
}

/** A media or container query as css-tree reads it. */
type QueryNode = Omit<ValueNode, 'value' | 'children'> & {
  value?: ValueNode | null;
  modifier?: string | null;
  mediaType?: string | null;
  condition?: QueryNode | null;
  children?: QueryNode[];
  left?: ValueNode;
  leftComparison?: string;
  middle?: ValueNode;
  rightComparison?: string | null;
  right?: ValueNode | null;
};

/**
 * The whole viewport widths at which a media query holds on a screen, in the older syntax and that of Media Queries 4. What it asks beside the width
 * (orientation, colour scheme, motion) may be so or not; a printer is none of ours.
 *
 *     (min-width: 40.0625em)                          // surely from 641 on
 *     (600px <= width < 900px)                        // surely from 600 to 899
 *     (orientation: portrait) and (min-width: 600px)  // perhaps from 600 on
 */
export function widthsOfMedia(list: ValueNode): Holding {
  return ((list.children ?? []) as unknown as QueryNode[]).map(ofQuery).reduce(eitherHolds, NEVER);
}

/** The whole inline sizes of a container at which a container query holds (CSS Conditional Rules 5). */
export function widthsOfContainer(prelude: ValueNode): Holding {
  const conditions = ((prelude.children ?? []) as unknown as QueryNode[]).filter(({ type }) => type === 'Condition');
  return conditions.map(ofCondition).reduce(bothHold, ALWAYS);
}

function ofQuery({ type, modifier, mediaType, condition }: QueryNode): Holding {
  if (type !== 'MediaQuery') return PERHAPS;
  const isOurs = /^(all|screen)$/i.test(mediaType ?? 'all');
  const inside = !isOurs ? NEVER : condition ? ofCondition(condition) : ALWAYS;
  return modifier?.toLowerCase() === 'not' ? opposite(inside) : inside;
}

function ofCondition({ children = [] }: QueryNode): Holding {
  let holding: Holding | null = null;
  let joinedBy: string | null = null;
  let isNot = false;
  for (const child of children) {
    if (child.type === 'Identifier') {
      const word = child.name!.toLowerCase();
      if (word === 'not') isNot = true;
      else joinedBy = word;
      continue;
    }
    const inside = ofPart(child);
    const own = isNot ? opposite(inside) : inside;
    isNot = false;
    holding = holding === null ? own : joinedBy === 'or' ? eitherHolds(holding, own) : bothHold(holding, own);
  }
  return holding ?? PERHAPS;
}

function ofPart(node: QueryNode): Holding {
  if (node.type === 'Condition') return ofCondition(node);
  if (node.type === 'Feature') return ofFeature(node);
  return node.type === 'FeatureRange' ? ofRange(node) : PERHAPS;
}

/** `min-width`, `max-width` and `width`; em and rem are of 16 px there (Media Queries 4, 1.3). */
function ofFeature({ name, value }: QueryNode): Holding {
  const [, least, isSize] = /^(?:(min|max)-)?(?:(width|inline-size)|.*)$/i.exec(name ?? '') ?? [];
  if (!isSize) return PERHAPS;
  if (!value) return ALWAYS;
  return compared(least === undefined ? '=' : least.toLowerCase() === 'min' ? '>=' : '<=', value);
}

const TURNED: Record<string, string> = { '<': '>', '<=': '>=', '>': '<', '>=': '<=', '=': '=' };

function ofRange({ left, leftComparison, middle, rightComparison, right }: QueryNode): Holding {
  if (!left || !middle || !leftComparison) return PERHAPS;
  if (isSizeName(left)) return right ? PERHAPS : compared(leftComparison, middle);
  if (!isSizeName(middle)) return PERHAPS;
  const first = compared(TURNED[leftComparison]!, left);
  return right && rightComparison ? bothHold(first, compared(rightComparison, right)) : first;
}

function isSizeName({ type, name }: ValueNode): boolean {
  return type === 'Identifier' && /^(width|inline-size)$/i.test(name ?? '');
}

const OF_MEDIA = { width: px(0), height: px(0), root: px(16), em: px(16), whole: null };

/** The whole widths that are more, less or as much as a length. */
function compared(how: string, value: ValueNode): Holding {
  const length = lengthIn(nodeText(value), OF_MEDIA);
  if (length === null || /v[a-z]+$/i.test(value.unit ?? '')) return PERHAPS;
  const [up, down] = [Number(length.ceil().toString()), Number(length.floor().toString())];
  switch (how) {
    case '>=':
      return certain(span(up, BEYOND));
    case '>':
      return certain(span(down + 1, BEYOND));
    case '<=':
      return certain(span(0, down + 1));
    case '<':
      return certain(span(0, up));
    default:
      return certain(up === down ? span(up, up + 1) : NO_WIDTH);
  }
}
