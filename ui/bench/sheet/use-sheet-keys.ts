'use client';

import type { ClipboardEvent, KeyboardEvent } from 'react';
import { removeBreakpoint } from '../../../core/sheet/breakpoints';
import { copyRange, fillRight, pasteRange, type SheetRange } from '../../../core/sheet/clipboard';
import { QUANTITIES } from '../../../core/sheet/quantities';
import { stepCell, stepToNamed } from '../../../core/sheet/step-cell';
import { writeCell } from '../../../core/sheet/write-cell';
import type { Parsed } from '../../../core/length/parsed';
import { byWidth } from '../../../core/spec/ranges';
import type { Spec } from '../../../core/spec/schema';
import type { DraftState, DraftStore, Place } from '../../draft/draft-store';

/** The selected rectangle of the sheet. */
export function selectedRange({ anchor, selected }: Pick<DraftState, 'anchor' | 'selected'>): SheetRange {
  return {
    top: Math.min(anchor.row, selected.row),
    bottom: Math.max(anchor.row, selected.row),
    left: Math.min(anchor.column, selected.column),
    right: Math.max(anchor.column, selected.column),
  };
}

export function cellKey(breakpoint: string, quantity: string): string {
  return `${breakpoint} ${quantity}`;
}

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
    const { row, column } = bench.selected;
    return { bench, breakpoint: byWidth(bench.document.breakpoints)[column]!, quantity: QUANTITIES[row]! };
  };

  const apply = (result: Parsed<Spec>): void => {
    if (result.value) store.getState().change(result.value);
    else say(result.problem!);
  };

  const move = (down: number, across: number, extend: boolean): void => {
    const { bench } = current();
    const next: Place = {
      row: clamp(bench.selected.row + down, QUANTITIES.length - 1),
      column: clamp(bench.selected.column + across, bench.document.breakpoints.length - 1),
    };
    bench.select(next, extend);
  };

  const remove = (): void => {
    const { bench, breakpoint, quantity } = current();
    if (quantity.id === 'name') {
      apply(removeBreakpoint(bench.document, breakpoint.id));
      move(0, 0, false);
      return say(`${breakpoint.name} is removed; undo brings it back.`);
    }
    apply(
      writeCell(
        bench.document,
        breakpoint.id,
        quantity.id,
        quantity.id === 'notes' ? '' : quantity.id === 'rowRule' || quantity.id === 'step' ? 'none' : '=',
      ),
    );
  };

  const fill = (): void => {
    const { bench } = current();
    const range = selectedRange(bench);
    const right = range.left === range.right ? bench.document.breakpoints.length - 1 : range.right;
    apply(fillRight(bench.document, { ...range, right }));
  };

  const onKeyDown = (event: KeyboardEvent): void => {
    const { bench, breakpoint, quantity } = current();
    const arrow = ARROWS[event.key];
    if (event.altKey && !event.ctrlKey && (event.key === 'ArrowUp' || event.key === 'ArrowDown')) {
      event.preventDefault();
      return apply(
        stepCell(bench.document, breakpoint.id, quantity.id, event.key === 'ArrowUp' ? 1 : -1, event.shiftKey),
      );
    }
    if (event.altKey && (event.key === 'PageUp' || event.key === 'PageDown')) {
      event.preventDefault();
      return apply(stepToNamed(bench.document, breakpoint.id, quantity.id, event.key === 'PageUp' ? 1 : -1));
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
    const { bench } = current();
    event.preventDefault();
    event.clipboardData.setData('text/plain', copyRange(bench.document, selectedRange(bench)));
    say('Copied as tab-separated text.');
  };

  const onPaste = (event: ClipboardEvent): void => {
    event.preventDefault();
    const { bench } = current();
    const { top, left } = selectedRange(bench);
    const pasted = pasteRange(bench.document, top, left, event.clipboardData.getData('text/plain'));
    if (!pasted.value) return say(pasted.problem!);
    const { spec, range } = pasted.value;
    bench.change(spec);
    bench.select({ row: range.top, column: range.left });
    bench.select({ row: range.bottom, column: range.right }, true);
  };

  return { onKeyDown, onCopy, onPaste };
}

const ARROWS: Record<string, [number, number]> = {
  ArrowUp: [-1, 0],
  ArrowDown: [1, 0],
  ArrowLeft: [0, -1],
  ArrowRight: [0, 1],
};

function clamp(value: number, most: number): number {
  return Math.min(most, Math.max(0, value));
}
