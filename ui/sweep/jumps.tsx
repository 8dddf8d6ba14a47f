'use client';

import { useMemo } from 'react';
import { px } from '../../core/length/px';
import { numeral } from '../../core/length/present';
import { jumps } from '../../core/sweep/sweep-report';
import { useDraft, useView } from '../draft/draft-context';
import { Fractions } from '../drawing/numeral';
import { NumberTable } from '../parts/number-table';
import styles from './sweep.module.scss';
import { Button } from '../parts/button';

/** What changes from one px to the next where a breakpoint begins. */
export function Jumps() {
  const document = useDraft((draft) => draft.document);
  const show = useView((view) => view.show);
  const found = useMemo(() => jumps(document), [document]);
  if (found.length === 0) return null;
  return (
    <section className={styles.jumps} aria-label="Jumps">
      <h2>At each breakpoint</h2>
      <NumberTable>
        <thead>
          <tr>
            <th scope="col">at</th>
            <th scope="col">container</th>
            <th scope="col">column</th>
            <th scope="col">margin</th>
          </tr>
        </thead>
        <tbody>
          {found.map(({ at, from, to, parts }) => (
            <tr key={at}>
              <th scope="row">
                <Button look="quiet" className="number" onClick={() => show(at)} title={`${from} to ${to}`}>
                  {at}
                </Button>
              </th>
              {parts
                .filter(({ part }) => part !== 'gutter')
                .map(({ part, before, after }) => (
                  <td
                    key={part}
                    className="number"
                    data-falls={part === 'container' && px(after).compare(px(before)) < 0}
                  >
                    <Fractions text={`${numeral(px(before))} → ${numeral(px(after))}`} />
                  </td>
                ))}
            </tr>
          ))}
        </tbody>
      </NumberTable>
    </section>
  );
}
