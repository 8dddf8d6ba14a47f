import { greatest, HALF, type Px, ZERO } from '../length/px';
import { solveCard } from './cards';
import type { Tracks } from './block-edges';
import { acrossOf, type Ground, firstLineOf, leastHeight } from './heights';
import type { Lane, Tall } from './lanes';
import type { Placed } from './placements';
import type { RowFrame } from './row-frame';
import type { UnitName } from './row-frames';

/** A block where it stands; lengths in px, exact, from the top and the start of the page. */
export type PlacedBlock = {
  id: string;
  section: string;
  /** The card that it stands in. */
  card: string | null;
  placed: Placed;
  rows: [first: number, last: number];
  x: Px;
  y: Px;
  width: Px;
  height: Px;
  /** What it stands on: the columns and rows of the page, or of its card. */
  tracks: Tracks;
  frame: RowFrame;
  /** What its rows are. */
  unit: UnitName;
};

type In = { lanes: readonly Lane[]; frame: RowFrame; top: Px; end: Px; section: string; ground: Ground };

/** Places blocks in their lanes, those in cards after their card. */
export function placeBlocks(tall: readonly Tall[], into: In, blocks: PlacedBlock[], card: string | null = null): void {
  for (const { placed, height } of tall) {
    const { section, frame, ground } = into;
    const across = acrossOf(placed, ground);
    const { rows, y, height: tallAs } = downOf(placed, height, into);
    // one literal: a page has hundreds of them, at every width
    blocks.push({
      id: placed.block.id,
      section,
      card,
      placed,
      rows,
      x: across.start,
      y,
      width: across.width,
      height: tallAs,
      tracks: ground.tracks,
      frame,
      unit: ground.unit.name,
    });
    const { holds } = placed.block;
    if (!('card' in holds)) continue;
    const inner = solveCard(placed, ground, y);
    placeBlocks(inner.tall, { ...into, ...inner.into }, blocks, placed.block.id);
  }
}

/** Where a block stands down the page, and which rows it takes. */
function downOf(placed: Placed, height: Px | null, into: In): Pick<PlacedBlock, 'rows' | 'y' | 'height'> {
  const { lanes, frame, top, end } = into;
  const [first, last] = [lanes[placed.lanes[0] - 1]!, lanes[placed.lanes[1] - 1]!];
  const rows: [number, number] = [first.first, last.first + last.rows - 1];
  // what is as tall as its section or its lanes begins where its text stands, and ends where they end
  const shift = shiftOf(placed, into.ground);
  const least = leastHeight(placed, into.ground);
  if (placed.height === 'section') return { rows, y: top.add(shift), height: greatest(end.sub(top).sub(shift), least) };
  const [head, foot] = [frame.head(rows[0]), frame.foot(rows[1])];
  if (height === null)
    return {
      rows,
      y: head.add(shift),
      height: greatest(foot.sub(head).sub(shift), least),
    };
  const takes = frame.holding(height);
  switch (placed.stands) {
    case 'foot':
      return { rows: [rows[1] - takes + 1, rows[1]], y: foot.sub(height), height };
    case 'middle': {
      const y = head.add(foot.sub(head).sub(height).mul(HALF));
      return { rows: covered(frame, rows, y, y.add(height)), y, height };
    }
    default:
      return { rows: [rows[0], rows[0] + takes - 1], y: head.add(shift), height };
  }
}

/** The rows of an area that a block in it covers. */
function covered(frame: RowFrame, [from, to]: [number, number], y: Px, end: Px): [number, number] {
  const next = frame.from(y);
  const first = Math.max(from, next > from && frame.foot(next - 1).compare(y) > 0 ? next - 1 : next);
  return [first, Math.max(first, Math.min(to, frame.from(end) - 1))];
}

/** How far a text moves so that its caps, its x-height or its first baseline stand on a line. */
function shiftOf(placed: Placed, ground: Ground): Px {
  if (!['baseline', 'caps', 'x-height'].includes(placed.stands)) return ZERO;
  const text = firstLineOf(placed, ground);
  if (!text) return ZERO;
  if (placed.stands === 'baseline') return text.shift;
  return text.trim.over.sub(placed.stands === 'caps' ? text.letters.caps : text.letters.xHeight);
}
