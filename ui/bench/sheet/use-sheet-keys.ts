'use client';

import type { ClipboardEvent, KeyboardEvent } from 'react';
import type { Parsed } from '../../../core/length/parsed';
import { removeBreakpoint } from '../../../core/sheet/breakpoints';
import { copyRange, fillRight, pasteRange } from '../../../core/sheet/clipboard';
import { type Place, placeBeside, placesIn, rangeBetween } from '../../../core/sheet/place';
import { stepCell, stepToNamed } from '../../../core/sheet/step-cell';
import { writePlaces } from '../../../core/sheet/write-places';
import type { Spec } from '../../../core/spec/schema';
import type { DraftStore } from '../../draft/draft-store';

type Sheet = {
  onKeyDown: (event: KeyboardEvent) => void;
  onCopy: (event: ClipboardEvent) => void;
  onPaste: (event: ClipboardEvent) => void;
};

/** The keys of the sheet while no cell is being edited, and its clipboard. */
export function useSheetKeys(
  store: DraftStore,
  edit: (text: string | null) => void,
  say: (message: string) => void,
): Sheet {
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

  const move = (down: number, across: number, extend: boolean): void => {
    const { bench } = current();
    bench.select(placeBeside(bench.document, bench.selected, down, across), extend);
  };

  const remove = (): void => {
    const { bench, breakpoint, quantity, range } = current();
    if (quantity === 'name') {
      if (apply(removeBreakpoint(bench.document, breakpoint.id)))
        say(`${breakpoint.name} is removed; undo brings it back.`);
      return;
    }
    apply(writePlaces(bench.document, placesIn(bench.document, range), emptyText));
  };

  const fill = (): void => {
    const { bench, range } = current();
    const right = range.left === range.right ? bench.document.breakpoints.length - 1 : range.right;
    apply(fillRight(bench.document, { ...range, right }));
  };

  const onKeyDown = (event: KeyboardEvent): void => {
    // keys on a button or field that stands in the sheet are its own
    if (!(event.target as HTMLElement).matches('[role=gridcell], [role=grid]')) return;
    const { bench, breakpoint, quantity } = current();
    const arrow = ARROWS[event.key];
    if (event.altKey && !event.ctrlKey && (event.key === 'ArrowUp' || event.key === 'ArrowDown')) {
      event.preventDefault();
      return void apply(
        stepCell(bench.document, breakpoint.id, quantity, event.key === 'ArrowUp' ? 1 : -1, event.shiftKey),
      );
    }
    if (event.altKey && (event.key === 'PageUp' || event.key === 'PageDown')) {
      event.preventDefault();
      return void apply(stepToNamed(bench.document, breakpoint.id, quantity, event.key === 'PageUp' ? 1 : -1));
    }
    if (event.altKey && event.code === 'KeyR') {
      event.preventDefault();
      return fill();
    }
    if (event.ctrlKey || event.metaKey || event.altKey) return;
    if (arrow) {
      event.preventDefault();
      return move(arrow[0], arrow[1], event.shiftKey);
    }
    if (event.key === 'Home' || event.key === 'End') {
      event.preventDefault();
      return move(0, event.key === 'Home' ? -99 : 99, event.shiftKey);
    }
    if (event.key === 'Enter' || event.key === 'F2') {
      event.preventDefault();
      return edit(null);
    }
    if (event.key === 'Delete' || event.key === 'Backspace') {
      event.preventDefault();
      return remove();
    }
    if (event.key.length === 1 && event.key !== ' ' && event.key !== '?') {
      event.preventDefault();
      edit(event.key);
    }
  };

  const onCopy = (event: ClipboardEvent): void => {
    const { bench, range } = current();
    event.preventDefault();
    event.clipboardData.setData('text/plain', copyRange(bench.document, range));
    say('Copied as tab-separated text.');
  };

  const onPaste = (event: ClipboardEvent): void => {
    event.preventDefault();
    const { bench, range } = current();
    const pasted = pasteRange(bench.document, range.top, range.left, event.clipboardData.getData('text/plain'));
    if (!pasted.value) return say(pasted.problem!);
    const places = placesIn(bench.document, pasted.value.range);
    if (!apply({ value: pasted.value.spec })) return;
    bench.select(places[0]!);
    bench.select(places.at(-1)!, true);
  };

  return { onKeyDown, onCopy, onPaste };
}

const ARROWS: Record<string, [number, number]> = {
  ArrowUp: [-1, 0],
  ArrowDown: [1, 0],
  ArrowLeft: [0, -1],
  ArrowRight: [0, 1],
};

/** What Delete puts into a cell. */
function emptyText({ quantity }: Place): string {
  if (quantity === 'notes') return '';
  return ['rowRule', 'step', 'rowLeast', 'rowMost'].includes(quantity) ? 'none' : '=';
}
