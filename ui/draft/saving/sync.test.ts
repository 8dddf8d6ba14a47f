import { describe, expect, test } from 'vitest';
import { editsBetween } from '../../../core/edits/edits-between';
import { writeCell } from '../../../core/quantities/write-cell';
import { practiceSpec } from '../../../core/spec/testing';
import type { Spec } from '../../../core/spec/schema';
import { type Answer, NO_ANSWER, type send } from '../../frame/send';
import { createDraftStore } from '../draft-store';
import { createTogetherStore } from '../together/together-store';
import { metBy } from '../together/waiting';
import { createSync } from './sync';

const base = practiceSpec('Shared');
const gutter = (of: Spec, breakpoint: string, text: string): Spec => writeCell(of, breakpoint, 'gutter', text).value!;
const news = (revision: number, ...documents: Spec[]) => ({
  revision,
  changedAt: 'then',
  edits: documents.slice(1).map((each, index) => editsBetween(documents[index], each)),
  by: ['Obi Lorne'],
});

type Asked = { method: string; body: { revision: number; edits: unknown[] } };

/** A window, and a server that answers what the test says. */
function windowOn(answer: (asked: Asked) => Answer<unknown> | Promise<Answer<unknown>>) {
  const store = createDraftStore(base, 'id');
  const together = createTogetherStore(1, 'then');
  const kept: { document: Spec | null; base: Spec | null } = { document: null, base: null };
  let told = (_sent: readonly Spec[]): void => {};
  const keeps = (tell: typeof told): void => void (told = tell);
  const sync = createSync({
    store,
    together,
    spec: { id: 'id', revision: 1, changedAt: 'then', changedBy: 'Obi Lorne' },
    ask: (async (method: string, _path: string, body: Asked['body']) =>
      answer({ method, body })) as unknown as typeof send,
    keep: {
      unsaved: (document, { document: of }, sent) => {
        Object.assign(kept, { document, base: of });
        told(sent);
      },
      saved: () => Object.assign(kept, { document: null, base: null }),
      waiting: () => {},
    },
    later: () => () => {},
  });
  return { store, together, sync, kept, keeps, change: (to: Spec) => store.getState().change(to) };
}

const saved = (revision: number, between: unknown = null): Answer<unknown> => ({
  ok: true,
  body: { revision, changedAt: 'now', between },
});
const NOBODY_THERE = { ok: false, status: NO_ANSWER, problem: '', body: {} } as const;

describe('after a reload', () => {
  // the server has 16, which was sent and never answered; before that it had 20
  const known = gutter(base, 'phone', '20');
  const kept = gutter(base, 'phone', '12');

  test('what was sent and arrived is one’s own, and met by nobody', () => {
    const { sync, store, together } = windowOn(() => NOBODY_THERE);
    sync.goOnWith(kept, known, [base]);
    expect(store.getState().document).toEqual(kept);
    expect([together.getState().waiting, together.getState().apart]).toEqual([[], null]);
  });

  test('nor is what was typed last and has arrived told as another’s', () => {
    const { sync, store, together } = windowOn(() => NOBODY_THERE);
    sync.goOnWith(gutter(base, 'desktop', '30'), known);
    expect(store.getState().document).toEqual(gutter(base, 'desktop', '30'));
    expect([together.getState().waiting, together.getState().apart]).toEqual([[], null]);
  });

  test('what another changed meanwhile is still met', () => {
    const { sync, together } = windowOn(() => NOBODY_THERE);
    sync.goOnWith(kept, known);
    expect(together.getState().waiting).toHaveLength(1);
  });

  test('what is sent is kept with what is typed until it is answered', async () => {
    const sent: number[] = [];
    const { sync, change, keeps } = windowOn(() => NOBODY_THERE);
    keeps((list) => sent.push(list.length));
    change(kept);
    await sync.save();
    change(gutter(base, 'phone', '14'));
    expect(sent).toEqual([0, 1, 1]);
  });
});

describe('a window and its server', () => {
  test('what is typed is kept with what it was made of until the server has it', async () => {
    const asked: Asked[] = [];
    const { sync, change, kept, together } = windowOn((question) => {
      asked.push(question);
      return saved(2);
    });
    change(gutter(base, 'phone', '12'));
    expect(kept).toEqual({ document: gutter(base, 'phone', '12'), base });
    await sync.save();
    expect(kept.document).toBeNull();
    expect(asked).toHaveLength(1);
    expect(asked[0]!.body).toMatchObject({ revision: 1, edits: [{ before: '16px', after: '12px' }] });
    expect(together.getState().save).toMatchObject({ is: 'saved', revision: 2 });
  });

  test('what others save comes under what is typed; the same cell waits, and the rest is saved', async () => {
    const { sync, change, store, together } = windowOn(({ body }) => saved(body.revision + 1));
    change(gutter(gutter(base, 'phone', '12'), 'desktop', '30'));
    sync.hear(news(2, base, gutter(base, 'phone', '8')));
    expect(store.getState().document).toEqual(gutter(gutter(base, 'phone', '8'), 'desktop', '30'));
    const [waiting] = together.getState().waiting;
    expect(metBy(store.getState().document, waiting!)).toEqual([{ what: 'Gutter, Phone', theirs: '8', mine: '12' }]);
    await sync.save();
    expect(sync.revision()).toBe(3);
    expect(sync.choose(waiting!.id, true)).toBeNull();
    expect(store.getState().document).toEqual(gutter(gutter(base, 'phone', '12'), 'desktop', '30'));
    expect(together.getState().waiting).toEqual([]);
    // it is a step of one’s own like any other
    store.getState().undo();
    expect(store.getState().document).toEqual(gutter(gutter(base, 'phone', '8'), 'desktop', '30'));
  });

  test('news that are known already, or come while a save is under way, change nothing twice', async () => {
    let go = (): void => {};
    const { sync, change, store } = windowOn(() => new Promise((resolve) => (go = () => resolve(saved(2)))));
    change(gutter(base, 'phone', '12'));
    const saving = sync.save();
    const mine = gutter(base, 'phone', '12');
    const both = gutter(mine, 'tablet', '20');
    sync.hear(news(3, base, mine, both));
    go();
    await saving;
    expect(sync.revision()).toBe(3);
    expect(store.getState().document).toEqual(both);
    sync.hear(news(2, base, mine));
    expect(sync.revision()).toBe(3);
  });

  test('nobody meets themselves: a save whose answer was lost, and changed again since', async () => {
    const { sync, change, store, together } = windowOn(() => NOBODY_THERE);
    change(gutter(base, 'phone', '12'));
    await sync.save();
    expect(together.getState().save.is).toBe('unreachable');
    change(gutter(base, 'phone', '10'));
    sync.hear(news(2, base, gutter(base, 'phone', '12')));
    expect(store.getState().document).toEqual(gutter(base, 'phone', '10'));
    expect(together.getState().waiting).toEqual([]);
  });

  test('a gap in the news: the draft is read anew', async () => {
    const newer = gutter(gutter(base, 'phone', '8'), 'tablet', '20');
    const { sync, store } = windowOn(({ method }) => {
      expect(method).toBe('GET');
      return { ok: true, body: { revision: 5, document: newer, changedBy: 'Obi Lorne', changedAt: 'now' } };
    });
    sync.hear(news(5, gutter(base, 'phone', '8'), newer));
    await new Promise((resolve) => setTimeout(resolve));
    expect(store.getState().document).toEqual(newer);
    expect(sync.revision()).toBe(5);
  });

  test('who is asked to sign in again is asked once, whatever is tried meanwhile', async () => {
    let isSignedIn = false;
    const { sync, change, together } = windowOn(() =>
      isSignedIn ? saved(2) : { ok: false, status: 401, problem: 'signed out', body: {} },
    );
    await sync.readAnew();
    const seen: string[] = [];
    together.subscribe(({ save }) => seen.push(save.is));
    change(gutter(base, 'phone', '12'));
    await sync.save();
    expect(new Set(seen)).toEqual(new Set(['signed-out']));
    isSignedIn = true;
    await sync.save();
    expect(together.getState().save).toMatchObject({ is: 'saved', revision: 2 });
  });

  test('undo says when somebody else’s has come on top, and goes on with the step before', () => {
    const { sync, change, store } = windowOn(() => saved(2));
    change(gutter(base, 'tablet', '20'));
    change(gutter(store.getState().document, 'phone', '12'));
    const mine = store.getState().document;
    void sync.save();
    store.getState().takeIn(gutter(mine, 'phone', '8'));
    store.getState().undo();
    expect(store.getState().notTaken).toMatch(/somebody else has changed Gutter, Phone since/);
    store.getState().undo();
    expect(store.getState().document).toEqual(gutter(base, 'phone', '8'));
  });
});
