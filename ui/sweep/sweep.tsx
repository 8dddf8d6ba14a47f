'use client';

import { measureOf, WIDTH_NAMES } from '../../core/spec/measure';
import { Download } from 'lucide-react';
import { useState } from 'react';
import { readRange } from '../../core/finder/read-numbers';
import { sweepCsv } from '../../core/formats/sweep-csv';
import { slug } from '../../core/spec/slug';
import { NARROWEST_SWEPT, WIDEST_SWEPT } from '../../core/sweep/sweep';
import { GridChoice } from '../bench/grids/grid-choice';
import { GridScope } from '../draft/grid-scope';
import { useDraft } from '../draft/draft-context';
import { Choice } from '../parts/choice';
import { download } from '../frame/download';
import { ViewFrame } from '../frame/view-frame';
import { Jumps } from './jumps';
import { SweepCharts } from './sweep-charts';
import { SweepTable } from './sweep-table';
import { useSweep } from './use-sweep';
import { WidthReadout } from './width-readout';
import { Empty } from '../parts/empty';
import styles from './sweep.module.scss';
import { Button } from '../parts/button';
import { TextInput } from '../parts/text-input';

const VIEWS = [
  { value: 'charts', title: 'Charts' },
  { value: 'table', title: 'Table' },
] as const;

/** Every whole viewport width: what columns, margins and container come to, where they are whole, where they jump. */
export function Sweep() {
  return (
    <GridScope>
      <SweepOfGrid />
    </GridScope>
  );
}

function SweepOfGrid() {
  const document = useDraft((draft) => draft.document);
  const [range, setRange] = useState({ from: NARROWEST_SWEPT, to: WIDEST_SWEPT });
  const [view, setView] = useState<(typeof VIEWS)[number]['value']>('charts');
  const { news, hasFailed, retry } = useSweep(document, range.from, range.to);

  const name = `${slug(document.name) || 'spec'}-draft-${range.from}-${range.to}.csv`;
  const saveCsv = (): void => download(name, 'text/csv', sweepCsv(document, range.from, range.to));

  return (
    <ViewFrame
      view="sweep"
      head={
        <>
          <GridChoice />
          <RangeField of={WIDTH_NAMES[measureOf(document)].width} range={range} onRange={setRange} />
          <Choice label="Show as" options={VIEWS} value={view} onChange={setView} />
          <Button onClick={saveCsv}>
            <Download size={14} aria-hidden /> CSV
          </Button>
        </>
      }
    >
      <div className={styles.body}>
        {hasFailed ? (
          <Empty role="alert">
            The sweep failed, perhaps for lack of memory. Your draft is safe.{' '}
            <Button look="quiet" onClick={retry}>
              Sweep again
            </Button>
          </Empty>
        ) : news === null ? (
          <Empty role="status">Sweeping…</Empty>
        ) : view === 'charts' ? (
          <SweepCharts sweep={news.sweep} characters={news.characters} />
        ) : (
          <SweepTable sweep={news.sweep} />
        )}
        <aside className={styles.aside}>
          <WidthReadout />
          <Jumps />
        </aside>
      </div>
    </ViewFrame>
  );
}

type Range = { from: number; to: number };

type RangeProps = { of: string; range: Range; onRange: (range: Range) => void };

function RangeField({ of, range, onRange }: RangeProps) {
  const [text, setText] = useState(`${range.from} to ${range.to}`);
  const [problem, setProblem] = useState<string | null>(null);

  const commit = (): void => {
    const read = readRange(text, { name: of.toLowerCase(), least: 1, most: WIDEST_SWEPT * 2 });
    setProblem(read.problem ?? (read.value!.from === read.value!.to ? 'Enter two widths, such as 320 to 1920.' : null));
    if (read.value && read.value.from < read.value.to) onRange(read.value);
  };

  return (
    <div className={styles.range}>
      <label>
        {of}s{' '}
        <TextInput
          className="number"
          value={text}
          autoComplete="off"
          aria-invalid={problem !== null}
          onChange={(event) => setText(event.target.value)}
          onBlur={commit}
          onKeyDown={(event) => event.key === 'Enter' && commit()}
        />
      </label>
      {problem && (
        <span className="problem" role="alert">
          {problem}
        </span>
      )}
    </div>
  );
}
