import { columnsAt } from '../../core/columns/columns-at';
import { drawnName } from '../../core/layouts/drawn-name';
import { solvedAt } from '../../core/layouts/solved-at';
import type { Breakpoint, Layout, Spec } from '../../core/spec/schema';
import styles from './layout-drawing.module.scss';
import { Overlays } from './overlays';

type Props = { spec: Spec; layout: Layout; breakpoint: Breakpoint; scale: number };

const SHOWN = { columns: true, rows: false, baseline: false };

/** A layout at a breakpoint, to scale, with the names of its blocks. */
export function LayoutDrawing({ spec, layout, breakpoint, scale }: Props) {
  const solved = solvedAt(spec, layout, breakpoint);
  const columns = columnsAt(spec, breakpoint);
  const [width, height] = [solved.width.valueOf(), Math.max(1, solved.height.valueOf())];
  return (
    <svg
      className={styles.drawing}
      role="img"
      aria-label={`${layout.name}, ${breakpoint.name}: ${solved.blocks.map(({ placed }) => placed.block.name).join(', ')}`}
      width={width * scale}
      height={height * scale}
      viewBox={`0 0 ${width} ${height}`}
    >
      <Overlays
        {...{ spec, breakpoint, solved: columns, scale, id: `${layout.id}-${breakpoint.id}` }}
        width={width}
        height={height}
        shown={SHOWN}
      />
      {solved.blocks.map(({ id, x, y, width: wide, height: high, placed }) => (
        <g key={id} data-holds={Object.keys(placed.block.holds)[0]}>
          <rect
            x={x.valueOf()}
            y={y.valueOf()}
            width={wide.valueOf()}
            height={high.valueOf()}
            strokeWidth={1 / scale}
          />
          {!('card' in placed.block.holds) && (
            <text x={x.valueOf() + 3 / scale} y={y.valueOf() + 8 / scale} fontSize={8 / scale} textLength={undefined}>
              {drawnName(placed.block.name, wide.valueOf() * scale, high.valueOf() * scale)}
            </text>
          )}
        </g>
      ))}
      <rect className={styles.page} width={width} height={height} strokeWidth={1 / scale} />
    </svg>
  );
}
