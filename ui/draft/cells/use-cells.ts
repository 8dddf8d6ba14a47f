'use client';

import { useEffect, useRef, useState } from 'react';
import type { Parsed } from '../../../core/parsed';
import { fieldText } from '../../../core/quantities/reading';
import { copyRange, fillRight, pasteRange } from '../../../core/sheet/clipboard';
import { type Place, placeBeside, placeKey, placesIn, rangeBetween, type Rows } from '../../../core/sheet/place';
import { emptied, writePlaces } from '../../../core/sheet/write-places';
import type { Spec } from '../../../core/spec/schema';
import { type Leave, LEAVE_STEPS } from '../../frame/grid/cell-field';
import { type GridActs, type GridKeys, gridKeys } from '../../frame/grid/grid-keys';
import { useDraft, useDraftStore, useSync, useTogetherStore } from '../draft-context';
import { waitingAt } from '../together/together-store';
import type { Refusal } from './cell';

export type Selection<Id extends string> = { anchor: Place<Id>; selected: Place<Id> };

/** What a sheet has of its own: its rows, where it keeps what is selected and refused, and what else its keys do. */
export type SheetOf<Id extends string> = {
  rows: Rows<Id>;
  /** As it is now. */
  selection: () => Selection<Id>;
  select: (place: Place<Id>, extend?: boolean) => void;
  refuse: (key: string, refusal: Refusal | null) => void;
  /** Removes what is selected as a whole; false where its cells are emptied. */
  remove?: (selected: Place<Id>, say: (message: string) => void) => boolean;
  /** What the arrows with Alt do to what is selected: one step, and to the next named step. */
  step?: (selected: Place<Id>, direction: 1 | -1, half: boolean) => Parsed<Spec>;
  stepNamed?: (selected: Place<Id>, direction: 1 | -1) => Parsed<Spec>;
};

export type Cells<Id extends string> = {
  /** The cell that is being edited, what was typed into it, and what it said then. */
  editing: { place: Place<Id>; name: string; row: string; text: string | null; began: string } | null;
  message: string | null;
  say: (message: string | null) => void;
  keys: GridKeys;
  select: (place: Place<Id>, extend: boolean) => void;
  edit: (place: Place<Id>) => void;
  commit: (place: Place<Id>, text: string, leave: Leave | null) => void;
  cancel: (place: Place<Id>) => void;
};

/** What is typed into the cells of a sheet, and what its keys and its clipboard do: the same in every sheet. */
export function useCells<Id extends string>(sheet: SheetOf<Id>): Cells<Id> {
  const { rows, selection, select, refuse } = sheet;
  const store = useDraftStore();
  const sync = useSync();
  const together = useTogetherStore();
  const [editing, setEditing] = useState<Cells<Id>['editing']>(null);
  const [message, say] = useState<string | null>(null);
  const { mayEdit } = store.getState();
  // the selected cell was taken away while it was typed into: until somebody selects another, nothing is typed anywhere
  const isNowhere = useRef(false);
  const spec = (): Spec => store.getState().document;
  const range = () => rangeBetween(spec(), selection().anchor, selection().selected, rows);

  const textOf = ({ breakpoint: id, quantity }: Place<Id>): string => {
    const breakpoint = spec().breakpoints.find((each) => each.id === id);
    const row = rows.find((each) => each.id === quantity);
    return breakpoint && row ? fieldText(row.read(spec(), breakpoint)) : '';
  };
  /** What of a cell is gone: its breakpoint, or its row, such as a block or a text style; null where it is there. */
  const goneOf = ({ place, name, row }: NonNullable<Cells<Id>['editing']>): string | null => {
    if (!spec().breakpoints.some(({ id }) => id === place.breakpoint)) return name;
    return rows.some(({ id }) => id === place.quantity) ? null : row;
  };

  const begin = (place: Place<Id>, text: string | null): void => {
    isNowhere.current = false;
    const name = spec().breakpoints.find(({ id }) => id === place.breakpoint)?.name ?? '';
    const row = rows.find(({ id }) => id === place.quantity)?.label ?? '';
    setEditing({ place, name, row, text, began: textOf(place) });
  };

  const take = (written: Parsed<Spec>): boolean => {
    if (!mayEdit || isNowhere.current) return false;
    const problem = store.getState().take(written);
    say(problem);
    return problem === null;
  };

  /** What is typed into a selected range, all of it takes. */
  const placesFor = (place: Place<Id>): Place<Id>[] =>
    placeKey(place) === placeKey(selection().selected) ? placesIn(spec(), range(), rows) : [place];

  const commit = (place: Place<Id>, text: string, leave: Leave | null): void => {
    const gone = goneOf(editing ?? { place, name: 'This breakpoint', row: 'This row', text, began: '' });
    if (gone !== null) {
      isNowhere.current = true;
      const lost = text === '' ? 'Nothing entered.' : `“${text}” wasn’t entered.`;
      say(`${gone} was removed while you typed. ${lost}`);
      return setEditing(null);
    }
    const places = placesFor(place);
    const now = textOf(place);
    const began = editing && placeKey(editing.place) === placeKey(place) ? editing.began : now;
    const isUntouched = places.length === 1 && (text === now || (text === began && (editing?.text ?? null) === null));
    const written = isUntouched ? null : writePlaces(spec(), places, () => text, rows);
    // somebody else changed the cell while it was edited: neither is overwritten
    const isMet = written?.value !== undefined && now !== began;
    if (isMet) sync.wait(store.getState().wholeOf(written.value));
    const problem = written && !isMet ? store.getState().take(written) : null;
    if (problem !== null) {
      refuse(placeKey(place), { text, problem });
      if (leave === null) setEditing(null);
      return;
    }
    for (const each of places) refuse(placeKey(each), null);
    setEditing(null);
    say(null);
    if (leave === null) return;
    // a name may have given the breakpoint another id
    const isThere = spec().breakpoints.some(({ id }) => id === place.breakpoint);
    const there = isThere ? place : { ...place, breakpoint: selection().selected.breakpoint };
    select(placeBeside(spec(), there, ...LEAVE_STEPS[leave], rows));
  };

  // what was said of a change goes when the change is undone
  const steps = useDraft(({ past }) => past.length);
  const stepsBefore = useRef(steps);
  useEffect(() => {
    if (steps < stepsBefore.current) say(null);
    stepsBefore.current = steps;
  }, [steps]);

  const commitRef = useRef(commit);
  commitRef.current = commit;

  // a cell of choices says nothing as it goes
  const isThere = useDraft(() => !editing || goneOf(editing) === null);
  useEffect(() => {
    if (!isThere && !isNowhere.current) commitRef.current(editing!.place, '', null);
  }, [isThere, editing]);

  const acts: GridActs = {
    edit: (text) => {
      if (!mayEdit || isNowhere.current) return;
      say(null);
      begin(selection().selected, text);
    },
    move: (down, across, extend) => {
      isNowhere.current = false;
      say(null);
      select(placeBeside(spec(), selection().selected, down, across, rows), extend);
    },
    clear: () => {
      if (mayEdit && !isNowhere.current && sheet.remove?.(selection().selected, say)) return;
      take(writePlaces(spec(), placesIn(spec(), range(), rows), (place) => emptied(rows, place), rows));
    },
    fillRight: () => {
      const { left, right } = range();
      const end = left === right ? spec().breakpoints.length - 1 : right;
      take(fillRight(spec(), { ...range(), right: end }, rows));
    },
    copy: () => {
      say('Copied as tab-separated values.');
      return copyRange(spec(), range(), rows);
    },
    paste: (text) => {
      if (!mayEdit || isNowhere.current) return;
      const pasted = pasteRange(spec(), range().top, range().left, text, rows);
      if (!pasted.value) return say(pasted.problem!);
      const places = placesIn(spec(), pasted.value.range, rows);
      if (!take({ value: pasted.value.spec })) return;
      select(places[0]!);
      select(places.at(-1)!, true);
    },
    choosing: (mine) => {
      const { breakpoint: id, quantity } = selection().selected;
      const breakpoint = spec().breakpoints.find((each) => each.id === id);
      const { address } = rows.find((row) => row.id === quantity)!;
      const waiting = breakpoint && waitingAt(together.getState().waiting, address(breakpoint));
      return waiting ? () => say(sync.choose(waiting.id, mine)) : null;
    },
    ...(sheet.step && {
      step: (direction, half) => void take(sheet.step!(selection().selected, direction, half)),
    }),
    ...(sheet.stepNamed && {
      stepNamed: (direction) => void take(sheet.stepNamed!(selection().selected, direction)),
    }),
  };

  return {
    editing,
    message,
    say,
    keys: gridKeys(acts),
    select: (place, extend) => {
      isNowhere.current = false;
      say(null);
      select(place, extend);
    },
    edit: (place) => mayEdit && begin(place, null),
    commit,
    cancel: (place) => {
      refuse(placeKey(place), null);
      setEditing(null);
    },
  };
}
