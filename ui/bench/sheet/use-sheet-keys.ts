'use client';

import type { Parsed } from '../../../core/length/parsed';
import { removeBreakpoint } from '../../../core/sheet/breakpoints';
import { copyRange, fillRight, pasteRange } from '../../../core/sheet/clipboard';
import { type Place, placeBeside, placesIn, rangeBetween } from '../../../core/sheet/place';
import { stepCell, stepToNamed } from '../../../core/sheet/step-cell';
import { writePlaces } from '../../../core/sheet/write-places';
import type { Spec } from '../../../core/spec/schema';
import type { DraftStore } from '../../draft/draft-store';
import { type GridKeys, gridKeys } from '../../frame/grid/grid-keys';

/** The keys of the bench's sheet while no cell is being edited, and its clipboard. */
export function useSheetKeys(
  store: DraftStore,
  edit: (text: string | null) => void,
  say: (message: string) => void,
): GridKeys {
  const current = () => {
    const bench = store.getState();
    const { document, selected, anchor } = bench;
    const breakpoint = document.breakpoints.find(({ id }) => id === selected.breakpoint)!;
    return { bench, breakpoint, quantity: selected.quantity, range: rangeBetween(document, anchor, selected) };
  };

  const apply = (result: Parsed<Spec>): boolean => {
    const problem = store.getState().take(result);
    if (problem) say(problem);
    return !problem;
  };

  return gridKeys({
    edit,
    move: (down, across, extend) => {
      const { bench } = current();
      bench.select(placeBeside(bench.document, bench.selected, down, across), extend);
    },
    clear: () => {
      const { bench, breakpoint, quantity, range } = current();
      if (quantity !== 'name')
        return void apply(writePlaces(bench.document, placesIn(bench.document, range), emptyText));
      if (apply(removeBreakpoint(bench.document, breakpoint.id)))
        say(`${breakpoint.name} is removed; undo brings it back.`);
    },
    fillRight: () => {
      const { bench, range } = current();
      const right = range.left === range.right ? bench.document.breakpoints.length - 1 : range.right;
      apply(fillRight(bench.document, { ...range, right }));
    },
    step: (direction, half) => {
      const { bench, breakpoint, quantity } = current();
      apply(stepCell(bench.document, breakpoint.id, quantity, direction, half));
    },
    stepNamed: (direction) => {
      const { bench, breakpoint, quantity } = current();
      apply(stepToNamed(bench.document, breakpoint.id, quantity, direction));
    },
    copy: () => {
      const { bench, range } = current();
      say('Copied as tab-separated text.');
      return copyRange(bench.document, range);
    },
    paste: (text) => {
      const { bench, range } = current();
      const pasted = pasteRange(bench.document, range.top, range.left, text);
      if (!pasted.value) return say(pasted.problem!);
      const places = placesIn(bench.document, pasted.value.range);
      if (!apply({ value: pasted.value.spec })) return;
      bench.select(places[0]!);
      bench.select(places.at(-1)!, true);
    },
  });
}

/** What Delete puts into a cell. */
function emptyText({ quantity }: Place): string {
  if (quantity === 'notes') return '';
  return ['rowRule', 'step', 'rowLeast', 'rowMost'].includes(quantity) ? 'none' : '=';
}
