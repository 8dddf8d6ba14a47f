import type { SheetQuantity } from '../../../core/sheet/quantities';
import type { CellFieldProps } from '../../frame/grid/cell-field';

export type EditorProps = Omit<CellFieldProps, 'saysId' | 'maxLength'> & { quantity: SheetQuantity };
