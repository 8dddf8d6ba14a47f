import type { Heard as SavedNews } from '../saving/hearing';
import type { Other } from './together-store';

/** How long to wait before a stream that ended is opened again, in ms: a little more each time, and not everybody at once. */
const [SHORTEST, LONGEST] = [500, 10_000];

type Heard = {
  saved: (news: SavedNews) => void;
  here: (people: Other[], window: string) => void;
  far: () => void;
  /** Whoever listens may no longer read the draft, or is signed out. */
  over: () => void;
  /** Nothing is heard for now: who is here is not known. */
  cut: () => void;
};

const freshName = (): string =>
  Array.from(crypto.getRandomValues(new Uint8Array(12)), (byte) => byte.toString(16).padStart(2, '0')).join('');

/**
 * Listens to what others do with a draft, for as long as somebody looks at this window: a stream that was cut is opened again from the newest revision
 * that is known. A window that is hidden listens no more, since browsers keep few connections to one server.
 */
export function listenTo(specId: string, view: () => string, revision: () => number, heard: Heard) {
  let source: EventSource | null = null;
  let name = '';
  let timer: ReturnType<typeof setTimeout> | undefined;
  let wait = SHORTEST;
  let isOver = false;

  const close = (): void => {
    clearTimeout(timer);
    source?.close();
    source = null;
  };
  const again = (): void => {
    close();
    heard.cut();
    if (isOver) return;
    timer = setTimeout(open, wait * (0.5 + Math.random()));
    wait = Math.min(LONGEST, wait * 1.6);
  };
  const open = (): void => {
    close();
    if (isOver || document.visibilityState === 'hidden') return;
    // a name of its own for each stream: the end of the one before does not end what is said of this one
    name = freshName();
    const question = new URLSearchParams({ window: name, view: view(), since: String(revision()) });
    const opened = new EventSource(`/api/specs/${specId}/events?${question}`);
    source = opened;
    const on = <T>(event: string, does: (data: T) => void): void =>
      opened.addEventListener(
        event,
        ({ data }: MessageEvent<string>) => source === opened && does(JSON.parse(data) as T),
      );
    on<SavedNews>('saved', heard.saved);
    on<Other[]>('here', (people) => {
      wait = SHORTEST;
      heard.here(people, name);
    });
    on('far', heard.far);
    on('over', () => {
      close();
      heard.cut();
      heard.over();
    });
    // the browser would go on from where the stream began
    opened.onerror = () => source === opened && again();
  };
  const onVisible = (): void => {
    clearTimeout(timer);
    if (document.visibilityState === 'hidden') timer = setTimeout(() => (close(), heard.cut()), 5_000);
    else if (!source) open();
  };
  document.addEventListener('visibilitychange', onVisible);
  window.addEventListener('online', onVisible);
  // a page that goes into the browser’s memory is not there any more
  window.addEventListener('pagehide', close);
  window.addEventListener('pageshow', onVisible);
  open();
  return {
    window: (): string | null => (source ? name : null),
    end: (): void => {
      isOver = true;
      close();
      document.removeEventListener('visibilitychange', onVisible);
      window.removeEventListener('online', onVisible);
      window.removeEventListener('pagehide', close);
      window.removeEventListener('pageshow', onVisible);
    },
  };
}
