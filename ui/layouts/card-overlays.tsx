import type { Family } from '../../core/overlay/inks';
import type { PlacedBlock } from '../../core/layouts/place-blocks';
import type { OverlayInk } from '../../core/spec/schema';

type Props = {
  blocks: readonly PlacedBlock[];
  shown: Record<Family, boolean>;
  inks: Record<Family, OverlayInk>;
};

/** In cards with columns, rows or a baseline of their own, these. */
export function CardOverlays({ blocks, shown, inks }: Props) {
  return blocks.map((block) => {
    const { holds } = block.placed.block;
    const inner = blocks.find(({ card }) => card === block.id);
    if (!('card' in holds) || !inner) return null;
    const { columns, baseline, rows } = holds.card;
    const [top, foot] = [block.y.valueOf(), block.y.valueOf() + block.height.valueOf()];
    const { tracks, frame } = inner;
    const step = frame.head(2).sub(frame.head(1)).valueOf();
    const lines = step > 0 ? Math.ceil((foot - frame.head(1).valueOf()) / step) : 0;
    return (
      <g key={block.id}>
        {shown.columns && columns !== 'page' && (
          <g fill={inks.columns.colour} fillOpacity={inks.columns.strength / 100}>
            {Array.from({ length: tracks.count }, (_, index) => {
              const start = tracks.start(index + 1).valueOf();
              const width = Math.max(0, tracks.end(index + 1).valueOf() - start);
              return <rect key={index} x={start} y={top} width={width} height={foot - top} />;
            })}
          </g>
        )}
        {rows && shown.rows && (
          <path
            d={Array.from({ length: lines }, (_, index) =>
              band(block, frame.head(index + 1).valueOf(), frame.foot(index + 1).valueOf()),
            ).join('')}
            fill={inks.rows.colour}
            fillOpacity={inks.rows.strength / 300}
          />
        )}
        {baseline && shown.baseline && (
          <path
            d={Array.from({ length: lines }, (_, index) =>
              band(block, frame.head(index + 1).valueOf() - 0.5, frame.head(index + 1).valueOf() + 0.5),
            ).join('')}
            fill={inks.baseline.colour}
            fillOpacity={inks.baseline.strength / 100}
          />
        )}
      </g>
    );
  });
}

function band({ x, width }: PlacedBlock, from: number, to: number): string {
  return `M${x.valueOf()} ${from}h${width.valueOf()}V${to}h${-width.valueOf()}z`;
}
