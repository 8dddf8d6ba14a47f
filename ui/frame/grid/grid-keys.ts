import type { ClipboardEvent, KeyboardEvent } from 'react';

/** What can be done with the cells of a sheet; what a sheet has no use for is left out. */
export type GridActs = {
  move: (down: number, across: number, extend: boolean) => void;
  /** Opens the selected cell: with what it holds (null), or with a first letter in its place. */
  edit: (text: string | null) => void;
  clear: () => void;
  fillRight: () => void;
  copy: () => string;
  paste: (text: string) => void;
  step?: (direction: 1 | -1, half: boolean) => void;
  stepNamed?: (direction: 1 | -1) => void;
  /** What Space (one’s own) and Esc (the others’) choose where two changed the same; null where nothing waits for it. */
  choosing?: (mine: boolean) => (() => void) | null;
};

export type GridKeys = {
  onKeyDown: (event: KeyboardEvent) => void;
  onCopy: (event: ClipboardEvent) => void;
  onPaste: (event: ClipboardEvent) => void;
};

/** The keys and the clipboard of a sheet while none of its cells is being edited: the same in every sheet. */
export function gridKeys(acts: GridActs): GridKeys {
  /** What a key does; null where it is not one of the sheet's. */
  const actOf = (event: KeyboardEvent): (() => void) | null => {
    const { key, shiftKey } = event;
    const command = event.ctrlKey || event.metaKey;
    if (event.altKey) {
      const direction = key === 'ArrowUp' || key === 'PageUp' ? 1 : -1;
      if (command) return null;
      if (key === 'ArrowUp' || key === 'ArrowDown') return () => acts.step?.(direction, shiftKey);
      if (key === 'PageUp' || key === 'PageDown') return () => acts.stepNamed?.(direction);
      return event.code === 'KeyR' && !shiftKey ? acts.fillRight : null;
    }
    if (command) return null;
    const arrow = ARROWS[key];
    if (arrow) return () => acts.move(...arrow, shiftKey);
    if (key === 'Home' || key === 'End') return () => acts.move(0, key === 'Home' ? -99 : 99, shiftKey);
    if (key === 'Enter' || key === 'F2') return () => acts.edit(null);
    if (key === 'Delete' || key === 'Backspace') return acts.clear;
    if (key === ' ' || key === 'Escape') return acts.choosing?.(key === ' ') ?? null;
    return key.length === 1 && key !== '?' ? () => acts.edit(key) : null;
  };

  return {
    onKeyDown: (event) => {
      // keys on a button or field that stands in the sheet are its own
      if (!(event.target as HTMLElement).matches('[role=gridcell], [role=grid]')) return;
      const act = actOf(event);
      if (!act) return;
      event.preventDefault();
      act();
    },
    onCopy: (event) => {
      event.preventDefault();
      event.clipboardData.setData('text/plain', acts.copy());
    },
    onPaste: (event) => {
      event.preventDefault();
      acts.paste(event.clipboardData.getData('text/plain'));
    },
  };
}

const ARROWS: Record<string, [number, number]> = {
  ArrowUp: [-1, 0],
  ArrowDown: [1, 0],
  ArrowLeft: [0, -1],
  ArrowRight: [0, 1],
};
