import Fraction from 'fraction.js';
import { greatest, type Px, ZERO } from '../length/px';

/** A track as a template says it: how wide at least, and how wide at most, or which share of what is left. */
export type Track = { least: Px; most: Px } | { least: Px; share: Fraction };

/**
 * How wide tracks are that do not ask for their content (CSS Grid Layout 2, 12.4–12.7): they begin as narrow as they may be, grow alike up to their most while
 * there is room, and what is then left goes to shares.
 *
 *     trackSizes([{ least: 0, most: 80 }, { least: 0, most: 80 }], 100, 20)   // [40, 40]
 *
 * @param width of the grid’s content box
 */
export function trackSizes(tracks: readonly Track[], width: Px, gutter: Px): Px[] {
  const room = width.sub(gutter.mul(tracks.length - 1));
  const sizes = grown(tracks, room);
  const shares = tracks.flatMap((track, index) => ('share' in track ? [index] : []));
  if (shares.length === 0) return sizes;
  const one = shareSize(tracks, sizes, room, shares);
  return tracks.map((track, index) => ('share' in track ? greatest(track.least, one.mul(track.share)) : sizes[index]!));
}

/** Tracks without shares, as wide as they may be: each gets as much until it has its most. */
function grown(tracks: readonly Track[], room: Px): Px[] {
  const sizes = tracks.map(({ least }) => least);
  const mostOf = (index: number): Px => {
    const track = tracks[index]!;
    return 'share' in track ? track.least : greatest(track.least, track.most);
  };
  let free = room.sub(sum(sizes));
  let growing = tracks.flatMap((_, index) => (mostOf(index).compare(sizes[index]!) > 0 ? [index] : []));
  while (growing.length > 0 && free.compare(0) > 0) {
    const each = free.div(growing.length);
    const full = growing.filter((index) => mostOf(index).sub(sizes[index]!).compare(each) <= 0);
    for (const index of full.length > 0 ? full : growing) {
      const more = full.length > 0 ? mostOf(index).sub(sizes[index]!) : each;
      sizes[index] = sizes[index]!.add(more);
      free = free.sub(more);
    }
    growing = full.length > 0 ? growing.filter((index) => !full.includes(index)) : [];
  }
  return sizes;
}

/** What a share of 1 comes to (12.7.1): a track whose share is less than its least takes its least, and the others share the rest. */
function shareSize(tracks: readonly Track[], sizes: readonly Px[], room: Px, shares: readonly number[]): Px {
  let sharing = shares;
  for (;;) {
    const held = sum(sizes.filter((_, index) => !sharing.includes(index)));
    const factors = sharing.map((index) => (tracks[index] as { share: Fraction }).share);
    const all = greatest(sum(factors), new Fraction(1));
    const one = greatest(ZERO, room.sub(held)).div(all);
    const next = sharing.filter((_, place) => one.mul(factors[place]!).compare(sizes[sharing[place]!]!) >= 0);
    if (next.length === sharing.length || next.length === 0) return one;
    sharing = next;
  }
}

function sum(lengths: readonly Fraction[]): Fraction {
  return lengths.reduce((total, length) => total.add(length), ZERO);
}
