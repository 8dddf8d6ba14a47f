import { columnEdges, type SolvedColumns } from '../columns/columns-at';
import { type Px, ZERO } from '../length/px';

/** A block of the sample page, in px of the screen. */
export type SampleBlock = {
  kind: 'bar' | 'headline' | 'text' | 'picture' | 'card';
  x: number;
  y: number;
  width: number;
  height: number;
};

/**
 * A plain page to lay a grid over: a bar, a headline with text, a picture beside it (under it, on few columns), and
 * cards. Every block starts and ends on a column line and on a multiple of the step.
 *
 * @param step what heights are multiples of, in px
 */
export function samplePage(columns: SolvedColumns, height: number, step: number): SampleBlock[] {
  const edges = columnEdges(columns);
  const { count } = columns;
  const unit = Math.max(step, 4);
  const down = (px: number): number => Math.round(px / unit) * unit;
  const block = (kind: SampleBlock['kind'], first: number, last: number, y: number, tall: number): SampleBlock => {
    const [start, end] = [edges[first]?.[0] ?? ZERO, edges[Math.min(last, count) - 1]?.[1] ?? ZERO] as [Px, Px];
    return { kind, x: start.valueOf(), y, width: Math.max(0, end.sub(start).valueOf()), height: tall };
  };
  const isNarrow = count < 8;
  const half = Math.ceil(count / 2);
  const cards = isNarrow ? Math.min(2, count) : count % 3 === 0 ? 3 : 4;
  const perCard = Math.max(1, Math.floor(count / cards));
  const top = down(96);
  const picture = isNarrow
    ? block('picture', 0, count, top + down(232), down(180))
    : block('picture', count - Math.floor(count / 3), count, top, down(248));
  const below = picture.y + picture.height + down(48);
  const rows = Math.max(1, Math.ceil((height - below) / down(208)));
  return [
    block('bar', 0, Math.max(1, Math.floor(count / 4)), down(32), down(24)),
    block('headline', 0, isNarrow ? count : half, top, down(112)),
    block('text', 0, isNarrow ? count : half, top + down(136), down(72)),
    picture,
    ...Array.from({ length: rows * cards }, (_, index) => {
      const column = (index % cards) * perCard;
      return block('card', column, column + perCard, below + Math.floor(index / cards) * down(208), down(176));
    }),
  ].filter(({ y, width }) => y < height && width > 0);
}
