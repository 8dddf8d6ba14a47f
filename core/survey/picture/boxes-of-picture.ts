import type { Pixels } from '../../picture/pixels';
import type { Box } from '../screens';
import { flatRegions } from './flat-regions';
import { noiseOf, shrunk } from './sampling';
import { type Edge, edgeAt } from './refine-edges';
import type { Blob, Rect } from './runs';
import { linesOfText, paragraphsOf } from './text-lines';
import { groundsOf, isLarge } from './things';

/** What a box of a picture seems to be. */
export type Kind = 'area' | 'paragraph' | 'line';

/** A box found in a picture, in px of the screen, with how sure each of its edges is, 0 to 1. */
export type FoundBox = Box & { kind: Kind; sure: { start: number; end: number; top: number; foot: number } };

/** At this size in px and above a thing may be an area, whatever it looks like. */
const AREA = { width: 24, height: 14 };
/** So much of its rectangle an area fills; letters and lines of them fill less. */
const FULL = 0.72;
/** Letters of headings are at most so high. */
const GLYPH = 72;
/** Nothing larger than this is a letter. */
const LETTER = { width: 900, height: 140 };
const SAME = 3;
const MOST_BOXES = 6000;

/**
 * The boxes of a picture of a screen: areas, photographs, paragraphs and lines of text, in px of the screen.
 *
 * Grounds are regions of one colour; what lies on them is an area if it fills its rectangle, and a letter otherwise. Letters become lines, lines
 * paragraphs. The sides of areas are then looked for again in the picture itself, at its full density.
 *
 *     boxesOfPicture(pixels, 2)   // [{ x: 48, y: 120, width: 386.5, height: 240, kind: 'area', … }]
 *
 * @param density pixels of the picture for each px of the screen: 1, 2 or 3
 * @param progress called with the share of the work that is done
 */
export function boxesOfPicture(
  pixels: Pixels,
  density: number,
  progress: (share: number) => void = () => {},
): FoundBox[] {
  const factor = factorFor(pixels, density);
  const small = shrunk(pixels, factor);
  const noise = noiseOf(small);
  progress(0.15);
  const regions = flatRegions(small, noise.flat, isLarge);
  progress(0.45);
  const grounds = groundsOf(regions, small.width, small.height);
  progress(0.75);
  const { areas, letters } = sorted(grounds);
  const lines = linesOfText(letters).filter(isReadable);
  const paragraphs = paragraphsOf(lines);
  const reach = noise.isLossy ? 8 : 3;
  const found: FoundBox[] = areas.slice(0, MOST_BOXES).map((area, index) => ({
    ...refined(pixels, { factor, density }, area, reach),
    kind: 'area',
    name: `area ${index + 1}`,
  }));
  progress(0.95);
  const of = (kind: Kind, rects: readonly Rect[]): FoundBox[] =>
    rects.map((rect, index) => ({ ...plain(rect, factor / density), kind, name: `${kind} ${index + 1}`, is: 'text' }));
  const boxes = [
    ...once(found.filter((area) => isSeen(area, pixels.width / density))),
    ...of('paragraph', paragraphs),
    ...of('line', lines),
  ].slice(0, MOST_BOXES);
  progress(1);
  return boxes;
}

/** Pixels of the picture for each pixel that is looked at, and for each px of the screen. */
type Scale = { factor: number; density: number };

/** Things are looked for at the density of the screen; in so large a picture, at less. */
const MOST_PIXELS = 7_000_000;

function factorFor({ width, height }: Pixels, density: number): number {
  let factor = density;
  while ((width * height) / (factor * factor) > MOST_PIXELS) factor++;
  return factor;
}

type Area = Rect & { isGround: boolean };

/** What is an area, and what a letter. */
function sorted(grounds: ReturnType<typeof groundsOf>): { areas: Area[]; letters: Rect[] } {
  const areas: Area[] = [];
  const letters: Blob[] = [];
  const small: Area[] = [];
  for (const { rect, things, isPage } of grounds) {
    if (!isPage) areas.push({ ...rect, isGround: true });
    for (const thing of things) {
      const [wide, high] = [thing.right - thing.left, thing.foot - thing.top];
      const share = thing.area / (wide * high);
      const isLarge = wide >= AREA.width && high >= AREA.height;
      const isFull = share >= FULL || isFrame(thing, wide, high);
      if (isLarge && isFull && high <= GLYPH && wide <= 2 * high) small.push({ ...thing, isGround: false });
      else if (isLarge && isFull) areas.push({ ...thing, isGround: false });
      else if (wide <= LETTER.width && high <= LETTER.height && high >= 3) letters.push(thing);
      else if (isLarge) areas.push({ ...thing, isGround: false });
    }
  }
  // of large words, round and full letters fill their rectangles as well
  for (const each of small) (isAmongLetters(each, letters) ? letters : areas).push(each as Area & Blob);
  return { areas, letters };
}

/** Does a letter stand beside it, in one line and about as high? */
function isAmongLetters(area: Rect, letters: readonly Rect[]): boolean {
  const high = area.foot - area.top;
  return letters.some((letter) => {
    const apart = Math.max(letter.left - area.right, area.left - letter.right);
    const shared = Math.min(letter.foot, area.foot) - Math.max(letter.top, area.top);
    const least = Math.min(high, letter.foot - letter.top);
    return (
      apart >= -1 &&
      apart <= 0.35 * high &&
      shared >= 0.7 * least &&
      least >= 0.5 * Math.max(high, letter.foot - letter.top)
    );
  });
}

/** A border around something: as long as its rectangle’s, and thin. */
function isFrame({ area }: Blob, wide: number, high: number): boolean {
  const border = 2 * (wide + high);
  return area >= border * 0.9 && area <= border * 5 && high > 20;
}

function isReadable({ left, right, top, foot, letters }: Rect & { letters: number }): boolean {
  return foot - top >= 5 && right - left >= 8 && (letters > 1 || right - left >= 16);
}

function plain({ left, top, right, foot }: Rect, px: number) {
  const [width, height] = [(right - left) * px, (foot - top) * px];
  return { x: left * px, y: top * px, width, height, sure: { start: 0.5, end: 0.5, top: 0.5, foot: 0.5 } };
}

/** An area with its sides where the picture has them. */
function refined(pixels: Pixels, { factor, density }: Scale, area: Area, reach: number) {
  // what lies on a ground was found with its blur around it, a ground without the blur at its edge
  const [outside, inside] = area.isGround ? [reach, 2] : [2, reach];
  const side = (axis: 'x' | 'y', near: number, outward: 1 | -1, span: [number, number]): Edge => {
    const cut = Math.floor((span[1] - span[0]) * 0.12);
    const [out, inn] = [outside * factor * outward, inside * factor * -outward];
    const at = near * factor;
    return edgeAt(pixels, axis, [(span[0] + cut) * factor, (span[1] - cut) * factor], {
      from: Math.round(at + Math.min(out, inn)),
      to: Math.round(at + Math.max(out, inn)),
      near: at,
      outward,
    });
  };
  const { left, right, top, foot } = area;
  const start = side('x', left, -1, [top, foot]);
  const end = side('x', right, 1, [top, foot]);
  const head = side('y', top, -1, [left, right]);
  const base = side('y', foot, 1, [left, right]);
  const px = (at: number): number => Math.round((at / density) * 64) / 64;
  return {
    x: px(start.at),
    y: px(head.at),
    width: px(end.at) - px(start.at),
    height: px(base.at) - px(head.at),
    sure: { start: start.sure, end: end.sure, top: head.sure, foot: base.sure },
  };
}

/** A side that shows no step along at least so much of its length is none. */
const SEEN = 0.25;

/** A shadow has no sides: of an area, at most one is not seen, but those at the side of the screen. */
function isSeen({ x, width, sure }: FoundBox, screen: number): boolean {
  const start = sure.start >= SEEN || x <= 1;
  const end = sure.end >= SEEN || x + width >= screen - 1;
  return start && end && [sure.start, sure.end, sure.top, sure.foot].filter((each) => each < SEEN).length < 3;
}

/** Of areas that are the same to a few px, such as a border and the ground in it, the outer one. */
function once(areas: readonly FoundBox[]): FoundBox[] {
  const kept: FoundBox[] = [];
  const near = new Map<string, FoundBox[]>();
  const keys = (box: FoundBox): string[] => {
    const [column, row] = [Math.floor(box.x / 16), Math.floor(box.y / 16)];
    return [-1, 0, 1].flatMap((dx) => [-1, 0, 1].map((dy) => `${column + dx} ${row + dy}`));
  };
  const sortedAreas = [...areas].filter(({ width, height }) => width >= 4 && height >= 4);
  for (const box of sortedAreas.sort((a, b) => b.width * b.height - a.width * a.height)) {
    const isKnown = keys(box).some((key) => near.get(key)?.some((other) => isSame(other, box)));
    if (isKnown) continue;
    kept.push(box);
    const key = `${Math.floor(box.x / 16)} ${Math.floor(box.y / 16)}`;
    near.set(key, [...(near.get(key) ?? []), box]);
  }
  return kept.sort((a, b) => a.y - b.y || a.x - b.x);
}

function isSame(one: Box, other: Box): boolean {
  return (
    Math.abs(one.x - other.x) <= SAME &&
    Math.abs(one.y - other.y) <= SAME &&
    Math.abs(one.x + one.width - other.x - other.width) <= SAME &&
    Math.abs(one.y + one.height - other.y - other.height) <= SAME
  );
}
