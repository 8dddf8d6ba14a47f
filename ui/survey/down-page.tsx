'use client';

import { Bar, BarChart, Cell, ResponsiveContainer, Tooltip, XAxis, YAxis } from 'recharts';
import { CHART_TICK } from '../drawing/chart-tick';
import type { Verticals } from '../../core/survey/verticals';
import { NumberTable } from '../parts/number-table';
import { Empty } from '../parts/empty';
import { useSurveySpec } from './survey-context';
import styles from './survey.module.scss';
import { Button } from '../parts/button';

type Props = { verticals: Verticals | null; onTake: () => void };

const MOST_BARS = 11;

/** The unit down the pages, and the white spaces that occur. */
export function DownPage({ verticals, onTake }: Props) {
  const spec = useSurveySpec();
  if (!verticals) return null;
  const { unit, offset, explained, distances } = verticals;
  const bars = distances
    .filter(({ px }) => px > 0)
    .slice(0, MOST_BARS)
    .sort((a, b) => a.px - b.px)
    .map(({ px, times }) => ({ px: String(px), times, isOn: unit !== null && px % unit === 0 }));
  return (
    <section aria-label="Down the page" className={styles.section}>
      <h2>Down the page</h2>
      {unit === null ? (
        <Empty>Tops and bottoms share no common unit. Correct the boxes or survey more screens together.</Empty>
      ) : (
        <p>
          <strong className="number">{unit} px</strong>
          {offset > 0 && <> from {offset} px on</>}: {Math.round(explained * 100)} % of all tops and bottoms are on its
          multiples.
          {spec && (
            <>
              {' '}
              <Button look="quiet" data-edits onClick={onTake}>
                Use this unit…
              </Button>
            </>
          )}
        </p>
      )}
      {bars.length > 0 && (
        <>
          <figure className={styles.histogram}>
            <figcaption>
              White space down to the next box, in px{unit ? `; full bars are multiples of ${unit}` : ''}
            </figcaption>
            <ResponsiveContainer width="100%" height="100%">
              <BarChart data={bars} margin={{ top: 4, right: 4, bottom: 0, left: 0 }} accessibilityLayer={false}>
                <XAxis dataKey="px" tick={CHART_TICK} stroke="var(--soft)" height={20} interval={0} />
                <YAxis width={32} tick={CHART_TICK} stroke="var(--soft)" allowDecimals={false} />
                <Tooltip formatter={(value) => [`${String(value)} times`, '']} separator="" isAnimationActive={false} />
                <Bar dataKey="times" isAnimationActive={false}>
                  {bars.map(({ px, isOn }) => (
                    <Cell
                      key={px}
                      fill={isOn ? 'var(--teal-tint)' : 'var(--paper)'}
                      stroke="var(--teal-tint)"
                      strokeDasharray={isOn ? '0' : '2 2'}
                    />
                  ))}
                </Bar>
              </BarChart>
            </ResponsiveContainer>
          </figure>
          <details>
            <summary>Show as table</summary>
            <NumberTable>
              <thead>
                <tr>
                  <th scope="col">White space, px</th>
                  <th scope="col">Times</th>
                </tr>
              </thead>
              <tbody>
                {distances.map(({ px, times }) => (
                  <tr key={px}>
                    <th scope="row" className="number">
                      {px}
                    </th>
                    <td className="number">{times}</td>
                  </tr>
                ))}
              </tbody>
            </NumberTable>
          </details>
        </>
      )}
    </section>
  );
}
