import { rulerTicks } from './ruler-ticks';

export const RULER = 20;

type Props = { width: number; height: number; left: number; top: number; scale: number };

/** Pixel rulers along the top and the left edge of a picture whose page begins at left, top. */
export function Rulers({ width, height, left, top, scale }: Props) {
  const across = rulerTicks((RULER - left) / scale, (width - left) / scale, scale);
  const down = rulerTicks((RULER - top) / scale, (height - top) / scale, scale);
  return (
    <g className="number" style={{ fontSize: 9.5 }} fill="var(--soft)" stroke="var(--line)">
      <rect x={RULER} width={Math.max(0, width - RULER)} height={RULER} fill="var(--paper)" />
      <rect y={RULER} width={RULER} height={Math.max(0, height - RULER)} fill="var(--paper)" />
      <path
        stroke="var(--soft)"
        d={across
          .map(({ at, isNumbered }) => `M${left + at * scale} ${RULER}v${isNumbered ? -8 : -4}`)
          .concat(down.map(({ at, isNumbered }) => `M${RULER} ${top + at * scale}h${isNumbered ? -8 : -4}`))
          .join('')}
      />
      <g stroke="none">
        {across
          .filter(({ isNumbered }) => isNumbered)
          .map(({ at }) => (
            <text key={at} x={left + at * scale + 3} y={10}>
              {at}
            </text>
          ))}
        {down
          .filter(({ isNumbered }) => isNumbered)
          .map(({ at }) => (
            <text key={at} transform={`translate(10 ${top + at * scale - 3}) rotate(-90)`}>
              {at}
            </text>
          ))}
      </g>
      <rect width={RULER} height={RULER} fill="var(--paper)" />
    </g>
  );
}
