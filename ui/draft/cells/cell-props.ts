import type { Weight } from '../../../core/checks/rule';
import { addressText } from '../../../core/edits/edit';
import type { CellQuantity } from '../../../core/quantities/quantity';
import { type Place, placeKey } from '../../../core/sheet/place';
import type { Breakpoint } from '../../../core/spec/schema';
import { type Waiting, waitingAt } from '../together/together-store';
import type { CellProps, Refusal } from './cell';
import type { Cells } from './use-cells';

type SheetNow<Id extends string> = Cells<Id> & {
  selected: Place<Id>;
  refused: Readonly<Record<string, Refusal>>;
  flags: ReadonlyMap<string, Weight>;
  waiting: readonly Waiting[];
  /** The line that says what is wrong, by its id. */
  saysId: string;
};

type Given = Omit<CellProps, 'cell' | 'note' | 'isInRange' | 'menu'>;

/** What every sheet gives a cell: who it is, what of it is selected, refused or edited, and what is done with it. */
export function cellProps<Id extends string>(
  quantity: CellQuantity<Id>,
  breakpoint: Breakpoint,
  { selected, refused, flags, waiting, saysId, editing, select, edit, commit, cancel }: SheetNow<Id>,
): Given {
  const place: Place<Id> = { breakpoint: breakpoint.id, quantity: quantity.id };
  const key = placeKey(place);
  return {
    place: key,
    label: `${quantity.label}, ${breakpoint.name}`,
    quantity,
    isSelected: placeKey(selected) === key,
    flag: flags.get(addressText(quantity.address(breakpoint))) ?? null,
    refusal: refused[key] ?? null,
    waitsFor: waitingAt(waiting, quantity.address(breakpoint))?.by ?? null,
    editing: editing && placeKey(editing.place) === key ? { text: editing.text } : null,
    saysId,
    onSelect: (extend) => select(place, extend),
    onEdit: () => edit(place),
    onCommit: (text, leave) => commit(place, text, leave),
    onCancel: () => cancel(place),
  };
}
