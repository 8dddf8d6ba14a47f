import { actingAs } from '../database/acting-as';
import type { Sql } from '../database/database';
import { type News, newsSince } from '../specs/drafts';
import { type Here, hereAt } from '../specs/presence';
import { STREAM_LIMITS } from './limits';

/** An open event stream: a window that looks at a draft. */
export type Watcher = {
  window: string;
  specId: string;
  personId: string;
  /** The session by which it was opened, as the database keeps it, in hex. */
  session: string;
  view: string;
  /** The newest revision that it knows. */
  revision: number;
  /** Sends an event; who are told the same share its text. */
  send: (event: StreamEvent) => void;
  /** Gives its place back. */
  release: () => void;
  /** Says nothing, so that what stands in between keeps the stream open. */
  breathe: () => void;
  /** @param why what the window is told: to come back somewhere, or that it may no longer look */
  end: (why: 'again' | 'over') => void;
};

/** An event of a stream, as text and as what it carries. */
export type StreamEvent = { name: 'saved' | 'here' | 'far' | 'over'; data: unknown; text: string };

/** `saved` is the News of new revisions, `here` the list of who is there; `far`: so much is new that the draft must be read anew. */
function streamEvent(name: StreamEvent['name'], data: News | Here[] | object, id?: number): StreamEvent {
  const text = `${id === undefined ? '' : `id: ${id}\n`}event: ${name}\ndata: ${JSON.stringify(data)}\n\n`;
  return { name, data, text };
}

export const OVER = streamEvent('over', {});

/** Who is here is told at most so often, in ms: the more windows there are, the less often, since each is told of each. */
const toldEvery = (windows: number): number => Math.min(1_000, windows * 5);

type Kind = 'saved' | 'here';
type Due = { kinds: Set<Kind>; isRunning: boolean };

/** How often windows are said to be there still, in ms; what is not said so for 12 s is gone (`windows_are_here`). */
export const SAID_EVERY = 5_000;

/**
 * The event streams of this process. A note of the database names a spec; what is new there is read once for all who watch it, after it was
 * asked which of them still may.
 */
export function createHub(sql: Sql) {
  const watchers = new Map<string, Set<Watcher>>();
  const due = new Map<string, Due>();
  const places = new Map<string, number>();
  let taken = 0;

  const of = (specId: string): Watcher[] => [...(watchers.get(specId) ?? [])];
  const all = (): Watcher[] => [...watchers.values()].flatMap((each) => [...each]);

  /** Those who may still read the draft; the streams of the others are ended. */
  const allowed = async (specId: string): Promise<Watcher[]> => {
    const asked = of(specId);
    if (asked.length === 0) return [];
    const tokens = `{${[...new Set(asked.map(({ session }) => session))].join(',')}}`;
    const rows = await sql<{ token: string }[]>`select token from sessions_that_read(${specId}, ${tokens})`;
    const open = new Set(rows.map(({ token }) => token));
    for (const watcher of asked) if (!open.has(watcher.session)) watcher.end('over');
    return asked.filter(({ session }) => open.has(session));
  };

  const tellSaved = async (own: Sql, there: Watcher[]): Promise<void> => {
    const from = [...new Set(there.map(({ revision }) => revision))];
    const read = new Map<number, { event: StreamEvent; revision: number | null }>();
    // those who know the same are told the same
    for (const revision of from) {
      const news = await newsSince(own, there[0]!.specId, revision);
      if (news === 'far') read.set(revision, { event: streamEvent('far', {}), revision: null });
      else if (news) read.set(revision, { event: streamEvent('saved', news, news.revision), revision: news.revision });
    }
    for (const watcher of there) {
      const told = read.get(watcher.revision);
      if (!told) continue;
      watcher.revision = told.revision ?? watcher.revision;
      watcher.send(told.event);
    }
  };

  const tell = async (specId: string, kinds: Set<Kind>): Promise<void> => {
    const there = await allowed(specId);
    const first = there[0];
    if (!first) return;
    const own = actingAs(sql, { personId: first.personId });
    if (kinds.has('saved')) await tellSaved(own, there);
    if (kinds.has('here')) {
      const event = streamEvent('here', await hereAt(own, specId));
      for (const watcher of there) watcher.send(event);
    }
  };

  /** Tells of a spec, one time after the other; what is noted meanwhile is told of together. */
  const note = (specId: string, ...kinds: Kind[]): void => {
    if (!watchers.has(specId)) return;
    const waiting = due.get(specId) ?? { kinds: new Set<Kind>(), isRunning: false };
    due.set(specId, waiting);
    for (const kind of kinds) waiting.kinds.add(kind);
    if (waiting.isRunning) return;
    waiting.isRunning = true;
    void (async () => {
      while (waiting.kinds.size > 0) {
        const now = waiting.kinds;
        waiting.kinds = new Set();
        // a database that is away is listened to anew, and then everybody is told
        await tell(specId, now).catch(() => {});
        if (now.has('here') && waiting.kinds.has('here') && !waiting.kinds.has('saved'))
          await new Promise((resolve) => setTimeout(resolve, toldEvery(of(specId).length)));
      }
      due.delete(specId);
    })();
  };

  const areGone = async (windows: string[]): Promise<void> =>
    void (await sql`select windows_are_gone(${sql.json(windows)})`.catch(() => {}));

  const sayHere = async (): Promise<void> => {
    const windows = all().map(({ window, specId, personId, view }) => ({
      window,
      spec: specId,
      person: personId,
      view,
    }));
    await sql`select windows_are_here(${sql.json(windows)})`.catch(() => {});
    // what closed meanwhile was said to be here once too often
    const open = new Set(all().map(({ window }) => window));
    const closed = windows.map(({ window }) => window).filter((window) => !open.has(window));
    if (closed.length > 0) await areGone(closed);
  };

  return {
    /** Begins to tell a window of what is new. */
    add: (watcher: Watcher): void => {
      const same = watchers.get(watcher.specId) ?? new Set();
      watchers.set(watcher.specId, same.add(watcher));
      note(watcher.specId, 'saved', 'here');
    },
    /** Leaves a window out from now on, and says that it is gone. */
    remove: (watcher: Watcher): void => {
      const same = watchers.get(watcher.specId);
      if (!same?.delete(watcher)) return;
      watcher.release();
      if (same.size === 0) watchers.delete(watcher.specId);
      void areGone([watcher.window]);
    },
    note,
    /** What was noted may have been missed: everybody is told of what is new. */
    noteAll: (): void => {
      for (const specId of watchers.keys()) note(specId, 'saved', 'here');
    },
    sayHere,
    breathe: (): void => all().forEach((watcher) => watcher.breathe()),
    /** Takes a place for a stream, before anything is waited for; the answer gives it back, or says which limit is reached. */
    takePlace: (personId: string): (() => void) | 'person' | 'process' => {
      const own = places.get(personId) ?? 0;
      if (own >= STREAM_LIMITS.ofOne) return 'person';
      if (taken >= STREAM_LIMITS.ofProcess) return 'process';
      taken++;
      places.set(personId, own + 1);
      let isTaken = true;
      return () => {
        if (!isTaken) return;
        isTaken = false;
        taken--;
        const left = (places.get(personId) ?? 1) - 1;
        if (left > 0) places.set(personId, left);
        else places.delete(personId);
      };
    },
    count: (): number => all().length,
    /** Ends the streams, a part at a time within so many ms: those who were here come back somewhere else, not all at once. */
    drain: async (withinMs: number): Promise<void> => {
      const open = all();
      const pause = Math.min(50, withinMs / Math.max(1, open.length));
      for (const [index, watcher] of open.entries()) {
        watcher.end('again');
        if (pause >= 1 || index % 20 === 19) await new Promise((resolve) => setTimeout(resolve, Math.max(1, pause)));
      }
    },
  };
}

export type Hub = ReturnType<typeof createHub>;
