'use client';

import { useMemo } from 'react';
import { columnsAt, sumLine } from '../../core/columns/columns-at';
import { spansOf } from '../../core/columns/spans';
import { decimal, numeral } from '../../core/length/present';
import { isWhole, type Px } from '../../core/length/px';
import { breakpointAt } from '../../core/spec/ranges';
import { textAt } from '../../core/type/text-at';
import { useDraft, useView } from '../draft/draft-context';
import { Fractions, Numeral } from '../drawing/numeral';
import { NumberTable } from '../parts/number-table';
import styles from './sweep.module.scss';

/** Everything at the viewport that is pointed at, exact. */
export function WidthReadout() {
  const document = useDraft((draft) => draft.document);
  const viewport = useView((view) => view.viewport);
  const { breakpoint, solved } = useMemo(() => {
    const applies = breakpointAt(document, viewport);
    return { breakpoint: applies, solved: columnsAt(document, applies, viewport) };
  }, [document, viewport]);
  const text = document.type.map((style) => ({
    name: style.name,
    ...textAt(document, style, breakpoint, viewport, solved),
  }));
  const parts: [string, Px][] = [
    ['Column', solved.column],
    ['Gutter', solved.gutter],
    ['Container', solved.container],
    ['Start margin', solved.marginStart],
    ['End margin', solved.marginEnd],
  ];
  return (
    <section className={styles.readout} aria-label="At this viewport">
      <h2>
        <span className="number">{viewport}</span> {breakpoint.name}
      </h2>
      <p className="number">
        <Fractions text={sumLine(solved, numeral)} />
      </p>
      <NumberTable>
        <tbody>
          {parts.map(([name, length]) => (
            <tr key={name} data-whole={isWhole(length)}>
              <th scope="row">{name}</th>
              <td className="number" title={`${decimal(length)} px`}>
                <Numeral text={numeral(length)} />
              </td>
            </tr>
          ))}
        </tbody>
      </NumberTable>
      {text.length > 0 && (
        <NumberTable>
          <tbody>
            {text.map(({ name, size, leading, characters }) => (
              <tr key={name}>
                <th scope="row">{name}</th>
                <td className="number">
                  {decimal(size)} / {decimal(leading)}, {Math.round(characters.valueOf())} characters
                </td>
              </tr>
            ))}
          </tbody>
        </NumberTable>
      )}
      <p className={styles.spans}>
        Spans{' '}
        <span className="number">
          {spansOf(solved).map(({ columns, width }) => (
            <span key={columns} title={`${columns} columns: ${decimal(width)} px`}>
              <Fractions text={numeral(width)} />{' '}
            </span>
          ))}
        </span>
      </p>
    </section>
  );
}
