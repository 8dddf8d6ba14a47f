'use client';

import { useMemo, useRef } from 'react';
import type { CellQuantity } from '../../core/quantities/quantity';
import { settingsOf } from '../../core/quantities/text/settings';
import { placeKey, placesIn, rangeBetween } from '../../core/sheet/place';
import type { Breakpoint, TextStyle } from '../../core/spec/schema';
import type { TextAt } from '../../core/type/text-at';
import type { SettingPart } from '../../core/type/write-style';
import { Cell } from '../draft/cells/cell';
import { cellProps } from '../draft/cells/cell-props';
import { flagsOf } from '../draft/cells/flags';
import { useGridFocus } from '../draft/cells/use-grid-focus';
import { useDraft } from '../draft/draft-context';
import gridStyles from '../frame/grid/grid.module.scss';
import styles from './type.module.scss';
import { useSettingSheet } from './use-setting-sheet';

/** A style worked out at a breakpoint. */
export type StyleAt = { breakpoint: Breakpoint; text: TextAt };

const SAYS = 'settings-say';

type Props = { style: TextStyle; each: StyleAt[]; shown: string };

/** What is given of a style at every breakpoint, as a sheet: one text for all cells that are selected. */
export function SettingSheet({ style, each, shown }: Props) {
  const document = useDraft((draft) => draft.document);
  const table = useRef<HTMLTableElement>(null);
  const rows = useMemo(() => settingsOf(style.name), [style.name]);
  const sheet = useSettingSheet(rows, shown);
  const { selected, anchor, editing, refused, message, keys } = sheet;
  useGridFocus(table, editing !== null);

  const flags = flagsOf(document);
  const inRange = new Set(placesIn(document, rangeBetween(document, anchor, selected, rows), rows).map(placeKey));
  const problem = refused[placeKey(selected)]?.problem;
  const about = rows.find(({ id }) => id === selected.quantity)!;
  const cell = (quantity: CellQuantity<SettingPart>, { breakpoint }: StyleAt) => {
    const place = { quantity: quantity.id, breakpoint: breakpoint.id };
    return (
      <Cell
        key={breakpoint.id}
        {...cellProps(quantity, breakpoint, { ...sheet, flags, saysId: SAYS })}
        cell={quantity.read(document, breakpoint)}
        note={null}
        isInRange={inRange.has(placeKey(place))}
      />
    );
  };

  return (
    <>
      <table ref={table} role="grid" aria-label={`${style.name} at every breakpoint`} {...keys}>
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
          {rows.map((quantity) => (
            <tr key={quantity.id} role="row">
              <th scope="row">{quantity.label}</th>
              {each.map((at) => cell(quantity, at))}
            </tr>
          ))}
        </tbody>
      </table>
      <p id={SAYS} className={gridStyles.line} role="status" data-problem={problem !== undefined || undefined}>
        {problem ?? message ?? (
          <>
            <strong>{about.label}</strong> {about.hint} Delete takes it from {about.followed}.
          </>
        )}
      </p>
    </>
  );
}
