import Fraction from 'fraction.js';
import { greatest, type Px, ZERO } from '../length/px';
import { type Track, trackSizes } from './track-sizes';
import { lengthIn, numberIn, type Surroundings } from './css-length';
import { nodeText, type ValueNode, valueNodes } from './css-value';

/** Columns of a grid that are all as wide, within a box. */
export type EvenTracks = {
  count: number;
  column: Px;
  gutter: Px;
  /** From the box’s start to the first. */ before: Px;
};

const MOST_TRACKS = 400;

/**
 * The columns that `grid-template-columns` makes of a box (CSS Grid Layout 2, 7.2): a count of equal shares or lengths, or as many as fit. Outer tracks that
 * stand alike on both sides are margins.
 *
 *     evenTracks('repeat(12, minmax(0, 1fr))', px(1152), px(24), 'normal', …)   // 12 columns of 74
 *     evenTracks('1fr repeat(12, minmax(0, 72px)) 1fr', px(1440), px(24), …)    // 12 columns of 72, the first at 144
 *
 * @returns why not, where tracks differ or cannot be worked out
 */
export function evenTracks(
  template: string,
  width: Px,
  gutter: Px,
  justified: string | undefined,
  around: Omit<Surroundings, 'whole'>,
): EvenTracks | { why: string } {
  const nodes = valueNodes(template);
  if (!nodes) return { why: `“${cut(template)}” can’t be read` };
  const inside = { ...around, whole: width };
  const tracks = tracksOf(nodes, width, gutter, inside);
  if (!tracks || tracks.length === 0) return { why: `the tracks “${cut(template)}” have no known length` };
  const outside = outerTracks(tracks);
  if (outside === null) return { why: 'its tracks differ from each other' };
  const sizes = trackSizes(tracks, width, gutter);
  const taken = sizes.reduce((sum, size) => sum.add(size)).add(gutter.mul(tracks.length - 1));
  const margin = sizes.slice(0, outside).reduce((sum, size) => sum.add(size).add(gutter), ZERO);
  return {
    count: tracks.length - 2 * outside,
    column: sizes[outside]!,
    gutter,
    before: before(justified, width.sub(taken)).add(margin),
  };
}

/** How many tracks at each end are margins, so that those between are alike; null where there are no such. */
function outerTracks(tracks: readonly Track[]): number | null {
  for (let outside = 0; outside <= MOST_OUTSIDE && tracks.length - 2 * outside >= (outside === 0 ? 1 : 2); outside++) {
    const between = tracks.slice(outside, tracks.length - outside);
    const isMirrored = tracks.slice(0, outside).every((track, index) => isSameTrack(track, tracks.at(-1 - index)!));
    if (isMirrored && between.every((track) => isSameTrack(track, between[0]!))) return outside;
  }
  return null;
}

function isSameTrack(a: Track, b: Track): boolean {
  if (!a.least.equals(b.least)) return false;
  if ('share' in a) return 'share' in b && a.share.equals(b.share);
  return 'most' in b && a.most.equals(b.most);
}

/** Margins, and within them a wider measure than the text’s. */
const MOST_OUTSIDE = 2;

/** What stands before the first track; what is too much goes over on both sides, or at the start (CSS Box Alignment 3, 4.4). */
function before(justified: string | undefined, left: Px): Px {
  if (justified === 'center') return left.div(2);
  return justified === 'end' || justified === 'flex-end' || justified === 'right' ? left : ZERO;
}

/** Each track; null where one is not known. */
function tracksOf(nodes: readonly ValueNode[], width: Px, gutter: Px, around: Surroundings): Track[] | null {
  const tracks: Track[] = [];
  for (const node of nodes) {
    if (node.type === 'Brackets') continue;
    const own =
      node.type === 'Function' && node.name === 'repeat'
        ? repeated(node, width, gutter, around)
        : [trackOf(node, around)];
    if (!own || own.some((track) => track === null) || tracks.length + own.length > MOST_TRACKS) return null;
    tracks.push(...(own as Track[]));
  }
  return tracks;
}

function trackOf(node: ValueNode, around: Surroundings): Track | null {
  if (node.type === 'Dimension' && node.unit === 'fr') return { least: ZERO, share: new Fraction(node.value!) };
  if (node.type === 'Function' && node.name === 'minmax') {
    const [first, , second] = node.children ?? [];
    const [low, high] = [
      isAuto(first) ? { least: ZERO, most: ZERO } : first && trackOf(first, around),
      second && trackOf(second, around),
    ];
    if (!low || !high || 'share' in low) return null;
    return { ...high, least: low.least };
  }
  const length = lengthIn(nodeText(node), around);
  return length ? { least: length, most: length } : null;
}

function isAuto(node: ValueNode | undefined): boolean {
  return node?.type === 'Identifier' && node.name === 'auto';
}

/** `repeat()` with a count, or as often as fits (CSS Grid Layout 2, 7.2.3.2). */
function repeated(node: ValueNode, width: Px, gutter: Px, around: Surroundings): Track[] | null {
  const found = repeatedIn(node);
  if (!found) return null;
  const { times, rest } = found;
  if (/^auto-fi(ll|t)$/i.test(times)) return fitted(rest, width, gutter, around);
  const inside = tracksOf(rest, width, gutter, around);
  const count = Number(numberIn(times) ?? NaN);
  if (!inside || !Number.isInteger(count) || count < 1 || count * inside.length > MOST_TRACKS) return null;
  return Array.from({ length: count }, () => inside).flat();
}

/** As many tracks of a least width as fit; they then share what is left, where they may. */
function fitted(rest: readonly ValueNode[], width: Px, gutter: Px, around: Surroundings): Track[] | null {
  const [node] = rest;
  if (!node || rest.length !== 1) return null;
  const track = trackOf(node, around);
  if (!track) return null;
  // as often as the definite of its two lengths fits (7.2.3.2)
  const least = 'most' in track ? greatest(track.least, track.most) : track.least;
  if (least.compare(0) <= 0) return null;
  const step = least.add(gutter);
  const count = Math.max(1, Number(width.add(gutter).div(step).floor().toString()));
  if (count > MOST_TRACKS) return null;
  return Array.from({ length: count }, () => track);
}

/**
 * How many tracks a template names by itself; null where none, or where their count follows from the room there is.
 *
 *     templateCount('[full] 16px repeat(12, 1fr) 16px')   // 14
 */
export function templateCount(template: string | undefined): number | null {
  const nodes = template === undefined || template === 'none' ? null : valueNodes(template);
  if (!nodes || nodes.some(({ type, name }) => type === 'Identifier' && name === 'subgrid')) return null;
  let count = 0;
  for (const node of nodes) {
    if (node.type === 'Brackets' || node.type === 'String') continue;
    if (node.type !== 'Function' || node.name?.toLowerCase() !== 'repeat') count++;
    else {
      const inside = repeatedIn(node);
      const times = inside && Number(numberIn(inside.times) ?? NaN);
      if (!inside || !Number.isInteger(times)) return null;
      count += times! * inside.rest.length;
    }
  }
  return count === 0 ? null : count;
}

/** How often a `repeat()` repeats, and what, without the names of lines. */
function repeatedIn({ children = [] }: ValueNode): { times: string; rest: ValueNode[] } | null {
  const comma = children.findIndex(({ type, value }) => type === 'Operator' && value === ',');
  const [times] = children;
  return comma !== 1 || !times
    ? null
    : { times: nodeText(times), rest: children.slice(comma + 1).filter(({ type }) => type !== 'Brackets') };
}

function cut(text: string): string {
  return text.length > 60 ? `${text.slice(0, 60)}…` : text;
}
