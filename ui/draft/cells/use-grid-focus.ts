'use client';

import { type RefObject, useEffect, useRef } from 'react';

/** The focus of a sheet goes where the keys go, and back to the cell whose field has closed. */
export function useGridFocus(table: RefObject<HTMLTableElement | null>, isEditing: boolean): void {
  const wasEditing = useRef(false);
  useEffect(() => {
    const { activeElement, body } = document;
    const isOnCell = activeElement?.matches('[role=gridcell]') && table.current?.contains(activeElement);
    const hasClosed = wasEditing.current && (activeElement === body || table.current?.contains(activeElement));
    wasEditing.current = isEditing;
    if (!isEditing && (isOnCell || hasClosed)) focusSelected(table.current);
  });
}

/** Puts the focus on the selected cell of a sheet. */
export function focusSelected(table: HTMLTableElement | null): void {
  table?.querySelector<HTMLElement>('[role=gridcell][tabindex="0"]')?.focus();
}
