'use client';

import { type RefObject, useEffect, useRef } from 'react';
import { linesIn, wordsIn, wordsOf } from './words-in-page';

/** What comes of typing into a block: more lines or fewer, or the words, once they are done; null where they stay as they were. `next`: those of the next block follow, or of the one before. */
export type Typed = { is: 'lines'; lines: number } | { is: 'done'; words: string | null; next: -1 | 0 | 1 };

/** The words of a block in a frame, typed where they stand: Enter or a click elsewhere takes them, Tab goes on to those of the next block, Esc leaves them as they were. `onTyped` says whether they are taken. */
export function useTyping(
  frame: RefObject<HTMLIFrameElement | null>,
  block: string | null,
  onTyped: (typed: Typed) => boolean,
): void {
  const told = useRef(onTyped);
  told.current = onTyped;
  useEffect(() => {
    const inside = frame.current?.contentDocument;
    const element = block === null || !inside ? null : wordsOf(inside, block);
    if (!inside || !element) return;
    const field = element.tagName === 'TEXTAREA' ? (element as HTMLTextAreaElement) : null;
    const before = field ? field.value : element.textContent;
    let isDone = false;
    const end = (words: string | null, next: -1 | 0 | 1 = 0): void => {
      if (isDone) return;
      if (words === null && field) field.value = before;
      else if (words === null) element.textContent = before;
      // what is refused stays as it was typed, to be gone on with
      isDone = told.current({ is: 'done', words, next });
    };
    const onKeyDown = (event: KeyboardEvent): void => {
      event.stopPropagation();
      if (event.isComposing) return;
      if (!['Enter', 'Escape', 'Tab'].includes(event.key)) return;
      event.preventDefault();
      const next = event.key === 'Tab' ? (event.shiftKey ? -1 : 1) : 0;
      end(event.key === 'Escape' ? null : wordsIn(element), next);
    };
    const onInput = (): boolean => told.current({ is: 'lines', lines: linesIn(element) });
    const onBlur = (): void => end(wordsIn(element));
    if (!field) element.contentEditable = 'plaintext-only';
    frame.current!.focus();
    element.focus();
    if (field) field.select();
    else inside.getSelection()?.selectAllChildren(element);
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
      element.blur();
    };
  }, [frame, block]);
}
