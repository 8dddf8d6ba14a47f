'use client';

import { decimal } from '../../core/length/present';
import { ZERO } from '../../core/length/px';
import { inkOf } from '../../core/overlay/inks';
import type { Breakpoint, Spec, TextStyle } from '../../core/spec/schema';
import { measuresOf } from '../../core/type/measures';
import { setLines } from '../../core/type/set-lines';
import { pictureStart, stepOf, textAt } from '../../core/type/text-at';
import { useSize } from '../frame/use-size';
import { faceOf } from './font-address';
import { useFontFace } from './use-font-face';
import styles from './type.module.scss';

type Props = {
  team: string;
  spec: Spec;
  style: TextStyle;
  breakpoint: Breakpoint;
  viewport: number;
  isOnGrid: boolean;
};

const LINES = ['Hxg Ferry at', 'quarter past'];
const ROOM = { left: 112, right: 176, top: 18, bottom: 14 };
const LARGEST_SCALE = 9;
/** The longest of the lines in letters of average width, with room for wide ones: it ends before the heights are named. */
const WIDEST_LINE = Math.max(...LINES.map((line) => line.length)) * 1.15;

/** Two lines of the style, drawn large on the baselines, with the heights of its letters and a picture beside it. */
export function RhythmDrawing({ team, spec, style, breakpoint, viewport, isOnGrid }: Props) {
  const [box, { width, height }] = useSize<HTMLDivElement>();
  const isLoaded = useFontFace(team, style.font);
  const text = textAt(spec, style, breakpoint, viewport);
  const step = stepOf(spec, breakpoint);
  const lines = setLines(text, LINES.length, isOnGrid);
  const [first, last] = [lines[0]!, lines.at(-1)!];
  const above = Math.max(0, -first.top.valueOf());
  const total = Math.max(1, last.bottom.valueOf() + above);
  const end = Math.max(ROOM.left + 60, width - ROOM.right);
  const across =
    (end - ROOM.left - 20) / (WIDEST_LINE * text.size.valueOf() * measuresOf(style.font).averageWidth.valueOf());
  const scale = Math.min(LARGEST_SCALE, (height - ROOM.top - ROOM.bottom) / total, across);
  const y = (length: { valueOf: () => number }): number => ROOM.top + (above + length.valueOf()) * scale;
  const size = text.size.valueOf() * scale;
  const picture = pictureStart(text).caps.sub(isOnGrid ? ZERO : text.shift);
  const heights = [
    { name: 'ascenders', at: first.ascenders },
    { name: 'caps', at: first.caps },
    { name: 'x-height', at: first.xHeight },
    { name: 'baseline', at: first.baseline },
  ];

  return (
    <div ref={box} className={styles.drawing}>
      {width > 0 && scale > 0 && (
        <svg width={width} height={height} role="img" aria-label={spokenDrawing(style, text, isOnGrid)}>
          {lines.map((line, index) => (
            <rect
              key={index}
              x={ROOM.left}
              y={y(line.top)}
              width={end - ROOM.left}
              height={(line.bottom.valueOf() - line.top.valueOf()) * scale}
              fill={index % 2 === 0 ? 'var(--band)' : 'var(--paper)'}
              stroke="var(--line)"
              strokeDasharray="2 3"
            />
          ))}
          <rect
            x={ROOM.left - 92}
            y={y(picture)}
            width={80}
            height={Math.max(0, y(last.baseline) - y(picture))}
            fill="var(--margin-fill)"
          />
          {step.compare(ZERO) > 0 && (
            <BaselineGrid
              y={y}
              step={step.valueOf()}
              from={-above}
              to={total - above}
              width={end + 8}
              colour={inkOf(spec, 'baseline').colour}
            />
          )}
          {LINES.map((words, index) => (
            <text
              key={words}
              x={ROOM.left + 10}
              y={y(lines[index]!.baseline)}
              fontSize={size}
              fill="var(--ink)"
              style={{ fontFamily: isLoaded ? `'${faceOf(style.font)}'` : 'sans-serif' }}
              opacity={isLoaded ? 1 : 0.25}
            >
              {words}
            </text>
          ))}
          <HeightMarks heights={heights.map(({ name, at }) => ({ name, y: y(at), px: decimal(at) }))} end={end} />
          <text x={ROOM.left - 52} y={y(picture) - 5} textAnchor="middle" className={styles.mark}>
            picture {decimal(picture)}
          </text>
        </svg>
      )}
      {step.equals(ZERO) && (
        <p className={styles.note}>{breakpoint.name} has no baseline grid. Set its step on the bench.</p>
      )}
    </div>
  );
}

type GridProps = {
  y: (length: number) => number;
  step: number;
  from: number;
  to: number;
  width: number;
  colour: string;
};

function BaselineGrid({ y, step, from, to, width, colour }: GridProps) {
  const first = Math.ceil(from / step);
  const count = Math.max(0, Math.floor(to / step) - first + 1);
  const path = Array.from({ length: count }, (_, index) => `M16 ${y((first + index) * step)}H${width}`).join('');
  return <path d={path} stroke={colour} strokeWidth={1} />;
}

const CROWDED = 13;

/** Names and heights of letters beside the drawing; those that would lie on each other are moved apart. */
function HeightMarks({ heights, end }: { heights: { name: string; y: number; px: string }[]; end: number }) {
  const placed = heights.reduce<number[]>((done, { y }) => [...done, Math.max(y, (done.at(-1) ?? 0) + CROWDED)], []);
  return (
    <g className={styles.mark}>
      {heights.map(({ name, y, px }, index) => (
        <g key={name}>
          <path
            d={`M${end} ${y}h14L${end + 24} ${placed[index]! - 3}`}
            stroke={name === 'baseline' ? 'var(--teal)' : 'var(--soft)'}
            fill="none"
          />
          <text x={end + 28} y={placed[index]}>
            {name} {px}
          </text>
        </g>
      ))}
    </g>
  );
}

function spokenDrawing({ name }: TextStyle, { shift, baseline }: ReturnType<typeof textAt>, isOnGrid: boolean): string {
  const moved = isOnGrid ? `, moved down by ${decimal(shift)} px onto the grid` : '';
  return `${name}: the first baseline is ${decimal(baseline)} px below the top of its box${moved}`;
}
