import { frameAreas } from '../../core/overlay/frame-areas';
import type { Breakpoint, Spec } from '../../core/spec/schema';

type Props = { spec: Spec; breakpoint: Breakpoint; width: number; height: number };

/** Bars and panels as solid areas, over whatever lies under them. */
export function FrameAreas({ spec, breakpoint, width, height }: Props) {
  return frameAreas(spec, breakpoint, width, height).map(({ side, ...area }) => (
    <rect key={side} data-side={side} {...area} fill="var(--frame-fill)" />
  ));
}
