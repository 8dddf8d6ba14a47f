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

/** The upper part of a screen to scale, with its columns and rows and the dimensions of margins and container. */
export function ScreenDrawing({ spec, breakpoint }: { spec: Spec; breakpoint: Breakpoint }) {
  const { id, name, reference } = breakpoint;
  const solved = columnsAt(spec, breakpoint);
  const viewport = solved.viewport.valueOf();
  const scale = Math.min(1, WIDEST / viewport);
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
