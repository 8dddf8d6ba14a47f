import type { Regions } from './flat-regions';
import { type Blob, blobsOf, type Rect } from './runs';

/** A ground, and what lies on it. */
export type Ground = { rect: Rect; things: Blob[]; isPage: boolean };

/** A ground smaller than this holds nothing that is looked at, in px. */
const LEAST = { width: 24, height: 16, area: 600 };
/** So much of its rectangle a ground fills, with what lies on it. */
const FILLED = 0.9;
/** So much of it a ground has to be by itself: of a photograph, no piece is one. */
const ITSELF = 0.12;
const MOST_GROUNDS = 4000;

/**
 * The grounds of a picture (the page, bands, cards: rectangles of one colour) with what lies on each of them: everything inside that is of another
 * colour and hangs together.
 */
export function groundsOf({ labels, large }: Regions, width: number, height: number): Ground[] {
  const grounds: Ground[] = [];
  for (const region of [...large].sort((a, b) => b.area - a.area).slice(0, MOST_GROUNDS)) {
    const { label } = region;
    const blobs = blobsOf(region, (x, y) => labels[y * width + x] !== label);
    const isPage = region.right - region.left >= width - 2 && region.foot - region.top >= height * 0.5;
    const onIt = blobs.filter((blob) => isPage || !touches(blob, region));
    const filled = region.area + onIt.reduce((sum, { area }) => sum + area, 0);
    const { right, left, foot, top } = region;
    if (!isPage && filled < FILLED * (right - left) * (foot - top)) continue;
    grounds.push({ rect: { left, top, right, foot }, things: onIt, isPage });
  }
  return grounds;
}

/** Whether a region is large enough for a ground. */
export function isLarge({ left, right, top, foot, area }: Blob): boolean {
  const [wide, high] = [right - left, foot - top];
  return wide >= LEAST.width && high >= LEAST.height && area >= LEAST.area && area >= ITSELF * wide * high;
}

/** What reaches a ground’s edge is cut off there, or lies beside its rounded corner. */
function touches(blob: Rect, ground: Rect): boolean {
  return blob.left <= ground.left || blob.right >= ground.right || blob.top <= ground.top || blob.foot >= ground.foot;
}
