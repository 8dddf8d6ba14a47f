'use client';

import { type RefObject, useEffect, useRef } from 'react';

/** What comes of typing into a block: more lines or fewer, or the words, once they are done; null where they stay as they were. `next`: those of the next block follow, or of the one before. */
export type Typed = { is: 'lines'; lines: number } | { is: 'done'; words: string | null; next: -1 | 0 | 1 };

/** The words of a block in a frame, typed where they stand: Enter or a click elsewhere takes them, Tab goes on to those of the next block, Esc leaves them as they were. */
export function useTyping(
  frame: RefObject<HTMLIFrameElement | null>,
  block: string | null,
  onTyped: (typed: Typed) => void,
): void {
  const told = useRef(onTyped);
  told.current = onTyped;
  useEffect(() => {
    const inside = frame.current?.contentDocument;
    const element = block === null ? null : inside?.querySelector<HTMLElement>(`[data-block="${CSS.escape(block)}"]`);
    if (!inside || !element) return;
    const before = element.textContent;
    let isDone = false;
    const end = (words: string | null, next: -1 | 0 | 1 = 0): void => {
      if (isDone) return;
      isDone = true;
      if (words === null) element.textContent = before;
      told.current({ is: 'done', words, next });
    };
    const onKeyDown = (event: KeyboardEvent): void => {
      event.stopPropagation();
      if (event.isComposing) return;
      if (!['Enter', 'Escape', 'Tab'].includes(event.key)) return;
      event.preventDefault();
      const next = event.key === 'Tab' ? (event.shiftKey ? -1 : 1) : 0;
      end(event.key === 'Escape' ? null : wordsIn(element), next);
    };
    const onInput = (): void => told.current({ is: 'lines', lines: linesIn(element) });
    const onBlur = (): void => end(wordsIn(element));
    element.contentEditable = 'plaintext-only';
    frame.current!.focus();
    element.focus();
    inside.getSelection()?.selectAllChildren(element);
    element.addEventListener('keydown', onKeyDown);
    element.addEventListener('input', onInput);
    element.addEventListener('blur', onBlur);
    onInput();
    return () => {
      isDone = true;
      element.removeEventListener('keydown', onKeyDown);
      element.removeEventListener('input', onInput);
      element.removeEventListener('blur', onBlur);
      element.removeAttribute('contenteditable');
    };
  }, [frame, block]);
}

/** Words as a line: what is pasted with breaks goes on in it. */
function wordsIn(element: HTMLElement): string {
  return (element.textContent ?? '').replace(/\s+/g, ' ').trim();
}

/** How many lines the words take where they stand. */
function linesIn(element: HTMLElement): number {
  const range = element.ownerDocument.createRange();
  range.selectNodeContents(element);
  const tops = [...range.getClientRects()].map(({ top }) => Math.round(top));
  return new Set(tops).size;
}
