'use client';

import { useRef, useState } from 'react';
import type { Place, Rows } from '../../core/sheet/place';
import type { SettingPart } from '../../core/type/write-style';
import type { Refusal } from '../draft/cells/cell';
import { type Cells, type Selection, useCells } from '../draft/cells/use-cells';
import { useDraftStore } from '../draft/draft-context';

type SettingSheetState = Cells<SettingPart> & Selection<SettingPart> & { refused: Record<string, Refusal> };

/** The cells of a text style's sheet, with what is selected and refused in them. */
export function useSettingSheet(rows: Rows<SettingPart>, shown: string): SettingSheetState {
  const store = useDraftStore();
  const first: Place<SettingPart> = { quantity: 'size', breakpoint: shown };
  const [range, setRange] = useState<Selection<SettingPart>>({ anchor: first, selected: first });
  // cells that were drawn before ask for what is selected now
  const newest = useRef(range);
  newest.current = range;
  const [refused, setRefused] = useState<Record<string, Refusal>>({});

  // a breakpoint that is gone meanwhile is selected no longer
  const there = (place: Place<SettingPart>): Place<SettingPart> =>
    store.getState().document.breakpoints.some(({ id }) => id === place.breakpoint) ? place : first;
  const selection = (): Selection<SettingPart> => {
    const { anchor, selected } = newest.current;
    return { anchor: there(anchor), selected: there(selected) };
  };

  const cells = useCells<SettingPart>({
    rows,
    selection,
    select: (place, extend = false) =>
      setRange(({ anchor }) => ({ anchor: extend ? there(anchor) : place, selected: place })),
    refuse: (key, refusal) =>
      setRefused(({ [key]: _before, ...others }) => (refusal ? { ...others, [key]: refusal } : others)),
  });
  return { ...cells, ...selection(), refused };
}
