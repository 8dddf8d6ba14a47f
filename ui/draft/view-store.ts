import { createStore } from 'zustand/vanilla';
import type { Direction } from '../../core/length/direction';
import type { OverlayId } from '../../core/overlay/inks';
import { OVERLAY_IDS } from '../../core/spec/overlay-schema';
import type { QuantityId } from '../../core/quantities/registry';
import { type Place, successor } from '../../core/sheet/place';
import { breakpointAt, byWidth, shownWidth } from '../../core/spec/ranges';
import type { Spec } from '../../core/spec/schema';
import { type DraftStore } from './draft-store';
import { oneToOne, steppedView, type View, WHOLE_VIEW } from './zoomed';

/** The preview shows one screen, all of them, the widths of the spans, the spacing scale, or leadings that fit. */
export type Previewed = 'screen' | 'all' | 'spans' | 'spacing' | 'leading';

/** What lies under the overlays. */
export const GROUNDS = ['plain', 'light-page', 'dark-page', 'picture'] as const;
export type Ground = (typeof GROUNDS)[number];

/** Where one looks, and what is selected and half typed: nothing of it is saved or undone. */
export type ViewState = {
  viewport: number;
  anchor: Place;
  selected: Place;
  overlays: Record<OverlayId, boolean>;
  /** In which direction the page that is shown is read. */
  direction: Direction;
  /** The grid beside the main one that is looked at and changed; null: the main one. */
  grid: string | null;
  previewed: Previewed;
  ground: Ground;
  isMeasuring: boolean;
  /** Are the ends of a distance drawn to edges? */
  isSnapping: boolean;
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
  show: (viewport: number) => void;
  select: (selected: Place, extend?: boolean) => void;
  selectCell: (breakpoint: string, quantity: QuantityId) => void;
  toggle: (overlay: OverlayId) => void;
  /** Shows a named combination of overlays, and nothing else. */
  showOnly: (overlays: readonly OverlayId[]) => void;
  chooseGrid: (grid: string | null) => void;
  turn: (direction: Direction) => void;
  layOn: (ground: Ground) => void;
  measure: (isMeasuring: boolean) => void;
  snap: (isSnapping: boolean) => void;
  look: (view: View) => void;
  /** Zooms in or out by one step around the middle of the preview, or to one px for each px. */
  zoom: (to: 1 | -1 | '1:1') => void;
  setMiddle: (middle: ViewState['middle']) => void;
  setPageHeight: (breakpoint: string, height: number | null) => void;
  /** Shows the preview in another way; in the same way again, one screen. */
  showAs: (previewed: Previewed) => void;
  /** The layout that is looked at, and which of its blocks are chosen. */
  layout: string | null;
  blocks: readonly string[];
  openLayout: (layout: string, blocks?: readonly string[]) => void;
  chooseBlocks: (blocks: readonly string[]) => void;
  refuse: (cell: string, refusal: { text: string; problem: string } | null) => void;
};

export type ViewStore = ReturnType<typeof createViewStore>;

/** The view of a draft. It is the first to hear of a change: whoever looks at the sheet sees its cells where they are now. */
export function createViewStore(draft: DraftStore) {
  const document = (): Spec => draft.getState().document;
  const start = byWidth(document().breakpoints).at(-1)!;
  const place: Place = { breakpoint: start.id, quantity: 'count' };
  const store = createStore<ViewState>()((set, get) => ({
    viewport: start.reference.width,
    anchor: place,
    selected: place,
    overlays: { columns: true, rows: false, baseline: false, mesh: false, guides: true },
    grid: null,
    direction: 'ltr',
    previewed: 'screen',
    ground: 'plain',
    isMeasuring: false,
    isSnapping: true,
    view: WHOLE_VIEW,
    middle: { x: 0, y: 0, whole: 1 },
    pageHeights: {},
    refused: {},
    layout: null,
    blocks: [],
    show: (viewport) => {
      const width = Math.max(1, Math.round(viewport));
      const { selected } = get();
      const breakpoint = breakpointAt(document(), width).id;
      const moved = { ...selected, breakpoint };
      set(
        breakpoint === selected.breakpoint ? { viewport: width } : { viewport: width, selected: moved, anchor: moved },
      );
    },
    select: (selected, extend = false) =>
      set(({ viewport }) => ({
        selected,
        ...(extend ? {} : { anchor: selected }),
        viewport: viewportFor(document(), selected.breakpoint, viewport),
      })),
    selectCell: (breakpoint, quantity) => {
      if (document().breakpoints.some(({ id }) => id === breakpoint)) get().select({ breakpoint, quantity });
    },
    toggle: (overlay) => set(({ overlays }) => ({ overlays: { ...overlays, [overlay]: !overlays[overlay] } })),
    showOnly: (shown) =>
      set({ overlays: Object.fromEntries(OVERLAY_IDS.map((id) => [id, shown.includes(id)])) as ViewState['overlays'] }),
    chooseGrid: (grid) => set({ grid }),
    turn: (direction) => set({ direction }),
    layOn: (ground) => set({ ground }),
    measure: (isMeasuring) => set({ isMeasuring }),
    snap: (isSnapping) => set({ isSnapping }),
    look: (view) => set({ view }),
    zoom: (to) =>
      set(({ view, middle }) => ({
        view: to === '1:1' ? oneToOne(view, middle.whole, middle) : steppedView(view, to, middle.whole, middle),
      })),
    setMiddle: (middle) => set({ middle }),
    setPageHeight: (id, height) => set(({ pageHeights }) => ({ pageHeights: withEntry(pageHeights, id, height) })),
    showAs: (wanted) => set(({ previewed }) => ({ previewed: previewed === wanted ? 'screen' : wanted })),
    openLayout: (layout, blocks = []) => set({ layout, blocks }),
    chooseBlocks: (blocks) => set({ blocks }),
    refuse: (cell, refusal) => set(({ refused }) => ({ refused: withEntry(refused, cell, refusal) })),
  }));
  draft.subscribe((now, before) => {
    if (now.document !== before.document) store.setState(movedAlong(store.getState(), before.document, now.document));
  });
  return store;
}

/** A record with another value under a key, or, for null, without it. */
function withEntry<T>(record: Record<string, T>, key: string, value: T | null): Record<string, T> {
  const { [key]: _before, ...others } = record;
  return value === null ? others : { ...others, [key]: value };
}

/** The viewport at which a breakpoint is looked at: the one shown now, if it applies there. */
function viewportFor(document: Spec, id: string, viewport: number): number {
  const breakpoint = document.breakpoints.find((each) => each.id === id);
  return !breakpoint || breakpointAt(document, viewport).id === id ? viewport : shownWidth(document, breakpoint);
}

/** A viewport that stood on the design width of a breakpoint stands on it after it changed. */
function alongWithDesign(before: Spec, document: Spec, viewport: number): number {
  const was = before.breakpoints.find(({ reference }) => reference.width === viewport);
  const now = was && document.breakpoints.find(({ id }) => id === was.id);
  return now && breakpointAt(before, viewport).id === was.id ? shownWidth(document, now) : viewport;
}

/** What is looked at, after a change of the document: the same cells, and what was kept of each breakpoint. */
function movedAlong(view: ViewState, before: Spec, document: Spec): Partial<ViewState> {
  const { selected, anchor, viewport, pageHeights, refused } = view;
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
    viewport: viewportFor(document, next.breakpoint, alongWithDesign(before, document, viewport)),
    ...(isSame ? {} : { pageHeights: rekeyed(pageHeights), refused: rekeyed(refused) }),
  };
}
