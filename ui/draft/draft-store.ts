import { temporal } from 'zundo';
import { createStore } from 'zustand/vanilla';
import { breakpointAt, byWidth, shownWidth } from '../../core/spec/ranges';
import type { CellName } from '../../core/checks/rule';
import type { Parsed } from '../../core/length/parsed';
import type { Family } from '../../core/overlay/inks';
import { type Place, successor } from '../../core/sheet/place';
import { readSpec } from '../../core/spec/read';
import type { Spec } from '../../core/spec/schema';
import { oneToOne, steppedView, type View, WHOLE_VIEW } from './zoomed';

/** The preview shows one screen, all of them, the widths of the spans, the spacing scale, or leadings that fit. */
export type Previewed = 'screen' | 'all' | 'spans' | 'spacing' | 'leading';

/** What lies under the overlays. */
export const GROUNDS = ['plain', 'light-page', 'dark-page', 'picture'] as const;
export type Ground = (typeof GROUNDS)[number];

/** The newest edition of the spec, against which its draft is held. */
export type LastEdition = { version: string; document: Spec };

/** The state of the bench. Only `document` can be undone; the rest is where one looks. */
export type DraftState = {
  specId: string;
  edition: LastEdition | null;
  document: Spec;
  viewport: number;
  anchor: Place;
  selected: Place;
  overlays: Record<Family, boolean>;
  previewed: Previewed;
  ground: Ground;
  isMeasuring: boolean;
  view: View;
  /**
   * The middle of the preview, in px of the window from where the page begins in the whole view, which keys zoom around;
   * and the scale of the whole view.
   */
  middle: { x: number; y: number; whole: number };
  /** Heights to which a page was dragged, by breakpoint; otherwise it is as high as the screen. */
  pageHeights: Record<string, number>;
  /** Texts that were typed and not understood, by cell; they stay until mended or put back. */
  refused: Record<string, { text: string; problem: string }>;
  /** Why the newest change was not taken; it is said until it is put away or something else is changed. */
  notTaken: string | null;
  /** Takes a changed document over, if it is one that can be kept; answers with what speaks against it. */
  tryChange: (document: Spec) => string | null;
  /** The same with what came of reading a person's text, which may be a problem already. */
  take: (written: Parsed<Spec>) => string | null;
  /** The same for those who have no place to say it: it is said over the view. */
  change: (document: Spec) => void;
  putAway: () => void;
  show: (viewport: number) => void;
  select: (selected: Place, extend?: boolean) => void;
  selectCell: (breakpoint: string, quantity: CellName) => void;
  toggle: (overlay: Family) => void;
  layOn: (ground: Ground) => void;
  measure: (isMeasuring: boolean) => void;
  look: (view: View) => void;
  /** Zooms in or out by one step around the middle of the preview, or to one px for each px. */
  zoom: (to: 1 | -1 | '1:1') => void;
  setMiddle: (middle: DraftState['middle']) => void;
  /** Are the ends of a distance drawn to edges? */
  isSnapping: boolean;
  snap: (isSnapping: boolean) => void;
  setPageHeight: (breakpoint: string, height: number | null) => void;
  /** Shows the preview in another way; in the same way again, one screen. */
  showAs: (previewed: Previewed) => void;
  refuse: (cell: string, refusal: { text: string; problem: string } | null) => void;
};

export type DraftStore = ReturnType<typeof createDraftStore>;

const MOST_STEPS = 200;

export function createDraftStore(document: Spec, specId: string, edition: LastEdition | null = null) {
  const start = byWidth(document.breakpoints).at(-1)!;
  const place: Place = { breakpoint: start.id, quantity: 'count' };
  const store = createStore<DraftState>()(
    temporal(
      (set, get) => ({
        specId,
        edition,
        document,
        viewport: start.reference.width,
        anchor: place,
        selected: place,
        overlays: { columns: true, rows: false, baseline: false },
        previewed: 'screen',
        ground: 'plain',
        isMeasuring: false,
        view: WHOLE_VIEW,
        middle: { x: 0, y: 0, whole: 1 },
        isSnapping: true,
        snap: (isSnapping) => set({ isSnapping }),
        pageHeights: {},
        refused: {},
        notTaken: null,
        tryChange: (changed) => {
          if (changed === get().document) return null;
          const { problem } = readSpec(changed);
          if (problem === undefined) set({ document: changed, notTaken: null });
          return problem ?? null;
        },
        take: ({ value, problem }) => problem ?? get().tryChange(value!),
        change: (changed) => set({ notTaken: get().tryChange(changed) }),
        putAway: () => set({ notTaken: null }),
        show: (viewport) => {
          const width = Math.max(1, Math.round(viewport));
          const { document: shown, selected } = get();
          const breakpoint = breakpointAt(shown, width).id;
          const moved = { ...selected, breakpoint };
          set(
            breakpoint === selected.breakpoint
              ? { viewport: width }
              : { viewport: width, selected: moved, anchor: moved },
          );
        },
        select: (selected, extend = false) =>
          set((bench) => ({
            selected,
            ...(extend ? {} : { anchor: selected }),
            viewport: viewportFor(bench.document, selected.breakpoint, bench.viewport),
          })),
        selectCell: (breakpoint, quantity) => {
          if (get().document.breakpoints.some(({ id }) => id === breakpoint)) get().select({ breakpoint, quantity });
        },
        toggle: (overlay) => set(({ overlays }) => ({ overlays: { ...overlays, [overlay]: !overlays[overlay] } })),
        layOn: (ground) => set({ ground }),
        measure: (isMeasuring) => set({ isMeasuring }),
        look: (view) => set({ view }),
        zoom: (to) =>
          set(({ view, middle }) => ({
            view: to === '1:1' ? oneToOne(view, middle.whole, middle) : steppedView(view, to, middle.whole, middle),
          })),
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
  // the first to hear of a change: whoever looks at the sheet sees its cells where they are now
  store.subscribe((bench, before) => {
    if (bench.document !== before.document) store.setState(whereOneLooks(bench, before.document));
  });
  return store;
}

/** The viewport at which a breakpoint is looked at: the one shown now, if it applies there. */
function viewportFor(document: Spec, id: string, viewport: number): number {
  const breakpoint = document.breakpoints.find((each) => each.id === id);
  return !breakpoint || breakpointAt(document, viewport).id === id ? viewport : shownWidth(document, breakpoint);
}

/** What is looked at, after a change of the document: the same cells, and what was kept of each breakpoint. */
function whereOneLooks(bench: DraftState, before: Spec): Partial<DraftState> {
  const { document, selected, anchor, viewport, pageHeights, refused } = bench;
  const now = (id: string): string => successor(before, document, id);
  const moved = (place: Place): Place => {
    const breakpoint = now(place.breakpoint);
    return breakpoint === place.breakpoint ? place : { ...place, breakpoint };
  };
  const rekeyed = <T>(kept: Record<string, T>): Record<string, T> =>
    Object.fromEntries(
      Object.entries(kept).map(([key, value]) => {
        const [id = '', ...rest] = key.split(' ');
        return [[now(id), ...rest].join(' '), value];
      }),
    );
  const next = moved(selected);
  const isSame = document.breakpoints.every(({ id }, index) => before.breakpoints[index]?.id === id);
  return {
    selected: next,
    anchor: moved(anchor),
    viewport: viewportFor(document, next.breakpoint, viewport),
    ...(isSame ? {} : { pageHeights: rekeyed(pageHeights), refused: rekeyed(refused) }),
  };
}
