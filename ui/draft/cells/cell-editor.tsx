'use client';

import type { CellQuantity } from '../../../core/quantities/quantity';
import { CellField, type CellFieldProps } from '../../frame/grid/cell-field';
import { ChoiceEditor } from './choice-editor';

type Props = CellFieldProps & { quantity: CellQuantity };

/** The field in a cell that is being edited. Enter and Tab commit, Esc puts back. */
export function CellEditor({ quantity, ...props }: Props) {
  const { choices, longest } = quantity;
  return choices ? <ChoiceEditor {...props} choices={choices} /> : <CellField {...props} maxLength={longest} />;
}
