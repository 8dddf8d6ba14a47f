import type { KeyboardEvent } from 'react';
import type { SheetQuantity } from '../../../core/sheet/quantities';

export type Leave = 'down' | 'up' | 'right' | 'left' | 'stay';

export type EditorProps = {
  quantity: SheetQuantity;
  label: string;
  /** What the field starts with; `replace` puts the caret behind it, otherwise all of it is selected. */
  text: string;
  replace: boolean;
  problem: string | null;
  /** Commits; answers with the sentence that says why not. */
  onCommit: (text: string, leave: Leave) => void;
  onCancel: () => void;
  onBlur: (text: string) => void;
};

/** Where a key leaves the cell to. */
export function leaveBy({ key, shiftKey }: KeyboardEvent): Leave | undefined {
  return ({ Enter: shiftKey ? 'up' : 'down', Tab: shiftKey ? 'left' : 'right' } as const)[key as 'Enter' | 'Tab'];
}
