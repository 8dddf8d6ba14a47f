import { inkCss, inkOf } from '../../overlay/inks';
import type { OverlayInk, Spec } from '../../spec/schema';

/** A class that lays rows and baselines over an element that begins at the top of the page. */
export function overlayCss(spec: Spec): string | null {
  const { breakpoints } = spec;
  const layers = [
    ...(breakpoints.some(({ baseline }) => baseline) ? [layer('baseline', BASELINES, inkOf(spec, 'baseline'))] : []),
    ...(breakpoints.some(({ rows }) => rows) ? [layer('rows', ROWS, inkOf(spec, 'rows'))] : []),
  ];
  if (layers.length === 0) return null;
  const list = (pick: (part: Layer) => string): string => layers.map(pick).join(',\n    ');
  return `/* Rows and baselines to look at: put .grid-overlay on an element that begins at the top of the page. */
.grid-overlay {
  position: relative;
}

.grid-overlay::after {
  content: '';
  position: absolute;
  inset: 0;
  pointer-events: none;
  background-image:
    ${list(({ image }) => image)};
  background-position: ${layers.map(({ position }) => position).join(', ')};
  background-size: ${layers.map(({ size }) => size).join(', ')};
  background-repeat: no-repeat;
}`;
}

type Layer = { image: string; position: string; size: string };

const BASELINES = {
  thickness: '1px',
  period: 'var(--grid-baseline, 0px)',
  offset: 'var(--grid-baseline-offset, 0px)',
  extent: '100%',
};
const ROWS = {
  thickness: 'var(--grid-row-height, 0px)',
  period: 'calc(var(--grid-row-height, 0px) + var(--grid-row-gap, 0px))',
  offset: 'var(--grid-row-offset, 0px)',
  extent: 'var(--grid-row-extent, 100%)',
};

function layer(name: string, { thickness, period, offset, extent }: typeof ROWS, ink: OverlayInk): Layer {
  const colour = `var(--grid-overlay-${name}, ${inkCss(ink)})`;
  return {
    image: `repeating-linear-gradient(${colour} 0 ${thickness}, transparent ${thickness} ${period})`,
    position: `0 ${offset}`,
    size: `100% ${extent}`,
  };
}
