import { createStore } from 'zustand/vanilla';
import type { Collision } from '../../../core/edits/meet';
import { type Address, addressText } from '../../../core/edits/edit';

/** How the draft stands with the server. */
export type SaveState =
  | { is: 'saved'; revision: number; at: string }
  | { is: 'saving' }
  | { is: 'unreachable' }
  | { is: 'signed-out' }
  | { is: 'refused'; problem: string };

/** A change of one’s own that waits for a choice, since others changed the same first. */
export type Waiting = Collision & { id: string; by: string };

/** What came of going on apart from the server: who changed what meanwhile. */
export type Apart = { by: string; theirs: string; own: string; waiting: number };

/** Another window at the draft. */
export type Other = { window: string; person: string; name: string; view: string; cell: string };

/** A draft as several work on it: how it stands with the server, who else is there, what waits for a choice. */
export type TogetherState = {
  save: SaveState;
  waiting: readonly Waiting[];
  apart: Apart | null;
  others: readonly Other[];
  /** The view and the cell in which this window is. */
  view: string;
  cell: string;
  lookAt: (cell: string) => void;
};

export type TogetherStore = ReturnType<typeof createTogetherStore>;

export function createTogetherStore(revision: number, at: string) {
  return createStore<TogetherState>()((set) => ({
    save: { is: 'saved', revision, at },
    waiting: [],
    apart: null,
    others: [],
    view: 'bench',
    cell: '',
    lookAt: (cell) => set({ cell }),
  }));
}

/** What waits for a choice at an address. */
export function waitingAt(waiting: readonly Waiting[], at: Address): Waiting | null {
  const text = addressText(at);
  return waiting.find(({ own }) => own.some((edit) => addressText(edit.at) === text)) ?? null;
}

const NOBODY: readonly Other[] = [];
const byPlace = new WeakMap<readonly Other[], Map<string, Other[]>>();

/** The others who are in a cell of a view; the same list for as long as nobody moves. */
export function othersAt(others: readonly Other[], view: string, cell: string): readonly Other[] {
  if (others.length === 0) return NOBODY;
  let known = byPlace.get(others);
  if (!known) {
    known = new Map<string, Other[]>();
    for (const other of others) {
      const place = `${other.view} ${other.cell}`;
      known.set(place, [...(known.get(place) ?? []), other]);
    }
    byPlace.set(others, known);
  }
  return known.get(`${view} ${cell}`) ?? NOBODY;
}

/** Collisions with those that wait already; of two at one address the newer replaces what others did, and one’s own is the newer. */
export function withCollisions(waiting: readonly Waiting[], collisions: readonly Collision[], by: string): Waiting[] {
  const fresh = collisions.map((each) => ({ ...each, by, id: addressText(each.own[0]!.at) }));
  return [...waiting.filter(({ id }) => !fresh.some((each) => each.id === id)), ...fresh];
}
