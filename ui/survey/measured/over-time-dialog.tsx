'use client';

import { format } from 'date-fns/format';
import { CartesianGrid, Line, LineChart, ResponsiveContainer, Tooltip, XAxis, YAxis } from 'recharts';
import { CHART_TICK } from '../../drawing/chart-tick';
import { thingText } from '../../../core/built/measurement';
import { cameBack, pagesOverTime } from '../../../core/built/over-time';
import { useState } from 'react';
import { Dialog } from '../../parts/dialog';
import { NumberTable } from '../../parts/number-table';
import { SelectField } from '../../parts/select-field';
import styles from '../survey.module.scss';
import type { CountedMeasured } from './listed-measured';

type Props = { measured: readonly CountedMeasured[]; onClose: () => void };

const NAMED = 6;

/** How much was off over time, in all and page by page, and what came back. */
export function OverTimeDialog({ measured: all, onClose }: Props) {
  // builds of several branches are no line
  const [name, setName] = useState(all[0]?.name ?? '');
  const listed = all.filter((measured) => measured.name === name);
  const [now] = listed;
  const first = listed.at(-1);
  if (!now || !first) return null;
  const names = [...new Set(all.map((measured) => measured.name))];
  const points = [...listed].reverse().map(({ measuredAt, off, version }, index) => ({
    index,
    off,
    says: `${format(new Date(measuredAt), 'd MMM yyyy')}, edition ${version}`,
  }));
  const day = (index: number): string => format(new Date(listed[listed.length - 1 - index]!.measuredAt), 'd MMM');
  const pages = pagesOverTime(listed);
  const back = cameBack(listed);
  return (
    <Dialog title="Off over time" isWide onClose={onClose}>
      {names.length > 1 && (
        <SelectField
          id="measured-name"
          label="Measured"
          value={name}
          options={Object.fromEntries(names.map((each) => [each, each]))}
          onChange={setName}
        />
      )}
      <p>
        {listed.length === 1
          ? `${now.off} off when it was first measured.`
          : `${first.off} off on ${format(new Date(first.measuredAt), 'd MMMM')}, ${now.off} now.`}
      </p>
      <figure className={styles.overTime}>
        <figcaption>Elements off in all, by measurement</figcaption>
        <ResponsiveContainer width="100%" height="100%">
          <LineChart data={points} margin={{ top: 8, right: 24, bottom: 0, left: 0 }} accessibilityLayer={false}>
            <CartesianGrid stroke="var(--line)" vertical={false} />
            <XAxis dataKey="index" tick={CHART_TICK} stroke="var(--soft)" height={20} tickFormatter={day} />
            <YAxis width={36} tick={CHART_TICK} stroke="var(--soft)" allowDecimals={false} />
            <Tooltip
              isAnimationActive={false}
              labelFormatter={(index) => points[Number(index)]?.says ?? ''}
              formatter={(value) => [`${String(value)} off`, '']}
              separator=""
            />
            <Line dataKey="off" stroke="var(--plum)" strokeWidth={2} dot={{ r: 3 }} isAnimationActive={false} />
          </LineChart>
        </ResponsiveContainer>
      </figure>
      <NumberTable>
        <thead>
          <tr>
            <th scope="col">Page</th>
            <th scope="col">First</th>
            <th scope="col">Most</th>
            <th scope="col">Now</th>
          </tr>
        </thead>
        <tbody>
          {pages.map(({ page, off }) => {
            const known = off.filter((each) => each !== null);
            return (
              <tr key={page}>
                <th scope="row">{page}</th>
                <td>{known[0]}</td>
                <td>{Math.max(...known)}</td>
                <td>{off.at(-1) ?? 'not measured'}</td>
              </tr>
            );
          })}
        </tbody>
      </NumberTable>
      {back.length > 0 && (
        <>
          <h3 className={styles.cameBack}>Came back</h3>
          <p>Put right earlier, and off again now.</p>
          <ul>
            {back.map(({ page, things }) => (
              <li key={page}>
                {page}: {things.slice(0, NAMED).map(thingText).join('; ')}
                {things.length > NAMED && ` and ${things.length - NAMED} more`}
              </li>
            ))}
          </ul>
        </>
      )}
    </Dialog>
  );
}
