'use client';

import { useMemo } from 'react';
import { counted, decimal } from '../../core/length/present';
import { type Px, ZERO } from '../../core/length/px';
import type { InRows } from '../../core/rows/row-sum';
import { settingsOf } from '../../core/quantities/text/settings';
import { byWidth } from '../../core/spec/ranges';
import type { Breakpoint, TextStyle } from '../../core/spec/schema';
import { paragraphAt, pictureStart, type TextAt, textAt } from '../../core/type/text-at';
import { CellSheet } from '../draft/cells/cell-sheet';
import { useDraft } from '../draft/draft-context';
import styles from './type.module.scss';

type Props = { style: TextStyle; breakpoint: Breakpoint };

const PARAGRAPH = 300;

/** A style at every breakpoint: what is given, and everything that comes of it. */
export function SettingTable({ style, breakpoint: shown }: Props) {
  const document = useDraft((draft) => draft.document);
  const each = byWidth(document.breakpoints).map((breakpoint) => ({
    breakpoint,
    text: textAt(document, style, breakpoint),
  }));
  const rows = useMemo(() => settingsOf(style.name), [style.name]);
  const isTrimmed = style.stands !== 'line-box';
  const worked: [string, (text: TextAt) => Px][] = [
    ['Half-leading', ({ halfLeading }) => halfLeading],
    [isTrimmed ? 'Baseline in the trimmed box' : 'First baseline', ({ baseline }) => baseline],
    ['Move down to the grid', ({ shift }) => shift],
    [
      style.stands === 'x-height' ? 'Trim above, to x-height' : 'Trim above, to cap height',
      ({ edgeTrim }) => edgeTrim.over,
    ],
    ['Trim below, to baseline', ({ edgeTrim }) => edgeTrim.under],
    ['Picture, level with ascenders', (text) => pictureStart(text).ascenders],
    ['Picture, level with caps', (text) => pictureStart(text).caps],
    ['Picture, level with x-height', (text) => pictureStart(text).xHeight],
  ];

  return (
    <div className={styles.settings}>
      <CellSheet
        key={style.name}
        label={`${style.name} at every breakpoint`}
        rows={rows}
        breakpoints={each.map(({ breakpoint }) => breakpoint)}
        shown={shown.id}
        head="At the design size"
        labels={styles.labels}
      />
      <table aria-label={`Resulting values of ${style.name} at every breakpoint`}>
        <colgroup>
          <col className={styles.labels} />
        </colgroup>
        <thead className="visually-hidden">
          <tr>
            <td />
            {each.map(({ breakpoint: { id, name } }) => (
              <th key={id} scope="col">
                {name}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          <tr data-worked>
            <th scope="row">Line height</th>
            {each.map(({ breakpoint, text }) => (
              <td key={breakpoint.id} className="number">
                {decimal(text.ratio)}
              </td>
            ))}
          </tr>
          {worked.map(([label, read]) => (
            <tr key={label} data-worked>
              <th scope="row">{label}</th>
              {each.map(({ breakpoint, text }) => (
                <td key={breakpoint.id} className="number" title={`${read(text).toFraction()} px`}>
                  {read(text).valueOf().toFixed(3)}
                </td>
              ))}
            </tr>
          ))}
          <tr data-worked>
            <th scope="row">Characters a line</th>
            {each.map(({ breakpoint, text }) => (
              <td key={breakpoint.id} className="number">
                {Math.round(text.characters.valueOf())}
              </td>
            ))}
          </tr>
          <tr data-worked>
            <th scope="row">{PARAGRAPH} characters take</th>
            {each.map(({ breakpoint, text }) => {
              const { lines, height, inRows } = paragraphAt(document, breakpoint, text, PARAGRAPH);
              return (
                <td key={breakpoint.id} className="number" title={`${decimal(height)} px high`}>
                  {lines} lines
                  <small>{heightText(height, inRows)}</small>
                </td>
              );
            })}
          </tr>
        </tbody>
      </table>
    </div>
  );
}

/** `11 rows + 4 px`; without rows, or in less than one, the height. */
function heightText(height: Px, inRows: InRows | null): string {
  if (!inRows || inRows.rows === 0) return `${rounded(height)} px`;
  const rest = inRows.rest.equals(ZERO) ? '' : ` + ${rounded(inRows.rest)} px`;
  return `${counted(inRows.rows, 'row')}${rest}`;
}

function rounded(length: Px): string {
  return String(Number(length.valueOf().toFixed(1)));
}
