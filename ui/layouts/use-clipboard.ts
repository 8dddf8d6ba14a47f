'use client';

import type { ClipboardEvent, KeyboardEvent } from 'react';
import { withoutBlocks } from '../../core/layouts/arrange';
import { copiedBlocks, pastedBlocks } from '../../core/layouts/copy-blocks';
import type { Layout } from '../../core/spec/schema';
import { useDraftStore } from '../draft/draft-context';
import type { ChosenBlocks } from './use-chosen';

/** Blocks copied, cut and pasted by the usual keys of the system (a file that is pasted goes to `onFile`), and doubled by Ctrl+D; `double` does the last by itself. */
export function useClipboard(
  layout: Layout,
  chosen: ChosenBlocks,
  say: (problem: string | null) => void,
  onFile?: (file: File) => void,
) {
  const store = useDraftStore();
  const copied = (): string => copiedBlocks(store.getState().document, layout, chosen.blocks);
  const put = (text: string): void => {
    const { document, take } = store.getState();
    const { value, problem } = pastedBlocks(document, layout.id, text, chosen.blocks.at(-1) ?? null);
    const refused = value ? take({ value: value.spec }) : problem!;
    say(refused ?? value?.otherwise ?? null);
    if (value && refused === null) chosen.chooseAll(value.ids);
  };
  const copy = (event: ClipboardEvent): boolean => {
    const text = copied();
    if (text === '') return false;
    event.preventDefault();
    event.clipboardData.setData('text/plain', text);
    return true;
  };
  const mayEdit = (): boolean => store.getState().mayEdit;
  const double = (): void => put(copied());
  return {
    double,
    handlers: {
      onCopy: (event: ClipboardEvent): void => void copy(event),
      onCut: (event: ClipboardEvent): void => {
        if (!mayEdit() || !copy(event)) return;
        say(store.getState().take({ value: withoutBlocks(store.getState().document, layout.id, chosen.blocks) }));
        chosen.clear();
      },
      onPaste: (event: ClipboardEvent): void => {
        if (!mayEdit()) return;
        event.preventDefault();
        const [file] = event.clipboardData.files;
        if (file && onFile) return onFile(file);
        put(event.clipboardData.getData('text/plain'));
      },
      onKeyDown: (event: KeyboardEvent): void => {
        if (event.key.toLowerCase() !== 'd' || !(event.ctrlKey || event.metaKey) || event.shiftKey || event.altKey)
          return;
        // the browser would keep a bookmark
        event.preventDefault();
        if (mayEdit() && chosen.blocks.length > 0) double();
      },
    },
  };
}
