import { baselineImage } from '../../overlay/baseline-bars';
import { rowImage } from '../../overlay/bars';
import { inkCss, inkOf, isOutlined } from '../../overlay/inks';
import type { OverlayInk, Spec } from '../../spec/schema';

/** A class that lays rows, baselines and the mesh over an element that begins at the top of the page. */
export function overlayCss(spec: Spec): string | null {
  const { breakpoints } = spec;
  const layers = [
    ...(breakpoints.some(({ baseline }) => baseline) ? [baselineLayer(inkOf(spec, 'baseline'))] : []),
    ...(spec.mesh === undefined ? [] : meshLayers(spec.mesh.strong, inkOf(spec, 'mesh'))),
    ...(breakpoints.some(({ rows }) => rows) ? [rowLayer(inkOf(spec, 'rows'), isOutlined(spec))] : []),
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

const colourOf = (name: string, ink: OverlayInk): string => `var(--grid-overlay-${name}, ${inkCss(ink)})`;

const baselineLayer = (ink: OverlayInk): Layer => ({
  image: baselineImage(colourOf('baseline', ink)),
  position: '0 var(--grid-baseline-offset, 0px)',
  size: '100% 100%',
});

/** Lines across and down from the container's start, thin ones and, every so many, strong ones. */
const meshLayers = (strong: number | undefined, ink: OverlayInk): Layer[] => {
  const lines = (way: string, thick: number, apart: string): Layer => ({
    image: `repeating-linear-gradient(${way}, ${colourOf('mesh', ink)} 0 ${thick}px, transparent ${thick}px ${apart})`,
    position: 'var(--grid-mesh-start, 0px) 0',
    size: '100% 100%',
  });
  const both = (thick: number, apart: string): Layer[] => [
    lines('to right', thick, apart),
    lines('to bottom', thick, apart),
  ];
  return [
    ...both(1, 'var(--grid-mesh)'),
    ...(strong === undefined ? [] : both(2, `calc(var(--grid-mesh) * ${strong})`)),
  ];
};

const rowLayer = (ink: OverlayInk, outlined: boolean): Layer => ({
  image: rowImage(colourOf('rows', ink), outlined),
  position: '0 var(--grid-row-offset, 0px)',
  size: '100% var(--grid-row-extent, 100%)',
});
