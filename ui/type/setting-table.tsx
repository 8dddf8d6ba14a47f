'use client';

import type { Parsed } from '../../core/length/parsed';
import { counted, decimal } from '../../core/length/present';
import { isMultipleOf, type Px, ZERO } from '../../core/length/px';
import type { InRows } from '../../core/rows/row-sum';
import { byWidth } from '../../core/spec/ranges';
import { sizeText } from '../../core/length/size';
import type { Breakpoint, Spec, TextStyle } from '../../core/spec/schema';
import { leadingText } from '../../core/type/style-text';
import { paragraphAt, pictureStart, stepOf, type TextAt, textAt } from '../../core/type/text-at';
import { type SettingPart, writeSetting } from '../../core/type/write-style';
import { useDraft } from '../draft/draft-context';
import { CommitField } from '../frame/commit-field';
import styles from './type.module.scss';

type Props = { style: TextStyle; breakpoint: Breakpoint; write: (written: Parsed<Spec>) => string | null };

const PARTS: { part: SettingPart; label: string; hint: string; read: (text: TextAt) => string }[] = [
  {
    part: 'size',
    label: 'Size',
    hint: '16, 1.125rem, or growing: 16 to 20 over 640 to 1416',
    read: ({ setting }) => sizeText(setting.size),
  },
  {
    part: 'leading',
    label: 'Leading',
    hint: '24, 1.5 ×, or growing: 24 to 28 over 640 to 1416',
    read: ({ setting }) => leadingText(setting.leading),
  },
  {
    part: 'span',
    label: 'Columns',
    hint: 'How many columns the text runs over',
    read: ({ setting }) => String(setting.span),
  },
];

const PARAGRAPH = 300;

/** A style at every breakpoint: what is given, and everything that comes of it. */
export function SettingTable({ style, breakpoint: shown, write }: Props) {
  const document = useDraft((draft) => draft.document);
  const each = byWidth(document.breakpoints).map((breakpoint) => ({
    breakpoint,
    text: textAt(document, style, breakpoint),
    step: stepOf(document, breakpoint),
  }));
  const isTrimmed = style.stands !== 'line-box';
  const worked: [string, (text: TextAt) => Px][] = [
    ['Half-leading', ({ halfLeading }) => halfLeading],
    [isTrimmed ? 'Baseline in the trimmed box' : 'First baseline', ({ baseline }) => baseline],
    ['Move down to the grid', ({ shift }) => shift],
    [
      style.stands === 'x-height' ? 'Trim over, to the x-height' : 'Trim over, to the caps',
      ({ edgeTrim }) => edgeTrim.over,
    ],
    ['Trim under, to the baseline', ({ edgeTrim }) => edgeTrim.under],
    ['Picture, level with ascenders', (text) => pictureStart(text).ascenders],
    ['Picture, level with caps', (text) => pictureStart(text).caps],
    ['Picture, level with x-height', (text) => pictureStart(text).xHeight],
  ];

  return (
    <div className={styles.settings}>
      <table aria-label={`${style.name} at every breakpoint`}>
        <thead>
          <tr>
            <th scope="col">At the width it is drawn at</th>
            {each.map(({ breakpoint: { id, name } }) => (
              <th key={id} scope="col" data-shown={id === shown.id || undefined}>
                {name}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {PARTS.map(({ part, label, hint, read }) => (
            <tr key={part}>
              <th scope="row">{label}</th>
              {each.map(({ breakpoint, text, step }) => (
                <td key={breakpoint.id} data-off={part === 'leading' && isOff(text.leading, step) ? true : undefined}>
                  <CommitField
                    label={`${label}, ${breakpoint.name}`}
                    title={hint}
                    value={read(text)}
                    onCommit={(typed) => write(writeSetting(document, style.name, breakpoint, part, typed))}
                  />
                  {part !== 'span' && !/^[\d.]+$/.test(read(text)) && (
                    <small className="number">{decimal(part === 'size' ? text.size : text.leading)}</small>
                  )}
                </td>
              ))}
            </tr>
          ))}
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

function isOff(leading: Px, step: Px): boolean {
  return step.compare(ZERO) > 0 && !isMultipleOf(leading, step);
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
