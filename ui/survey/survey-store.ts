import { createStore as createKept, delMany, getMany, keys, set as write, type UseStore } from 'idb-keyval';
import { createStore, type StoreApi } from 'zustand/vanilla';
import type { SurveyedScreen } from '../../core/survey/correct';
import type { ChosenGrid } from '../../core/survey/kept-survey';
import { SURVEY_LIMITS } from '../../core/survey/read-screens';
import { windowName } from '../frame/window-name';

/** By which grid the screens of a width are held: one that was found, or the spec’s own. */
export type Chosen = ChosenGrid | 'spec';

/** A survey under way. The browser keeps it, with its pictures, until it is begun anew; nothing of it is sent before it is kept with a spec. */
export type UnderWay = {
  name: string;
  screens: readonly SurveyedScreen[];
  pictures: Readonly<Record<string, Blob>>;
  shown: string | null;
  chosen: Readonly<Record<number, Chosen>>;
};

export type SurveyState = UnderWay & {
  /** Whether the browser was asked, kept nothing of this place, and nothing was begun anew: the last one that is kept may be opened. */
  isUnbegun: boolean;
  /** A kept survey that opened by itself and is as it was kept: screens that come begin a new one beside it. */
  isShownAlone: boolean;
  /** What can be taken back, the newest last. */
  past: readonly (readonly SurveyedScreen[])[];
  /** Adds screens; answers with the sentence that says why not, or null. */
  add: (screens: readonly SurveyedScreen[], pictures?: Readonly<Record<string, Blob>>) => string | null;
  remove: (id: string) => void;
  show: (id: string) => void;
  correct: (id: string, change: (screen: SurveyedScreen) => SurveyedScreen) => void;
  /** Corrects several screens in one step. */
  correctAll: (change: (screen: SurveyedScreen) => SurveyedScreen) => void;
  takeBack: () => void;
  choose: (width: number, chosen: Chosen) => void;
  call: (name: string) => void;
  /** Takes over a whole survey, such as one that was kept, or an empty one. */
  begin: (survey: UnderWay, how?: { isShownAlone: boolean }) => void;
};

export type SurveyStore = ReturnType<typeof createSurveyStore>;

const MOST_STEPS = 100;
export const NOTHING_SURVEYED: UnderWay = { name: '', screens: [], pictures: {}, shown: null, chosen: {} };

const database = typeof indexedDB === 'undefined' ? undefined : createKept('ypsiline-surveys', 'under-way');

/** The survey under way at a place: of a spec, or of a team’s next one. */
export function createSurveyStore(place: string) {
  const store = createStore<SurveyState>()((set, get) => {
    const step = (screens: readonly SurveyedScreen[]): Partial<SurveyState> => ({
      screens,
      isShownAlone: false,
      past: [...get().past, get().screens].slice(-MOST_STEPS),
    });
    return {
      ...NOTHING_SURVEYED,
      past: [],
      isUnbegun: false,
      isShownAlone: false,
      add: (added, pictures = {}) => {
        const { isShownAlone } = get();
        const screens = isShownAlone ? [] : get().screens;
        if (screens.length + added.length > SURVEY_LIMITS.screens)
          return `A survey can have up to ${SURVEY_LIMITS.screens} screens; with these it would have ${screens.length + added.length}.`;
        const boxes = [...screens, ...added].reduce((sum, screen) => sum + screen.boxes.length, 0);
        if (boxes > SURVEY_LIMITS.boxes)
          return `A survey can have up to ${SURVEY_LIMITS.boxes.toLocaleString('en')} boxes; with these it would have ${boxes.toLocaleString('en')}.`;
        set({
          ...step([...screens, ...added]),
          ...(isShownAlone && { name: '', chosen: {} }),
          pictures: { ...get().pictures, ...pictures },
          shown: added[0]?.id ?? get().shown,
        });
        return null;
      },
      remove: (id) => {
        const screens = get().screens.filter((screen) => screen.id !== id);
        const shown = get().shown === id ? (screens[0]?.id ?? null) : get().shown;
        set({ ...step(screens), shown });
      },
      show: (id) => set({ shown: id }),
      correct: (id, change) => get().correctAll((screen) => (screen.id === id ? change(screen) : screen)),
      correctAll: (change) => {
        const screens = get().screens.map(change);
        if (screens.some((screen, index) => screen !== get().screens[index])) set(step(screens));
      },
      takeBack: () => {
        const { past, shown } = get();
        const before = past.at(-1);
        if (!before) return;
        const isThere = before.some(({ id }) => id === shown);
        set({ screens: before, past: past.slice(0, -1), shown: isThere ? shown : (before[0]?.id ?? null) });
      },
      choose: (width, chosen) => set({ isShownAlone: false, chosen: { ...get().chosen, [width]: chosen } }),
      call: (name) => set({ name: name.slice(0, SURVEY_LIMITS.name) }),
      begin: (survey, how = { isShownAlone: false }) => set({ ...survey, ...how, past: [] }),
    };
  });
  // on the server, and in a browser that keeps nothing, there is nothing to read
  if (database) void keep(store, place, database);
  return store;
}

const PAUSE_MS = 250;

/** Reads what the browser kept for this window, or else what another window kept last, and keeps what changes from then on. */
async function keep(store: StoreApi<SurveyState>, place: string, kept: UseStore): Promise<void> {
  const own = `${place} ${windowName()}`;
  const isAnew = wasBegunAnew(own);
  const before = isAnew ? undefined : await newestOf(place, own, kept).catch(() => undefined);
  if (store.getState().screens.length === 0) store.setState(before ?? { isUnbegun: !isAnew });
  let waiting: ReturnType<typeof setTimeout> | undefined;
  let keptAt = 0;
  const flush = (): void => {
    clearTimeout(waiting);
    waiting = undefined;
    keptAt = Date.now();
    const { name, screens, pictures, shown, chosen, isShownAlone } = store.getState();
    const shownOnes = Object.entries(pictures).filter(([id]) => screens.some((screen) => screen.id === id));
    const survey: Kept = {
      name,
      screens,
      pictures: Object.fromEntries(shownOnes),
      shown,
      chosen,
      isShownAlone,
      at: Date.now(),
    };
    // an empty one is kept too, or else another window's would be found; a browser that keeps nothing goes on without
    void write(own, survey, kept).catch(() => {});
  };
  store.subscribe((now, then) => {
    const isSame =
      now.screens === then.screens && now.chosen === then.chosen && now.shown === then.shown && now.name === then.name;
    if (isSame) return;
    // what is begun anew stays so though the page is left before the database has it
    begunAnew(own, now.screens.length === 0);
    // the first change is kept at once, those that follow quickly are kept together
    clearTimeout(waiting);
    waiting = setTimeout(flush, Math.max(0, keptAt + PAUSE_MS - Date.now()));
  });
  window.addEventListener('pagehide', () => waiting !== undefined && flush());
}

const EMPTY = 'ypsiline:survey-empty:';

/** Notes at once whether a window's survey is empty: the database writes later. */
function begunAnew(own: string, isEmpty: boolean): void {
  try {
    if (isEmpty) sessionStorage.setItem(EMPTY + own, '1');
    else sessionStorage.removeItem(EMPTY + own);
  } catch {
    // a browser that keeps nothing has nothing that could come back
  }
}

function wasBegunAnew(own: string): boolean {
  try {
    return sessionStorage.getItem(EMPTY + own) !== null;
  } catch {
    return false;
  }
}

type Kept = UnderWay & Pick<SurveyState, 'isShownAlone'> & { at: number };

/** What nobody came back to for so long is dropped. */
const OLDEST_MS = 60 * 24 * 3600 * 1000;

async function newestOf(place: string, own: string, kept: UseStore): Promise<Partial<SurveyState> | undefined> {
  const names = (await keys<string>(kept)).filter((name) => name.startsWith(`${place} `));
  const surveys = (await getMany<Kept>(names, kept)).map((survey, index) => ({ survey, name: names[index]! }));
  const oldest = Date.now() - OLDEST_MS;
  await delMany(
    surveys.flatMap(({ survey, name }) => (survey && survey.at < oldest ? [name] : [])),
    kept,
  );
  const newest = surveys.filter(({ survey }) => survey).sort((a, b) => b.survey!.at - a.survey!.at)[0];
  const { survey } = surveys.find(({ name }) => name === own) ?? newest ?? {};
  if (!survey) return undefined;
  const { at: _at, ...underWay } = survey;
  return underWay;
}
