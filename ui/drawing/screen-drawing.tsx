import { columnsAt, sumLine } from '../../core/columns/columns-at';
import type { Breakpoint, Spec } from '../../core/spec/schema';
import { numeral } from '../../core/length/present';
import { Dimensions } from './dimensions';
import { Overlays } from './overlays';

const WIDEST = 540;
const TALLEST = 190;
const TOP = 34;
const SIDE = 26;
const SHOWN = { columns: true, rows: true, baseline: false };

/** px of the drawing for each px of a screen. */
export function screenScale(widest: number): number {
  return Math.min(1, WIDEST / widest);
}

type Props = {
  spec: Spec;
  breakpoint: Breakpoint;
  /** In px; by default that at which the breakpoint is drawn. */
  width?: number;
  /** The scale of a drawing as wide as this, in px; by default its own width. */
  widest?: number;
};

/** The upper part of a screen to scale, with its columns and rows and the dimensions of margins and container. */
export function ScreenDrawing({ spec, breakpoint, width = breakpoint.reference.width, widest = width }: Props) {
  const { id, name, reference } = breakpoint;
  const solved = columnsAt(spec, breakpoint, width);
  const viewport = solved.viewport.valueOf();
  const scale = screenScale(widest);
  const shown = Math.min(reference.height, TALLEST / scale);
  return (
    <svg
      role="img"
      aria-label={`${name}: ${sumLine(solved, numeral)}`}
      width={viewport * scale + SIDE * 2}
      height={shown * scale + TOP + 2}
      viewBox={`${-SIDE} 0 ${viewport * scale + SIDE * 2} ${shown * scale + TOP + 2}`}
    >
      <Dimensions solved={solved} scale={scale} y={20} />
      <g transform={`translate(0 ${TOP}) scale(${scale})`}>
        <rect width={viewport} height={shown} fill="var(--paper)" stroke="var(--line)" strokeWidth={1 / scale} />
        <svg width={viewport} height={shown} viewBox={`0 0 ${viewport} ${shown}`}>
          <Overlays {...{ spec, breakpoint, solved, scale, id }} width={viewport} height={shown} shown={SHOWN} />
        </svg>
      </g>
    </svg>
  );
}
