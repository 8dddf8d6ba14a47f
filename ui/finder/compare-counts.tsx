'use client';

import { useState } from 'react';
import { columnsAt } from '../../core/columns/columns-at';
import { compareCounts } from '../../core/columns/compare-counts';
import { readNumbers } from '../../core/finder/read-numbers';
import { numeral } from '../../core/length/present';
import { MOST_COLUMNS } from '../../core/columns/solve';
import type { Breakpoint } from '../../core/spec/schema';
import { WIDEST_SWEPT } from '../../core/sweep/sweep';
import { useDraft } from '../draft/draft-context';
import { Fractions, Numeral } from '../drawing/numeral';
import { GridStrip } from '../drawing/grid-strip';
import { NumberTable } from '../parts/number-table';
import styles from './finder.module.scss';
import { TextInput } from '../parts/text-input';

const MOST_COMPARED = 4;
const STRIP = 860;

/** One container with two to four counts on top of each other, and the spans that all of them share. */
export function CompareCounts({ breakpoint }: { breakpoint: Breakpoint }) {
  const document = useDraft((draft) => draft.document);
  const solved = columnsAt(document, breakpoint);
  const [texts, setTexts] = useState({
    container: String(Math.round(solved.container.valueOf())),
    gutter: String(Math.round(solved.gutter.valueOf())),
    counts: `${solved.count}, ${Math.min(MOST_COLUMNS, solved.count + 4)}`,
  });
  const { outer } = breakpoint.columns;
  const read = readAll(texts);

  return (
    <section className={styles.compare} aria-label="Compare counts">
      <div className={styles.compareFields}>
        {(['container', 'gutter', 'counts'] as const).map((name) => (
          <label key={name}>
            {{ container: 'Container', gutter: 'Gutter', counts: 'Counts' }[name]}
            <TextInput
              className="number"
              value={texts[name]}
              autoComplete="off"
              onChange={(event) => setTexts({ ...texts, [name]: event.target.value })}
            />
          </label>
        ))}
      </div>
      {'problem' in read ? (
        <p className="problem" role="alert">
          {read.problem}
        </p>
      ) : (
        <Compared container={read.container} gutter={read.gutter} counts={read.counts} outer={outer} />
      )}
    </section>
  );
}

type Read = { container: number; gutter: number; counts: number[] };

function readAll(texts: Record<'container' | 'gutter' | 'counts', string>): Read | { problem: string } {
  const container = readNumbers(texts.container, { name: 'container', least: 1, most: WIDEST_SWEPT });
  if (container.problem !== undefined) return { problem: container.problem };
  const gutter = readNumbers(texts.gutter, { name: 'gutter', least: 0, most: 400 });
  if (gutter.problem !== undefined) return { problem: gutter.problem };
  const counts = readNumbers(texts.counts, { name: 'count', least: 1, most: MOST_COLUMNS });
  if (counts.problem !== undefined) return { problem: counts.problem };
  if (counts.value.length < 2 || counts.value.length > MOST_COMPARED)
    return { problem: `Enter two to ${MOST_COMPARED} counts, such as 12, 16.` };
  return { container: container.value[0]!, gutter: gutter.value[0]!, counts: counts.value };
}

function Compared({ container, gutter, counts, outer }: Read & { outer: Breakpoint['columns']['outer'] }) {
  const { grids, shared } = compareCounts({ container, gutter, outer }, counts);
  return (
    <>
      <ul className={styles.comparedStrips}>
        {grids.map(({ count, column, inset }) => (
          <li key={count}>
            <span className="number">
              <Fractions text={`${count} × ${numeral(column)}`} />
            </span>
            <GridStrip
              grid={{ width: container, margin: 0, count, column: column.valueOf(), gutter, inset: inset.valueOf() }}
              scale={STRIP / container}
            />
          </li>
        ))}
      </ul>
      <NumberTable className={styles.sharedTable}>
        <caption>{shared.length === 1 ? 'The full width is the only span they share' : 'Shared spans'}</caption>
        <thead>
          <tr>
            <th scope="col">Width</th>
            {counts.map((count) => (
              <th key={count} scope="col">
                of {count} columns
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {shared.map(({ width, columns }) => (
            <tr key={width.toFraction()}>
              <th scope="row" className="number">
                <Numeral text={numeral(width)} />
              </th>
              {columns.map((span, index) => (
                <td key={index} className="number">
                  {span}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </NumberTable>
    </>
  );
}
