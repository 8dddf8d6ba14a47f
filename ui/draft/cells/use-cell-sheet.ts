'use client';

import { useEffect, useRef, useState } from 'react';
import { type Place, placeKey, type Rows } from '../../../core/sheet/place';
import { useDraftStore, useTogetherStore } from '../draft-context';
import type { Refusal } from './cell';
import { type Cells, type Selection, type SheetOf, useCells } from './use-cells';

export type CellSheetState<Id extends string> = Cells<Id> & Selection<Id> & { refused: Record<string, Refusal> };

/** The cells of a sheet of its own, with what is selected and refused in them. */
export function useCellSheet<Id extends string>(
  rows: Rows<Id>,
  shown: string,
  acts: Pick<SheetOf<Id>, 'remove'> = {},
): CellSheetState<Id> {
  const store = useDraftStore();
  const first: Place<Id> = { quantity: rows[0]!.id, breakpoint: shown };
  const [range, setRange] = useState<Selection<Id>>({ anchor: first, selected: first });
  // cells that were drawn before ask for what is selected now
  const newest = useRef(range);
  newest.current = range;
  const [refused, setRefused] = useState<Record<string, Refusal>>({});

  // a breakpoint or a row that is gone meanwhile is selected no longer
  const there = (place: Place<Id>): Place<Id> => {
    const isThere =
      store.getState().document.breakpoints.some(({ id }) => id === place.breakpoint) &&
      rows.some(({ id }) => id === place.quantity);
    return isThere ? place : first;
  };
  const selection = (): Selection<Id> => {
    const { anchor, selected } = newest.current;
    return { anchor: there(anchor), selected: there(selected) };
  };

  const together = useTogetherStore();
  const here = placeKey(selection().selected);
  useEffect(() => together.getState().lookAt(here), [here, together]);

  const cells = useCells<Id>({
    rows,
    selection,
    select: (place, extend = false) =>
      setRange(({ anchor }) => ({ anchor: extend ? there(anchor) : place, selected: place })),
    refuse: (key, refusal) =>
      setRefused(({ [key]: _before, ...others }) => (refusal ? { ...others, [key]: refusal } : others)),
    ...acts,
  });
  return { ...cells, ...selection(), refused };
}
