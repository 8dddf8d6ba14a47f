'use client';

import { useCombobox } from 'downshift';
import { type KeyboardEvent, useEffect, useRef, useState } from 'react';
import { Beside } from '../../parts/beside';
import { leaveBy } from '../../frame/grid/cell-field';
import gridStyles from '../../frame/grid/grid.module.scss';
import type { CellFieldProps } from '../../frame/grid/cell-field';

type Props = CellFieldProps & { choices: readonly string[] };

/**
 * The field of a cell that takes one of a few words: letters narrow the list, arrows move in it, Enter and Tab take what
 * is marked, Esc puts back what was there. Nothing is stored before.
 */
export function ChoiceEditor({ label, text: first, replace, problem, choices, onCommit, onCancel, onBlur }: Props) {
  const [typed, setTyped] = useState(replace ? first : '');
  const field = useRef<HTMLInputElement>(null);
  const closing = useRef(false);
  const items = choices.filter((choice) => choice.startsWith(typed.trim().toLowerCase()));
  const { getInputProps, getMenuProps, getItemProps, highlightedIndex } = useCombobox({
    items: [...items],
    inputValue: typed,
    isOpen: true,
    defaultHighlightedIndex: 0,
    initialHighlightedIndex: replace ? 0 : Math.max(0, items.indexOf(first)),
    onSelectedItemChange: ({ selectedItem }) => selectedItem && leave(selectedItem, 'stay'),
  });
  const marked = items[highlightedIndex] ?? items[0];

  useEffect(() => field.current?.focus(), []);

  const leave = (choice: string, where: Parameters<typeof onCommit>[1]): void => {
    closing.current = true;
    onCommit(choice, where);
    closing.current = false;
  };
  const onKeyDown = (event: KeyboardEvent): void => {
    event.stopPropagation();
    const where = leaveBy(event);
    if (event.key !== 'Escape' && !where) return;
    // these keys are the sheet's
    Object.assign(event.nativeEvent, { preventDownshiftDefault: true });
    event.preventDefault();
    if (where) return leave(marked ?? typed, where);
    closing.current = true;
    onCancel();
  };

  return (
    <>
      <input
        {...getInputProps({
          ref: field,
          onKeyDown,
          onChange: (event) => setTyped((event.target as HTMLInputElement).value),
          onBlur: () => !closing.current && onBlur(typed === '' ? first : (marked ?? typed)),
        })}
        className={gridStyles.field}
        aria-label={label}
        aria-labelledby={undefined}
        aria-invalid={problem !== null}
        placeholder={first}
        autoComplete="off"
        spellCheck={false}
        onCopy={(event) => event.stopPropagation()}
        onPaste={(event) => event.stopPropagation()}
      />
      <Beside target={field}>
        <ul {...getMenuProps({ 'aria-label': label, 'aria-labelledby': undefined })} className={gridStyles.choices}>
          {items.map((choice, index) => (
            <li
              key={choice}
              {...getItemProps({ item: choice, index })}
              data-marked={choice === marked || undefined}
              // the field keeps the focus, so that choosing is not leaving
              onMouseDown={(event) => event.preventDefault()}
            >
              {choice}
            </li>
          ))}
          {items.length === 0 && <li className="soft">No match</li>}
        </ul>
      </Beside>
    </>
  );
}
