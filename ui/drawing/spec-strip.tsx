import { byWidth } from '../../core/spec/ranges';
import { columnEdges, columnsAt } from '../../core/columns/columns-at';
import type { Breakpoint, Spec } from '../../core/spec/schema';

const SCALE = 1 / 26;
const GAP = 6;
const HEIGHT = 44;

type Props = {
  spec: Spec;
  /** What it was before: columns that moved are dashed over the new ones. */
  before?: Spec | null;
};

/** A small drawing of every breakpoint of a spec side by side at one scale, with its columns. */
export function SpecStrip({ spec, before = null }: Props) {
  const screens = byWidth(spec.breakpoints).reduce<{ x: number; id: string }[]>((placed, { id }, index, all) => {
    const before = placed[index - 1];
    return [...placed, { id, x: before ? before.x + width(all[index - 1]!.reference.width) + GAP : 0 }];
  }, []);
  const total =
    screens.at(-1)!.x + width(spec.breakpoints.find(({ id }) => id === screens.at(-1)!.id)!.reference.width);
  return (
    <svg
      width={Math.min(total, 300)}
      height={HEIGHT}
      viewBox={`0 0 ${total} ${HEIGHT}`}
      preserveAspectRatio="xMinYMid meet"
      aria-hidden="true"
    >
      {screens.map(({ id, x }) => {
        const breakpoint = spec.breakpoints.find((candidate) => candidate.id === id)!;
        const { reference } = breakpoint;
        const height = Math.min(HEIGHT - 1, reference.height * SCALE);
        return (
          <g key={id} transform={`translate(${x} ${(HEIGHT - height) / 2})`}>
            <rect width={width(reference.width)} height={height} fill="var(--paper)" stroke="var(--line)" />
            {columnEdges(columnsAt(spec, breakpoint)).map(([start, end]) => (
              <rect
                key={start.toFraction()}
                x={start.valueOf() * SCALE}
                width={Math.max(0, end.sub(start).valueOf() * SCALE)}
                height={height}
                fill="var(--plum-tint)"
              />
            ))}
            {movedFrom(before, spec, breakpoint).map(([start, end]) => (
              <rect
                key={`before ${start.toFraction()}`}
                x={start.valueOf() * SCALE}
                width={Math.max(0, end.sub(start).valueOf() * SCALE)}
                height={height}
                fill="none"
                stroke="var(--amber)"
                strokeWidth="0.75"
                strokeDasharray="2 1.5"
              />
            ))}
          </g>
        );
      })}
    </svg>
  );
}

/** Columns of a breakpoint as they were, where they were elsewhere. */
function movedFrom(before: Spec | null, spec: Spec, breakpoint: Breakpoint): ReturnType<typeof columnEdges> {
  const was = before?.breakpoints.find(({ id }) => id === breakpoint.id);
  if (!before || !was) return [];
  const [old, now] = [columnEdges(columnsAt(before, was)), columnEdges(columnsAt(spec, breakpoint))];
  const text = (edges: typeof old): string => edges.flat().map(String).join(' ');
  return text(old) === text(now) ? [] : old;
}

function width(px: number): number {
  return px * SCALE;
}
