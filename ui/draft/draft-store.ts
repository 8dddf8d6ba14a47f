import { temporal } from 'zundo';
import { createStore } from 'zustand/vanilla';
import { breakpointAt, byWidth, shownWidth } from '../../core/spec/ranges';
import type { CellName } from '../../core/checks/rule';
import type { Family } from '../../core/overlay/inks';
import { rowOf } from '../../core/sheet/quantities';
import type { Spec } from '../../core/spec/schema';
import { type View, WHOLE_VIEW, zoomed } from './zoomed';

/** A cell of the sheet by its place: row of QUANTITIES, column of breakpoints in order of width. */
export type Place = { row: number; column: number };

/** The preview shows one screen, all of them, the widths of the spans, the spacing scale, or leadings that fit. */
export type Previewed = 'screen' | 'all' | 'spans' | 'spacing' | 'leading';

/** What lies under the overlays. */
export const GROUNDS = ['plain', 'light-page', 'dark-page', 'picture'] as const;
export type Ground = (typeof GROUNDS)[number];

/** The state of the bench. Only `document` can be undone; the rest is where one looks. */
export type DraftState = {
  specId: string;
  document: Spec;
  viewport: number;
  anchor: Place;
  selected: Place;
  overlays: Record<Family, boolean>;
  previewed: Previewed;
  ground: Ground;
  isMeasuring: boolean;
  view: View;
  /** The middle of the preview, in px of the window from where the page begins in the whole view: what keys zoom around. */
  middle: { x: number; y: number };
  /** Heights to which a page was dragged, by breakpoint; otherwise it is as high as the screen. */
  pageHeights: Record<string, number>;
  /** Texts that were typed and not understood, by cell; they stay until mended or put back. */
  refused: Record<string, { text: string; problem: string }>;
  change: (document: Spec) => void;
  show: (viewport: number) => void;
  select: (selected: Place, extend?: boolean) => void;
  selectCell: (breakpoint: string, quantity: CellName) => void;
  toggle: (overlay: Family) => void;
  layOn: (ground: Ground) => void;
  measure: (isMeasuring: boolean) => void;
  look: (view: View) => void;
  /** Zooms in or out by one step around the middle of the preview. */
  zoom: (direction: 1 | -1) => void;
  setMiddle: (middle: { x: number; y: number }) => void;
  setPageHeight: (breakpoint: string, height: number | null) => void;
  /** Shows the preview in another way; in the same way again, one screen. */
  showAs: (previewed: Previewed) => void;
  refuse: (cell: string, refusal: { text: string; problem: string } | null) => void;
};

export type DraftStore = ReturnType<typeof createDraftStore>;

const MOST_STEPS = 200;
const ZOOM_STEP = 1.25;

export function createDraftStore(document: Spec, specId: string) {
  const first = byWidth(document.breakpoints);
  const start = first.at(-1)!;
  return createStore<DraftState>()(
    temporal(
      (set, get) => ({
        specId,
        document,
        viewport: start.reference.width,
        anchor: { row: rowOf('count'), column: first.length - 1 },
        selected: { row: rowOf('count'), column: first.length - 1 },
        overlays: { columns: true, rows: false, baseline: false },
        previewed: 'screen',
        ground: 'plain',
        isMeasuring: false,
        view: WHOLE_VIEW,
        middle: { x: 0, y: 0 },
        pageHeights: {},
        refused: {},
        change: (changed) => set({ document: changed }),
        show: (viewport) => {
          const width = Math.max(1, Math.round(viewport));
          const column = byWidth(get().document.breakpoints).indexOf(breakpointAt(get().document, width));
          const { row } = get().selected;
          const moved = { row, column };
          set(
            column === get().selected.column
              ? { viewport: width }
              : { viewport: width, selected: moved, anchor: moved },
          );
        },
        select: (selected, extend = false) => {
          const breakpoint = byWidth(get().document.breakpoints)[selected.column];
          const applies = breakpoint && breakpointAt(get().document, get().viewport).id === breakpoint.id;
          set({
            selected,
            ...(extend ? {} : { anchor: selected }),
            ...(applies || !breakpoint ? {} : { viewport: shownWidth(get().document, breakpoint) }),
          });
        },
        selectCell: (id, quantity) => {
          const column = byWidth(get().document.breakpoints).findIndex((breakpoint) => breakpoint.id === id);
          const row = rowOf(quantity);
          if (column >= 0 && row >= 0) get().select({ row, column });
        },
        toggle: (overlay) => set(({ overlays }) => ({ overlays: { ...overlays, [overlay]: !overlays[overlay] } })),
        layOn: (ground) => set({ ground }),
        measure: (isMeasuring) => set({ isMeasuring }),
        look: (view) => set({ view }),
        zoom: (direction) =>
          set(({ view, middle }) => ({ view: zoomed(view, direction === 1 ? ZOOM_STEP : 1 / ZOOM_STEP, middle) })),
        setMiddle: (middle) => set({ middle }),
        setPageHeight: (id, height) =>
          set(({ pageHeights }) => {
            const { [id]: _before, ...others } = pageHeights;
            return { pageHeights: height === null ? others : { ...others, [id]: height } };
          }),
        showAs: (wanted) => set(({ previewed }) => ({ previewed: previewed === wanted ? 'screen' : wanted })),
        refuse: (cell, refusal) =>
          set(({ refused }) => {
            const { [cell]: _before, ...others } = refused;
            return { refused: refusal ? { ...others, [cell]: refusal } : others };
          }),
      }),
      {
        partialize: ({ document: undoable }) => ({ document: undoable }),
        equality: (before, after) => before.document === after.document,
        limit: MOST_STEPS,
      },
    ),
  );
}
