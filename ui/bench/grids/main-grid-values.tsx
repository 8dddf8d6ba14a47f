'use client';

import { asMainGrid, type GridPlace, isGiven } from '../../../core/breakpoints/grid-parts';
import type { CellQuantity } from '../../../core/quantities/quantity';
import { QUANTITIES } from '../../../core/quantities/registry';
import { placesIn, rangeBetween } from '../../../core/sheet/place';
import type { GridPart } from '../../../core/spec/named-grids';
import type { Breakpoint, NamedGrid } from '../../../core/spec/schema';
import { useDraft, useDraftStore, useView } from '../../draft/draft-context';
import { BareButton } from '../../parts/bare-button';

/** The place of a grid that a cell stands for; null for what is no part of a grid, such as a name. */
export function gridPlace({ address }: Pick<CellQuantity, 'address'>, breakpoint: Breakpoint): GridPlace | null {
  const [, id, part, key] = address(breakpoint);
  const isPart = part === 'columns' || part === 'rows' || part === 'baseline';
  return isPart ? { breakpoint: id!, part: part as GridPart, ...(key !== undefined && { key }) } : null;
}

/** Does a cell show what the main grid says, where a grid beside it is shown? */
export function isOfMainGrid(grid: NamedGrid | null, quantity: CellQuantity, breakpoint: Breakpoint): boolean {
  const place = grid && gridPlace(quantity, breakpoint);
  return place ? !isGiven(grid!, place) : false;
}

/** Takes the selected cells back to what the main grid has there. */
export function MainGridValues() {
  const store = useDraftStore();
  const grid = useDraft((draft) => draft.grid);
  const document = useDraft((draft) => draft.document);
  const [anchor, selected] = [useView((view) => view.anchor), useView((view) => view.selected)];
  if (!grid) return null;
  const places = placesIn(document, rangeBetween(document, anchor, selected)).flatMap(
    ({ breakpoint: id, quantity }) => {
      const breakpoint = document.breakpoints.find((each) => each.id === id)!;
      const place = gridPlace(
        QUANTITIES.find((each) => each.id === quantity)!,
        breakpoint,
      );
      return place && isGiven(grid, place) ? [place] : [];
    },
  );
  return (
    <BareButton
      data-edits
      disabled={places.length === 0}
      title="Drop what this grid sets in the selected cells"
      onClick={() => {
        const { whole, changeWhole } = store.getState();
        changeWhole(asMainGrid(whole, grid.id, places));
      }}
    >
      Use main grid’s value
    </BareButton>
  );
}
