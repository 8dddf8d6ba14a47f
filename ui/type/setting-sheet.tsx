'use client';

import { useEffect, useRef } from 'react';
import { decimal } from '../../core/length/present';
import { isMultipleOf, type Px, ZERO } from '../../core/length/px';
import type { Breakpoint, TextStyle } from '../../core/spec/schema';
import { SETTING_PARTS, settingKey, settingsBetween, settingText } from '../../core/type/setting-cells';
import { stepOf, type TextAt } from '../../core/type/text-at';
import type { SettingPart } from '../../core/type/write-style';
import { useDraft } from '../draft/draft-context';
import { CellField } from '../frame/grid/cell-field';
import gridStyles from '../frame/grid/grid.module.scss';
import styles from './type.module.scss';
import { type SettingSheetState, useSettingSheet } from './use-setting-sheet';

/** A style worked out at a breakpoint. */
export type StyleAt = { breakpoint: Breakpoint; text: TextAt };

const WORDS: Record<SettingPart, { label: string; hint: string }> = {
  size: { label: 'Size', hint: '16, 1.125rem, or growing: 16 to 20 over 640 to 1416.' },
  leading: { label: 'Leading', hint: '24, 1.5 ×, or growing: 24 to 28 over 640 to 1416.' },
  span: { label: 'Columns', hint: 'How many columns the text runs over.' },
};

const SAYS = 'settings-say';

type Props = { style: TextStyle; each: StyleAt[]; shown: string };

/** What is given of a style at every breakpoint, as a sheet: one text for all cells that are selected. */
export function SettingSheet({ style, each, shown }: Props) {
  const document = useDraft((draft) => draft.document);
  const table = useRef<HTMLTableElement>(null);
  const sheet = useSettingSheet(style, shown);
  const { selected, anchor, editing, refused, message } = sheet;
  const inRange = new Set(settingsBetween(document, anchor, selected).flat().map(settingKey));

  // the focus goes where the keys go, and back to the cell whose field has closed
  const wasEditing = useRef(false);
  useEffect(() => {
    const { activeElement, body } = window.document;
    const isHere = table.current?.contains(activeElement) || (wasEditing.current && activeElement === body);
    wasEditing.current = editing !== null;
    if (!editing && isHere) table.current?.querySelector<HTMLElement>('[tabindex="0"]')?.focus();
  });

  return (
    <>
      <table ref={table} role="grid" aria-label={`${style.name} at every breakpoint`} {...sheet.keys}>
        <colgroup>
          <col className={styles.labels} />
        </colgroup>
        <thead>
          <tr role="row">
            <th scope="col">At the width it is drawn at</th>
            {each.map(({ breakpoint: { id, name } }) => (
              <th key={id} scope="col" data-shown={id === shown || undefined}>
                {name}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {SETTING_PARTS.map((part) => (
            <tr key={part} role="row">
              <th scope="row">{WORDS[part].label}</th>
              {each.map((at) => (
                <SettingCell
                  key={at.breakpoint.id}
                  sheet={sheet}
                  style={style}
                  at={at}
                  part={part}
                  isInRange={inRange.has(settingKey({ part, breakpoint: at.breakpoint.id }))}
                />
              ))}
            </tr>
          ))}
        </tbody>
      </table>
      <p id={SAYS} className={gridStyles.line} role="status" data-problem={refused !== null || undefined}>
        {refused?.problem ?? message ?? (
          <>
            <strong>{WORDS[selected.part].label}</strong> {WORDS[selected.part].hint} Delete takes it from the narrower
            breakpoint.
          </>
        )}
      </p>
    </>
  );
}

type CellProps = {
  sheet: SettingSheetState;
  style: TextStyle;
  at: StyleAt;
  part: SettingPart;
  isInRange: boolean;
};

function SettingCell({ sheet, style, at: { breakpoint, text: worked }, part, isInRange }: CellProps) {
  const document = useDraft((draft) => draft.document);
  const place = { part, breakpoint: breakpoint.id };
  const key = settingKey(place);
  const text = settingText(document, style, breakpoint, part);
  const isSelected = settingKey(sheet.selected) === key;
  const isEdited = isSelected && sheet.editing !== null;
  const refused = sheet.refused?.key === key ? sheet.refused : null;
  const label = `${WORDS[part].label}, ${breakpoint.name}`;
  const inPx =
    part === 'span' || /^[\d.]+$/.test(text) ? null : decimal(part === 'size' ? worked.size : worked.leading);
  return (
    <td
      role="gridcell"
      className={gridStyles.cell}
      tabIndex={isSelected && !isEdited ? 0 : -1}
      aria-selected={isInRange}
      aria-label={`${label}: ${refused?.text ?? text}${inPx === null ? '' : ` (${inPx} px)`}`}
      data-in-range={isInRange || undefined}
      data-follows={!Object.hasOwn(style.at, breakpoint.id) || undefined}
      data-flag={
        refused
          ? 'refused'
          : part === 'leading' && isOff(worked.leading, stepOf(document, breakpoint))
            ? 'weigh'
            : undefined
      }
      onMouseDown={(event) => !isEdited && sheet.select(place, event.shiftKey)}
      onFocus={() => !isSelected && !sheet.editing && sheet.select(place, false)}
      onDoubleClick={() => !isEdited && sheet.edit(null)}
    >
      {isEdited ? (
        <CellField
          label={label}
          text={sheet.editing!.text ?? refused?.text ?? text}
          replace={sheet.editing!.text !== null}
          problem={refused?.problem ?? null}
          saysId={SAYS}
          onCommit={(typed, leave) => sheet.commit(typed, leave)}
          onBlur={(typed) => sheet.commit(typed, null)}
          onCancel={sheet.cancel}
        />
      ) : (
        <>
          <span className={gridStyles.text}>{refused?.text ?? text}</span>
          {inPx !== null && <small>{inPx}</small>}
        </>
      )}
    </td>
  );
}

function isOff(leading: Px, step: Px): boolean {
  return step.compare(ZERO) > 0 && !isMultipleOf(leading, step);
}
