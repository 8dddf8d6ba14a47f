import { describe, expect, test } from 'vitest';
import type { Edit } from '../../../core/edits/edit';
import { editsBetween } from '../../../core/edits/edits-between';
import { writeCell } from '../../../core/quantities/write-cell';
import { practiceSpec } from '../../../core/spec/testing';
import type { Spec } from '../../../core/spec/schema';
import { type Answer, NO_ANSWER, type send } from '../../frame/send';
import { createDraftStore } from '../draft-store';
import type { Base, Sent, Unsaved } from '../kept-drafts';
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

type Asked = { method: string; body: { id: string; revision: number; edits: Edit[] } };

/** A window, and a server that answers what the test says. */
function windowOn(answer: (asked: Asked) => Answer<unknown> | Promise<Answer<unknown>>) {
  let ids = 0;
  const store = createDraftStore(base, 'id');
  const together = createTogetherStore(1, 'then');
  const kept: { own: { sent?: Sent | undefined; edits: readonly Edit[] } | null; base: Base | null } = {
    own: null,
    base: null,
  };
  const sync = createSync({
    store,
    together,
    spec: { id: 'id', revision: 1, changedAt: 'then', changedBy: 'Obi Lorne' },
    ask: (async (method: string, _path: string, body: Asked['body']) =>
      answer({ method, body })) as unknown as typeof send,
    keep: {
      unsaved: (base, own) => Object.assign(kept, { own, base }),
      saved: () => Object.assign(kept, { own: null, base: null }),
      waiting: () => {},
    },
    later: () => () => {},
    newId: () => `save-${++ids}`,
  });
  return { store, together, sync, kept, change: (to: Spec) => store.getState().change(to) };
}

const saved = (revision: number, since: unknown = null): Answer<unknown> => ({
  ok: true,
  body: { revision, changedAt: 'now', since, by: ['Obi Lorne'] },
});
const NOBODY_THERE = { ok: false, status: NO_ANSWER, problem: '', body: {} } as const;

describe('after a reload', () => {
  // the server had 20; 16 was sent and not answered, 12 typed after it
  const known = { revision: 0, document: gutter(base, 'phone', '20') };
  const mine = gutter(base, 'phone', '12');
  const sent = { id: 'save-0', edits: editsBetween(known.document, base) };
  const left = (own: Pick<Unsaved, 'sent' | 'edits'>): Unsaved => ({ ...own, basedOn: 0, at: '', window: '' });

  test('what was sent and arrived is one’s own, and met by nobody: it is sent again as it was', async () => {
    const asked: Asked[] = [];
    const { sync, store, together } = windowOn((question) => {
      asked.push(question);
      return asked.length === 1 ? saved(1, [sent.edits]) : saved(2);
    });
    sync.goOnWith(left({ sent, edits: editsBetween(base, mine) }), known);
    expect(store.getState().document).toEqual(mine);
    await sync.flush();
    expect(asked.map(({ body }) => [body.id, body.revision])).toEqual([
      ['save-0', 0],
      ['save-1', 1],
    ]);
    expect(store.getState().document).toEqual(mine);
    expect([together.getState().waiting, together.getState().apart]).toEqual([[], null]);
  });

  test('what another changed meanwhile is still met', () => {
    const { sync, together, store } = windowOn(() => NOBODY_THERE);
    expect(sync.goOnWith(left({ edits: editsBetween(known.document, mine) }), known)).toBe(true);
    expect(together.getState().waiting).toHaveLength(1);
    expect(store.getState().document).toEqual(base);
  });

  test('what does not fit what it was made of is left alone', () => {
    const { sync, store } = windowOn(() => NOBODY_THERE);
    expect(sync.goOnWith(left({ edits: editsBetween(base, mine) }), known)).toBe(false);
    expect(store.getState().document).toBe(base);
  });

  test('what is sent is kept with what is typed until it is answered', async () => {
    const { sync, change, kept } = windowOn(() => NOBODY_THERE);
    change(mine);
    expect([kept.own!.sent, kept.own!.edits.length]).toEqual([undefined, 1]);
    await sync.save();
    change(gutter(base, 'phone', '14'));
    expect(kept.own).toMatchObject({ sent: { id: 'save-1' }, edits: [{ before: '12px', after: '14px' }] });
    expect(kept.base).toEqual({ revision: 1, document: base });
  });

  test('what another window left behind comes on top of what is typed here', async () => {
    const { sync, change, store, together } = windowOn(() => NOBODY_THERE);
    change(gutter(base, 'desktop', '30'));
    const behind = left({ edits: editsBetween(base, gutter(base, 'tablet', '28')) });
    sync.takeOver(behind, { revision: 1, document: base });
    expect(store.getState().document).toEqual(gutter(gutter(base, 'desktop', '30'), 'tablet', '28'));
    // and what was made of a document that is not known
    sync.takeOver(left({ edits: [{ ...behind.edits[0]!, before: '1px', after: '29px' }] }), null);
    expect(store.getState().document).toEqual(gutter(gutter(base, 'desktop', '30'), 'tablet', '29'));
    expect(together.getState().waiting).toEqual([]);
  });
});

describe('a window and its server', () => {
  test('what is typed is kept with what it was made of until the server has it', async () => {
    const asked: Asked[] = [];
    const { sync, change, kept, together, store } = windowOn((question) => {
      asked.push(question);
      return saved(2);
    });
    change(gutter(base, 'phone', '12'));
    expect(kept).toEqual({
      own: { sent: undefined, edits: store.getState().made },
      base: { revision: 1, document: base },
    });
    await sync.save();
    expect(kept.own).toBeNull();
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
    let isThere = false;
    const { sync, change, store, together } = windowOn(() =>
      isThere ? saved(2, news(2, base, mine).edits) : NOBODY_THERE,
    );
    const mine = gutter(base, 'phone', '12');
    change(mine);
    await sync.save();
    expect(together.getState().save.is).toBe('unreachable');
    change(gutter(base, 'phone', '10'));
    sync.hear(news(2, base, gutter(base, 'phone', '12')));
    isThere = true;
    await sync.save();
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
    expect(store.getState().notTaken).toMatch(/someone else changed Gutter, Phone since/);
    store.getState().undo();
    expect(store.getState().document).toEqual(gutter(base, 'phone', '8'));
  });
});
