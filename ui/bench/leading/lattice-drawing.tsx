import { latticeCell } from '../../../core/baseline/leading-that-fits';
import { px } from '../../../core/length/px';

type Props = { page: { width: number; height: number }; lines: number };

const LARGEST = 230;

/** The lattice in proportion: the page in as many equal parts across as it has lines. */
export function LatticeDrawing({ page, lines }: Props) {
  const { width, height } = latticeCell({ width: px(page.width), height: px(page.height) }, lines);
  const scale = Math.min(LARGEST / page.width, LARGEST / page.height);
  const [w, h] = [page.width * scale, page.height * scale];
  return (
    <figure>
      <svg width={w + 2} height={h + 2} viewBox={`-1 -1 ${w + 2} ${h + 2}`} aria-hidden="true">
        <pattern
          id="lattice"
          patternUnits="userSpaceOnUse"
          width={width.valueOf() * scale}
          height={height.valueOf() * scale}
        >
          <path
            d={`M0 0H${width.valueOf() * scale}M0 0V${height.valueOf() * scale}`}
            stroke="var(--teal-tint)"
            strokeWidth={0.5}
          />
        </pattern>
        <rect width={w} height={h} fill="var(--paper)" />
        <rect width={w} height={h} fill="url(#lattice)" stroke="var(--line)" />
      </svg>
      <figcaption className="soft">
        Lattice in proportion, {lines} × {lines}
      </figcaption>
    </figure>
  );
}
