import type { SolvedColumns } from '../../core/columns/columns-at';
import { guidesAt } from '../../core/overlay/guides';
import { meshAt } from '../../core/overlay/mesh';
import type { Breakpoint, OverlayInk, Spec } from '../../core/spec/schema';

type Page = {
  spec: Spec;
  breakpoint: Breakpoint;
  width: number;
  height: number;
  /** px of the window for each px of the screen. */
  scale: number;
  ink: OverlayInk;
};

/** Lines that are nearer to each other than this, in px of the window, run together and are left out. */
const TOO_DENSE = 3;

/** The unit mesh as patterns: thin lines, and strong ones where the document has some. */
export function MeshOverlay({
  spec,
  solved,
  breakpoint,
  width,
  height,
  scale,
  id,
  ink,
}: Page & { solved: SolvedColumns; id: string }) {
  const { square, strong, x, y } = meshAt(spec, breakpoint, solved.viewport, height);
  const side = square.valueOf();
  const layers = [
    { name: `mesh-${id}`, apart: side, thick: 1 / scale },
    ...(strong === null ? [] : [{ name: `mesh-strong-${id}`, apart: side * strong, thick: 2 / scale }]),
  ].filter(({ apart }) => apart * scale >= TOO_DENSE);
  return (
    <g opacity={ink.strength / 100}>
      {layers.map(({ name, apart, thick }) => (
        <g key={name}>
          <pattern id={name} patternUnits="userSpaceOnUse" x={x.valueOf()} y={y.valueOf()} width={apart} height={apart}>
            <path
              d={`M0 ${thick / 2}H${apart}M${thick / 2} 0V${apart}`}
              fill="none"
              stroke={ink.colour}
              strokeWidth={thick}
            />
          </pattern>
          <rect width={width} height={height} fill={`url(#${name})`} />
        </g>
      ))}
    </g>
  );
}

/** Guides as lines over the whole page. */
export function GuideOverlay({ spec, breakpoint, width, height, scale, ink }: Page) {
  return (
    <g fill="none" stroke={ink.colour} strokeOpacity={ink.strength / 100} strokeWidth={1.5 / scale}>
      {guidesAt(spec, breakpoint, width, height).map(({ name, axis, at }) => (
        <path key={name} d={axis === 'x' ? `M${at.valueOf()} 0V${height}` : `M0 ${at.valueOf()}H${width}`}>
          <title>{name}</title>
        </path>
      ))}
    </g>
  );
}
