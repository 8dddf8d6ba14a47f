'use client';

import { measureOf, WIDTH_NAMES } from '../../core/spec/measure';
import { type KeyboardEvent, type PointerEvent, useMemo, useRef } from 'react';
import { WEIGHT_NAMES } from '../../core/checks/rule';
import { sentenceOf } from '../../core/checks/sentence';
import { thresholdsOf } from '../../core/checks/rule-settings';
import { lineLength } from '../../core/checks/rules/line-length';
import { corners } from '../../core/sweep/corners';
import type { CharacterLine } from '../../core/sweep/swept-text';
import { columnIsWhole, edgesAreWhole, RATIOS, type Sweep } from '../../core/sweep/sweep';
import { findingsByWidth, inLanes } from '../../core/sweep/placed-findings';
import { findingsOfDraft } from '../draft/findings-of-draft';
import { useDraft, useView } from '../draft/draft-context';
import { BareButton } from '../parts/bare-button';
import { type ChartLine, LengthChart } from './length-chart';
import { PLOT } from './plot';
import styles from './sweep.module.scss';

/** Height of a lane of marks in px: the mark and a gap. */
const LANE = 26;

/** Share of the axis that a mark of 24 px takes where the charts are narrowest. */
const MARK_SHARE = 0.05;

/** How lines of one chart are told apart: by colour and by dashes. */
const LOOKS = [
  { colour: 'var(--plum)' },
  { colour: 'var(--teal)', dash: '2 3' },
  { colour: 'var(--amber)', dash: '5 3' },
  { colour: 'var(--ink)', dash: '8 3 2 3' },
];

function linesOf(sweep: Sweep): { outside: ChartLine[]; inside: ChartLine[] } {
  const points = (values: Float64Array) => corners(sweep.from, values);
  return {
    outside: [
      { name: 'container', points: points(sweep.container), colour: 'var(--plum)' },
      { name: 'start margin', points: points(sweep.marginStart), colour: 'var(--amber)', dash: '5 3' },
    ],
    inside: [
      { name: 'column', points: points(sweep.column), colour: 'var(--plum)' },
      { name: 'gutter', points: points(sweep.gutter), colour: 'var(--teal)', dash: '2 3' },
    ],
  };
}

/** Charts over one axis of widths, with what is whole and the findings under them. Pointing moves the viewport marker. */
export function SweepCharts({ sweep, characters }: { sweep: Sweep; characters: CharacterLine[] }) {
  const document = useDraft((draft) => draft.document);
  const viewport = useView((view) => view.viewport);
  const show = useView((view) => view.show);
  const charts = useRef<HTMLDivElement>(null);
  const { from, to } = sweep;
  const { outside, inside } = useMemo(() => linesOf(sweep), [sweep]);
  const text = useMemo(
    () => characters.map((line, index) => ({ ...line, ...LOOKS[index % LOOKS.length]! })),
    [characters],
  );
  const bounds = useMemo(() => Object.values(thresholdsOf(document, lineLength)), [document]);
  const marks = useMemo(() => {
    const open = findingsOfDraft(document).filter(({ waiver }) => !waiver);
    const shown = findingsByWidth(document, open).filter(({ width }) => width >= from && width <= to);
    return inLanes(shown, (to - from) * MARK_SHARE);
  }, [document, from, to]);
  const left = (width: number): string =>
    `calc(${PLOT.start}px + (100% - ${PLOT.start + PLOT.end}px) * ${(width - from) / (to - from)})`;

  const onPointerMove = (event: PointerEvent): void => {
    const box = charts.current!.getBoundingClientRect();
    const share = (event.clientX - box.left - PLOT.start) / (box.width - PLOT.start - PLOT.end);
    if (share >= 0 && share <= 1) show(from + share * (to - from));
  };

  const onKeyDown = (event: KeyboardEvent): void => {
    const direction = { ArrowLeft: -1, ArrowRight: 1 }[event.key];
    if (!direction) return;
    event.preventDefault();
    show(Math.min(to, Math.max(from, viewport + direction * (event.shiftKey ? 10 : 1))));
  };

  return (
    <div ref={charts} className={styles.charts} onPointerMove={onPointerMove} role="group" aria-label="Charts">
      <LengthChart title="Container and margin" range={sweep} lines={outside} />
      <LengthChart title="Column and gutter" range={sweep} lines={inside} />
      {text.length > 0 && <LengthChart title="Characters a line" range={sweep} lines={text} bounds={bounds} />}
      <p className={styles.legend}>Whole-pixel columns; at full height every edge is whole</p>
      <WholeRows sweep={sweep} />
      <div
        className={styles.findings}
        style={{ blockSize: LANE * Math.max(1, ...marks.map(({ lane }) => lane + 1)) }}
        aria-label="Findings by width"
        role="group"
      >
        <span className={styles.rowName}>findings</span>
        {marks.map(({ width, findings, lane }) => (
          <BareButton
            key={width}
            data-weight={findings[0]!.weight}
            style={{ insetInlineStart: left(width), insetBlockStart: lane * LANE }}
            title={`${width}: ${findings.map(sentenceOf).join('\n')}`}
            aria-label={`At ${width}: ${findings.map((finding) => `${WEIGHT_NAMES[finding.weight]}: ${sentenceOf(finding)}`).join(' ')}`}
            onFocus={() => show(width)}
            onClick={() => show(width)}
          />
        ))}
      </div>
      <div
        className={styles.cursor}
        style={{ insetInlineStart: left(Math.min(to, Math.max(from, viewport))) }}
        role="slider"
        tabIndex={0}
        aria-label={`${WIDTH_NAMES[measureOf(document)].width} width`}
        aria-valuemin={from}
        aria-valuemax={to}
        aria-valuenow={viewport}
        aria-valuetext={`${viewport} px`}
        onKeyDown={onKeyDown}
      >
        <output>{viewport}</output>
      </div>
    </div>
  );
}

/** For each device ratio a row with a tick wherever the column is whole; full height where every edge is. */
function WholeRows({ sweep }: { sweep: Sweep }) {
  const length = sweep.to - sweep.from + 1;
  const paths = useMemo(
    () => RATIOS.map(({ name }, ratio) => ({ name, path: ticks(sweep, ratio), count: countWhole(sweep, ratio) })),
    [sweep],
  );
  return (
    <div className={styles.whole}>
      {paths.map(({ name, path, count }) => (
        <div key={name} className={styles.wholeRow}>
          <span className={styles.rowName}>{name === '1×' ? 'whole at 1×' : name}</span>
          <svg
            viewBox={`0 0 ${length} 10`}
            preserveAspectRatio="none"
            role="img"
            aria-label={`At ${name}: columns whole at ${count} of ${length} widths`}
          >
            <path d={path} fill="var(--teal-tint)" />
          </svg>
        </div>
      ))}
    </div>
  );
}

function countWhole(sweep: Sweep, ratio: number): number {
  return sweep.whole.reduce((count, _, index) => count + (columnIsWhole(sweep, index, ratio) ? 1 : 0), 0);
}

function ticks(sweep: Sweep, ratio: number): string {
  const parts: string[] = [];
  for (let index = 0; index < sweep.whole.length; index++) {
    if (!columnIsWhole(sweep, index, ratio)) continue;
    const top = edgesAreWhole(sweep, index, ratio) ? 0 : 5;
    let end = index + 1;
    while (
      end < sweep.whole.length &&
      columnIsWhole(sweep, end, ratio) &&
      (edgesAreWhole(sweep, end, ratio) ? 0 : 5) === top
    )
      end++;
    parts.push(`M${index} ${top}H${end}V10H${index}Z`);
    index = end - 1;
  }
  return parts.join('');
}
