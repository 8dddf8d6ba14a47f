import type { SolvedColumns } from '../../core/columns/columns-at';
import { sumLine } from '../../core/columns/columns-at';
import { numeral } from '../../core/length/present';
import { Dimensions } from './dimensions';
import { ColumnOverlay } from './overlays';

const WIDEST = 540;
const TALLEST = 190;
const TOP = 34;
const SIDE = 26;

/** The upper part of a screen to scale, with its columns and the dimensions of margins and container. */
export function ScreenDrawing({ name, solved, height }: { name: string; solved: SolvedColumns; height: number }) {
  const viewport = solved.viewport.valueOf();
  const scale = Math.min(1, WIDEST / viewport);
  const shown = Math.min(height, TALLEST / scale);
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
        <ColumnOverlay solved={solved} height={shown} />
      </g>
    </svg>
  );
}
