'use client';

import { useId, useMemo, useState } from 'react';
import { columnEdges, type SolvedColumns } from '../../core/columns/columns-at';
import { movedAt, movedBlocks, type MovedEdge } from '../../core/diff/moved';
import { counted, numeral } from '../../core/length/present';
import { rowsAt } from '../../core/rows/rows-at';
import { byWidth, shownWidth } from '../../core/spec/ranges';
import type { Breakpoint, Spec } from '../../core/spec/schema';
import { Fractions } from '../drawing/numeral';
import { useSize } from '../frame/use-size';
import { Range } from '../parts/range';
import { Choice } from '../parts/choice';
import styles from './comparison.module.scss';

type State = { name: string; document: Spec };

const HEIGHT = 170;
const MOST_NAMED = 6;

/** Both grids at any width, one over the other: what is only before as an outline, what is only after filled. */
export function OverlaidGrids({ before, after }: { before: State; after: State }) {
  const breakpoints = byWidth(after.document.breakpoints);
  const widths = breakpoints.map((each) => shownWidth(after.document, each));
  const most = Math.max(...widths, ...before.document.breakpoints.map(({ reference }) => reference.width)) + 200;
  const [width, setWidth] = useState(() => firstMoved(before.document, after.document, widths));
  const [shown, setShown] = useState<string>('columns');
  const [ref, { width: room }] = useSize<HTMLDivElement>();
  const id = useId();
  const at = useMemo(() => movedAt(before.document, after.document, width), [before, after, width]);
  const layouts = after.document.layouts.filter(({ id: own }) =>
    before.document.layouts.some((each) => each.id === own),
  );
  const scale = room > 0 ? Math.min(1, room / width) : 0.5;
  return (
    <figure className={styles.overlaid} aria-label="Both grids, overlaid">
      <div className={styles.controls}>
        <Choice
          label="Width"
          value={String(width)}
          options={breakpoints.map(({ name }, index) => ({ value: String(widths[index]), title: name }))}
          onChange={(value) => setWidth(Number(value))}
        />
        <label htmlFor={id}>Viewport</label>
        <Range id={id} min={240} max={most} value={width} onChange={({ target }) => setWidth(Number(target.value))} />
        <output className="number" htmlFor={id}>
          {width} px
        </output>
        <Choice
          label="Shown"
          value={shown}
          options={[
            { value: 'columns', title: 'Columns' },
            { value: 'rows', title: 'Rows' },
            ...layouts.map(({ id: own, name }) => ({ value: `layout ${own}`, title: name })),
          ]}
          onChange={setShown}
        />
      </div>
      <div ref={ref} className={styles.drawing}>
        {shown === 'columns' && (
          <Columns before={at.before.columns} after={at.after.columns} width={width} scale={scale} />
        )}
        {shown === 'rows' && (
          <Rows
            before={[before.document, at.before.breakpoint]}
            after={[after.document, at.after.breakpoint]}
            width={width}
            scale={scale}
          />
        )}
        {shown.startsWith('layout ') && (
          <Blocks
            {...movedBlocks(before.document, after.document, shown.slice(7), width)}
            width={width}
            scale={scale}
          />
        )}
      </div>
      <figcaption>
        <span className={styles.key} data-of="before">
          {before.name}
        </span>
        <span className={styles.key} data-of="after">
          {after.name}
        </span>
        <span role="status">{sentenceOf(at.moved, width)}</span>
        <MovedList moved={at.moved} />
      </figcaption>
    </figure>
  );
}

/** The first drawn width at which something stands elsewhere. */
function firstMoved(before: Spec, after: Spec, widths: readonly number[]): number {
  return widths.find((width) => movedAt(before, after, width).moved.length > 0) ?? widths.at(-1)!;
}

function sentenceOf(moved: readonly MovedEdge[], width: number): string {
  if (moved.length === 0) return `At ${width} px no column moved.`;
  return `At ${width} px ${counted(moved.length, 'edge')} moved:`;
}

function MovedList({ moved }: { moved: readonly MovedEdge[] }) {
  if (moved.length === 0) return null;
  return (
    <ul className={styles.moved}>
      {moved.slice(0, MOST_NAMED).map(({ name, before, after }) => (
        <li key={name}>
          {name} <Fractions text={`${before ? numeral(before) : 'none'} → ${after ? numeral(after) : 'none'}`} />
        </li>
      ))}
      {moved.length > MOST_NAMED && <li className="soft">and {moved.length - MOST_NAMED} more</li>}
    </ul>
  );
}

type Drawn = { width: number; scale: number };

function Screen({ width, height, scale, children }: Drawn & { height: number; children: React.ReactNode }) {
  return (
    <svg
      width={width * scale}
      height={Math.min(360, height * scale)}
      viewBox={`0 0 ${width} ${Math.min(360 / scale, height)}`}
      aria-hidden="true"
    >
      <rect width={width} height={height} fill="var(--paper)" stroke="var(--line)" strokeWidth={1 / scale} />
      {children}
    </svg>
  );
}

/** Columns after as fields over the whole height, columns before as outlines over its upper half. */
function Columns({ before, after, width, scale }: Drawn & { before: SolvedColumns; after: SolvedColumns }) {
  const height = HEIGHT / scale;
  const bars = (columns: SolvedColumns) =>
    columnEdges(columns).map(([start, end]) => ({ x: start.valueOf(), wide: Math.max(0, end.sub(start).valueOf()) }));
  return (
    <Screen width={width} height={height} scale={scale}>
      {bars(after).map(({ x, wide }, index) => (
        <rect key={index} className={styles.after} x={x} width={wide} y={height * 0.22} height={height * 0.78} />
      ))}
      {bars(before).map(({ x, wide }, index) => (
        <rect
          key={index}
          className={styles.before}
          x={x}
          width={wide}
          height={height * 0.78}
          strokeWidth={1.25 / scale}
          strokeDasharray={`${4 / scale} ${3 / scale}`}
        />
      ))}
    </Screen>
  );
}

type OfSpec = readonly [Spec, Breakpoint];

/** Rows of the first screen: after as fields at the end of the lines, before as outlines at their start. */
function Rows({ before, after, width, scale }: Drawn & { before: OfSpec; after: OfSpec }) {
  const height = 320 / scale;
  const bands = ([spec, breakpoint]: OfSpec) => {
    const rows = rowsAt(spec, breakpoint, breakpoint.reference.height, width);
    if (!rows) return [];
    const period = rows.height.add(rows.gap).valueOf();
    const count = period > 0 ? Math.min(rows.count, Math.ceil(height / period), 400) : 0;
    return Array.from({ length: count }, (_, index) => ({
      y: rows.offset.valueOf() + index * period,
      high: Math.max(0, rows.height.valueOf()),
    }));
  };
  return (
    <Screen width={width} height={height} scale={scale}>
      {bands(after).map(({ y, high }, index) => (
        <rect key={index} className={styles.after} x={width * 0.3} width={width * 0.7} y={y} height={high} />
      ))}
      {bands(before).map(({ y, high }, index) => (
        <rect
          key={index}
          className={styles.before}
          width={width * 0.7}
          y={y}
          height={high}
          strokeWidth={1 / scale}
          strokeDasharray={`${4 / scale} ${3 / scale}`}
        />
      ))}
    </Screen>
  );
}

/** Blocks of a trial layout: after as fields with their names, before as outlines. */
function Blocks({ blocks, height, width, scale }: Drawn & ReturnType<typeof movedBlocks>) {
  return (
    <Screen width={width} height={Math.max(1, height)} scale={scale}>
      {blocks.map(
        ({ name, after }, index) =>
          after && (
            <g key={index}>
              <rect className={styles.after} x={after.x} y={after.y} width={after.width} height={after.height} />
              <text x={after.x + 4 / scale} y={after.y + 11 / scale} fontSize={10 / scale} fill="var(--ink)">
                {name.slice(0, Math.max(0, Math.floor((after.width * scale - 8) / 6)))}
              </text>
            </g>
          ),
      )}
      {blocks.map(
        ({ before }, index) =>
          before && (
            <rect
              key={index}
              className={styles.before}
              {...before}
              strokeWidth={1.25 / scale}
              strokeDasharray={`${4 / scale} ${3 / scale}`}
            />
          ),
      )}
    </Screen>
  );
}
