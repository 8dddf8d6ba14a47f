import type { Family } from '../../core/overlay/inks';
import type { PlacedBlock } from '../../core/layouts/place-blocks';

/** A bar of an overlay, in px of the page. */
export type Bar = { family: Family; x: number; y: number; width: number; height: number };

/** A baseline is drawn as thick as this, in px of the page. */
const BASELINE = 1;

/** In cards with columns, rows or a baseline of their own, these, as far as they are shown. */
export function cardBars(blocks: readonly PlacedBlock[], shown: Record<Family, boolean>): Bar[] {
  return blocks.flatMap((block) => {
    const { holds } = block.placed.block;
    const inner = blocks.find(({ card }) => card === block.id);
    if (!('card' in holds) || !inner) return [];
    const { columns, baseline, rows } = holds.card;
    const [x, y, width, height] = [block.x, block.y, block.width, block.height].map((length) => length.valueOf()) as [
      number,
      number,
      number,
      number,
    ];
    const { tracks, frame } = inner;
    const [first, step] = [frame.head(1).valueOf(), frame.head(2).sub(frame.head(1)).valueOf()];
    const count = step > 0 ? Math.max(0, Math.ceil((y + height - first) / step)) : 0;
    const across = columns !== 'page' && shown.columns;
    const down = rows ? shown.rows : baseline !== undefined && shown.baseline;
    const thick = rows ? frame.stack(1).valueOf() : BASELINE;
    return [
      ...(across ? numbers(tracks.count) : []).map((column): Bar => {
        const start = tracks.start(column).valueOf();
        return { family: 'columns', x: start, y, width: Math.max(0, tracks.end(column).valueOf() - start), height };
      }),
      ...(down ? numbers(count) : []).map((row): Bar => {
        return { family: rows ? 'rows' : 'baseline', x, y: first + (row - 1) * step, width, height: thick };
      }),
    ];
  });
}

function numbers(last: number): number[] {
  return Array.from({ length: last }, (_, index) => index + 1);
}
