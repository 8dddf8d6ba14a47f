'use client';

import { CellField } from '../../frame/grid/cell-field';
import { ChoiceEditor } from './choice-editor';
import type { EditorProps } from './editor-props';

/** The field in a cell that is being edited. Enter and Tab commit, Esc puts back. */
export function CellEditor(props: EditorProps) {
  const { quantity } = props;
  if (quantity.choices) return <ChoiceEditor {...props} choices={quantity.choices} />;
  return <CellField {...props} saysId="sheet-says" maxLength={quantity.id === 'notes' ? 5000 : 400} />;
}
