import { describe, expect, test } from 'vitest';
import { addBreakpoint, nameBreakpoint, removeBreakpoint } from '../../core/breakpoints/breakpoints';
import { canonicalJson } from '../../core/edition/canonical';
import { readSpec } from '../../core/document/read';
import { applyEdits } from '../../core/edits/apply-edits';
import { editsBetween } from '../../core/edits/edits-between';
import { addressText, type Edit } from '../../core/edits/edit';
import { valueAt } from '../../core/edits/meet';
import { writeCell } from '../../core/quantities/write-cell';
import { practiceSpec } from '../../core/spec/testing';
import type { Spec } from '../../core/spec/schema';
import { type SpecAccess, specAccess } from '../../server/access/access';
import { actingAs } from '../../server/database/acting-as';
import { applicationAddress } from '../../server/database/application-role';
import { connect, type Sql } from '../../server/database/database';
import { draftOf, newsSince, saveDraft } from '../../server/specs/drafts';
import { documentAt } from '../../server/specs/revisions';
import { addPerson } from '../../server/team/people';
import { createSpec } from '../../server/specs/specs';
import { createDraftStore, type DraftStore } from '../../ui/draft/draft-store';
import type { Base, Unsaved } from '../../ui/draft/kept-drafts';
import { createSync, type Sync } from '../../ui/draft/saving/sync';
import { createTogetherStore, type TogetherStore, type Waiting } from '../../ui/draft/together/together-store';
import { type Answer, NO_ANSWER, type send } from '../../ui/frame/send';
import { type Random, randomOf } from '../browser/model/random';
import { teamWithMember, testDatabase } from './test-database';

const { sql, url } = testDatabase();
const document = practiceSpec('Together');
const cell = (of: Spec, breakpoint: string, quantity: 'gutter' | 'margin' | 'count', text: string): Spec =>
  writeCell(of, breakpoint, quantity, text).value!;

const gutterEdits = (of: Spec, to: string): Edit[] => editsBetween(of, cell(of, 'phone', 'gutter', to));

type Author = { sql: Sql; access: SpecAccess<'edit'> };

/** A spec of a team of its own, and people who edit it. */
async function scene(slug: string, count: number): Promise<{ id: string; authors: Author[] }> {
  const owner = await teamWithMember(sql(), slug);
  const { id } = await createSpec(sql(), owner.access, document);
  const application = connect(applicationAddress(url()), 4);
  const authors: Author[] = [];
  for (let number = 0; number < count; number++) {
    const person = {
      email: `a${number}@${slug}.test`,
      name: `Author ${number}`,
      password: 'a long password',
      says: '',
    };
    const { id: personId } = await addPerson(sql(), owner.teamId, person);
    const own = actingAs(application, { personId });
    authors.push({ sql: own, access: (await specAccess(own, personId, { id }, 'edit'))! });
  }
  return { id, authors };
}

const save = ({ sql: own, access }: Author, basedOn: number, edits: readonly Edit[]) =>
  saveDraft(own, access, { basedOn, edits });

describe('saves of one revision', () => {
  test('at different addresses are put together, and each is told of the other', async () => {
    const { authors } = await scene('apart', 2);
    const [one, two] = authors as [Author, Author];
    const phone = editsBetween(document, cell(document, 'phone', 'gutter', '12'));
    const tablet = editsBetween(document, cell(document, 'tablet', 'gutter', '24'));
    expect(await save(one, 1, phone)).toMatchObject({ saved: true, revision: 2, since: null, by: [] });
    expect(await save(two, 1, tablet)).toMatchObject({
      saved: true,
      revision: 3,
      since: [phone, tablet],
      by: ['Author 0'],
    });
    const newest = await draftOf(one.sql, one.access, 3);
    expect(newest.document).toEqual(cell(cell(document, 'phone', 'gutter', '12'), 'tablet', 'gutter', '24'));
    // the same once more, because its answer was lost: it is there, and nothing is written
    expect(await save(two, 1, tablet)).toMatchObject({ saved: true, revision: 3 });
  });

  test('that are sent again, since their answer was lost, are known by their id, whatever came after', async () => {
    const { id, authors } = await scene('again', 2);
    const [one, two] = authors as [Author, Author];
    const first = { id: crypto.randomUUID(), basedOn: 1, edits: gutterEdits(document, '12') };
    expect(await saveDraft(one.sql, one.access, first)).toMatchObject({ saved: true, revision: 2 });
    const theirs = gutterEdits(cell(document, 'phone', 'gutter', '12'), '8');
    await save(two, 2, theirs);
    const again = await saveDraft(one.sql, one.access, first);
    expect(again).toMatchObject({ saved: true, revision: 3, since: [first.edits, theirs], by: ['Author 1'] });
    expect((await sql()`select revision from specs where id = ${id}`)[0]).toEqual({ revision: 3 });
    // the id of somebody else’s save says nothing
    expect(await saveDraft(two.sql, two.access, first)).toMatchObject({ saved: false, newer: { revision: 3 } });
  });

  test('at the same address: the later is given the newer draft, and nothing is written', async () => {
    const { id, authors } = await scene('same', 2);
    const [one, two] = authors as [Author, Author];
    await save(one, 1, editsBetween(document, cell(document, 'phone', 'gutter', '12')));
    const late = await save(two, 1, editsBetween(document, cell(document, 'phone', 'gutter', '8')));
    expect(late).toMatchObject({ saved: false, newer: { revision: 2, changedBy: 'Author 0' } });
    expect((await sql()`select revision from specs where id = ${id}`)[0]).toEqual({ revision: 2 });
  });

  test('a breakpoint removed while its cell is edited, and a document that together cannot be kept', async () => {
    const { authors } = await scene('structure', 2);
    const [one, two] = authors as [Author, Author];
    const fewer = { ...document, breakpoints: document.breakpoints.filter(({ id }) => id !== 'phone') };
    const moved = fewer.breakpoints.map((each, index) => (index === 0 ? { ...each, from: 0 } : each));
    expect((await save(one, 1, editsBetween(document, { ...fewer, breakpoints: moved }))).saved).toBe(true);
    const late = await save(two, 1, editsBetween(document, cell(document, 'phone', 'gutter', '8')));
    expect(late).toMatchObject({ saved: false, newer: { revision: 2 } });
  });

  test('that come at the same moment are all in the draft, and in what its history comes to', async () => {
    const { id, authors } = await scene('at-once', 3);
    const quantities = ['gutter', 'margin', 'count'] as const;
    for (let round = 0; round < 8; round++) {
      const [{ revision }] = (await sql()`select revision from specs where id = ${id}`) as unknown as [
        { revision: number },
      ];
      const now = (await documentAt(sql(), id, revision)) as Spec;
      const edits = quantities.map((quantity, index) =>
        editsBetween(now, cell(now, ['phone', 'tablet', 'desktop'][index]!, quantity, String(round + 2))),
      );
      await Promise.all(authors.map((author, index) => save(author, revision, edits[index]!)));
      const [{ draft, newest }] = (await sql()`
        select document as draft, revision as newest from drafts join specs on id = spec_id where id = ${id}`) as unknown as [
        { draft: Spec; newest: number },
      ];
      expect(draft).toEqual(await documentAt(sql(), id, newest));
      expect(draft).toEqual(applyEdits(now, edits.flat()).value);
    }
  });

  test('ten thousand edits, addresses that lead nowhere, two for one place: refused in a sentence, nothing written', async () => {
    const { id, authors } = await scene('nowhere', 1);
    const nowhere = Array.from({ length: 10_000 }, (_, number) => ({
      at: ['breakpoints', `b${number}`, 'notes'],
      after: 'x',
    }));
    const twice = [...editsBetween(document, cell(document, 'phone', 'gutter', '12'))].flatMap((edit) => [edit, edit]);
    for (const edits of [nowhere, twice, [{ at: ['__proto__', 'x'], after: 1 }], [{ at: [], after: {} }]]) {
      const answer = await save(authors[0]!, 1, edits);
      expect(answer.saved).toBe(false);
      expect((answer as { problem: string }).problem).toMatch(/^.{10,400}\.$/s);
    }
    expect((await sql()`select revision from specs where id = ${id}`)[0]).toEqual({ revision: 1 });
  });

  test.each([
    ['a revision that is not there yet', 99],
    ['a revision from long ago, of a spec that has moved on by one', 1],
  ])('%s', async (_, basedOn) => {
    const { authors } = await scene(`from-${basedOn}`, 1);
    await save(authors[0]!, 1, editsBetween(document, cell(document, 'phone', 'gutter', '12')));
    const tablet = editsBetween(document, cell(document, 'tablet', 'gutter', '24'));
    const answer = await save(authors[0]!, basedOn, tablet);
    if (basedOn === 99) expect(answer).toMatchObject({ saved: false, newer: { revision: 2 } });
    else expect(answer).toMatchObject({ saved: true, revision: 3 });
  });
});

/** How many things three people do; `YPSILINE_LONG=1` takes the long form. */
const TURNS = process.env.YPSILINE_LONG ? 3_000 : 250;

/** Where a change is made, and what it makes of it. */
type Said = { at: string; after: string };
const textOf = (value: unknown): string => (value === undefined ? 'nothing' : canonicalJson(value as Spec));
const saidBy = (edits: readonly Edit[]): Said[] =>
  edits.map(({ at, after }) => ({ at: addressText(at), after: textOf(after) }));

/** A window of somebody, as the browser has it: its document, its undo, what it kept, and a line to the server that breaks. */
class Window {
  store!: DraftStore;
  together!: TogetherStore;
  sync!: Sync;
  isCut = false;
  kept: { unsaved: Unsaved; base: Base } | null = null;
  waiting: Waiting[] = [];
  /** What was changed here, and what this window was told of. */
  readonly changed: Said[] = [];
  readonly told = new Set<string>();
  answersLost = 0;
  private page = 0;
  private readonly asked: Promise<unknown>[] = [];

  constructor(
    readonly author: Author,
    private readonly random: Random,
  ) {}

  /** Opens the page, or loads it anew: what was kept is gone on with. */
  async open(): Promise<void> {
    const page = ++this.page;
    // a page that was left keeps nothing any more
    const isThere = (): boolean => page === this.page;
    const [{ revision }] =
      (await sql()`select revision from specs where id = ${this.author.access.specId}`) as unknown as [
        { revision: number },
      ];
    const draft = await draftOf(this.author.sql, this.author.access, revision);
    const kept = this.kept;
    this.store = createDraftStore(draft.document, 'id');
    this.together = createTogetherStore(revision, '');
    this.together.setState({ waiting: this.waiting });
    this.together.subscribe(({ waiting }) =>
      waiting.forEach(({ own }) => saidBy(own).forEach(({ at }) => this.told.add(at))),
    );
    this.sync = createSync({
      store: this.store,
      together: this.together,
      spec: { id: 'id', revision, changedAt: '', changedBy: draft.changedBy },
      ask: this.ask as typeof send,
      keep: {
        unsaved: (base, { sent, edits }) =>
          isThere() && (this.kept = { base, unsaved: { sent, edits, basedOn: base.revision, at: '', window: '' } }),
        saved: () => isThere() && (this.kept = null),
        waiting: () => isThere() && (this.waiting = [...this.together.getState().waiting]),
      },
      // what is done, and when, is drawn at random
      later: () => () => {},
    });
    this.store.subscribe((now, before) => {
      if (now.document !== before.document && (now.past !== before.past || now.future !== before.future))
        this.changed.push(...saidBy(editsBetween(before.document, now.document)));
    });
    if (kept) expect(this.sync.goOnWith(kept.unsaved, kept.base)).toBe(true);
  }

  /** The server, over a line on which requests and answers are lost. */
  private readonly ask = (method: string, path: string, body?: unknown): Promise<Answer<unknown>> => {
    const asked = this.answer(method, path, body);
    this.asked.push(asked);
    return asked;
  };

  /** Every question of its pages has its answer. */
  async rest(): Promise<void> {
    await Promise.all(this.asked);
  }

  private readonly answer = async (method: string, _path: string, body?: unknown): Promise<Answer<unknown>> => {
    const away = { ok: false, status: NO_ANSWER, problem: 'away', body: {} } as const;
    if (this.isCut) return away;
    const { sql: own, access } = this.author;
    if (method === 'GET') {
      const [{ revision }] = (await own`select revision from specs where id = ${access.specId}`) as unknown as [
        { revision: number },
      ];
      return { ok: true, body: await draftOf(own, access, revision) };
    }
    const { id, revision, edits } = body as { id: string; revision: number; edits: Edit[] };
    const result = await saveDraft(own, access, {
      id,
      basedOn: revision,
      edits: JSON.parse(JSON.stringify(edits)) as Edit[],
    });
    if (this.random.whole(0, 9) === 0) {
      this.answersLost++;
      return away;
    }
    if (result.saved) return { ok: true, body: result };
    expect(result.problem).toBeUndefined();
    return { ok: false, status: 409, problem: 'newer', body: { newer: result.newer } };
  };

  /** What the event stream brings, from the last revision that is known. */
  async hear(): Promise<void> {
    if (this.isCut) return;
    const news = await newsSince(this.author.sql, this.author.access.specId, this.sync.revision());
    if (news === 'far') await this.sync.readAnew();
    else if (news) this.sync.hear({ ...news, changedAt: '' });
  }

  /** Something that one does on the bench. */
  change(): void {
    const { document: now, change, undo, redo } = this.store.getState();
    const { random } = this;
    const { id } = random.oneOf(now.breakpoints);
    const what = random.whole(0, 19);
    if (what === 0) return undo();
    if (what === 1) return redo();
    if (what === 2) return void change(addBreakpoint(now, random.whole(4, 20) * 100).value?.spec ?? now);
    if (what === 3) return void change(removeBreakpoint(now, id).value ?? now);
    if (what === 4) return void change(nameBreakpoint(now, id, `Name ${random.whole(1, 99)}`).value ?? now);
    const quantity = random.oneOf(['gutter', 'margin', 'count'] as const);
    change(writeCell(now, id, quantity, String(random.whole(1, 12))).value ?? now);
  }

  choose(): void {
    const one = this.together.getState().waiting[0];
    if (one && this.sync.choose(one.id, this.random.whole(0, 1) === 0) !== null) this.sync.choose(one.id, false);
  }
}

test('three people at random: changing, undoing, cut off, reloading, losing answers; all end with the same, nothing is lost untold', async () => {
  for (const seed of process.env.YPSILINE_LONG ? [1, 2, 3, 4, 5] : [1, 2]) {
    const random = randomOf(seed);
    const { id, authors } = await scene(`model-${seed}`, 3);
    const windows = authors.map((author) => new Window(author, random));
    for (const window of windows) await window.open();
    const done = { collisions: 0, reloads: 0, cuts: 0 };

    for (let turn = 0; turn < TURNS; turn++) {
      const window = random.oneOf(windows);
      const what = random.whole(0, 99);
      // no line stays cut for long
      if (window.isCut && random.whole(0, 5) === 0) window.isCut = false;
      if (what < 55) window.change();
      else if (what < 75) await window.sync.save();
      else if (what < 88) await window.hear();
      else if (what < 92) window.choose();
      else if (what < 97) {
        window.isCut = !window.isCut && random.whole(0, 1) === 0;
        done.cuts++;
      } else {
        done.reloads++;
        await window.open();
      }
      const { document: now } = window.store.getState();
      expect(readSpec(now).problem).toBeUndefined();
    }
    for (const window of windows) {
      window.isCut = false;
      for (let turn = 0; turn < 50 && !(await window.sync.flush()); turn++);
    }
    for (const window of windows) await window.hear();
    for (const window of windows) await window.rest();

    const [{ revision }] = (await sql()`select revision from specs where id = ${id}`) as unknown as [
      { revision: number },
    ];
    const stored = await documentAt(sql(), id, revision);
    for (const window of windows) expect(window.store.getState().document).toEqual(stored);

    const revisions =
      (await sql()`select edits, made_by from revisions where spec_id = ${id} and revision > 1 order by revision`) as unknown as {
        edits: Edit[];
        madeBy: string;
      }[];
    expect(new Set(revisions.map(({ madeBy }) => madeBy)).size).toBe(3);
    const documents: Spec[] = [document];
    for (const { edits } of revisions) documents.push(applyEdits<Spec>(documents.at(-1)!, edits).value!);
    expect(documents.at(-1)).toEqual(stored);
    for (const window of windows) {
      // what somebody made of a place last has stood there, or they were told that it does not
      for (const [index, { at, after }] of window.changed.entries()) {
        const isLast = window.changed
          .slice(index + 1)
          .every((later) => !`${later.at}/`.startsWith(`${at}/`) && !`${at}/`.startsWith(`${later.at}/`));
        const isTold = [...window.told].some((told) => `${at}/`.startsWith(`${told}/`));
        if (!isLast || isTold) continue;
        const stood = documents.some((each) => textOf(valueAtText(each, at)) === after);
        expect([at, after, stood]).toEqual([at, after, true]);
      }
      done.collisions += window.told.size;
    }
    expect(Math.min(done.collisions, done.reloads, done.cuts)).toBeGreaterThan(0);
    expect(windows.some(({ answersLost }) => answersLost > 0)).toBe(true);
  }
}, 900_000);

test('one person alone, whose answers are lost and whose page is loaded anew, never meets themselves', async () => {
  const random = randomOf(7);
  const { authors } = await scene('alone', 1);
  const window = new Window(authors[0]!, random);
  await window.open();
  for (let turn = 0; turn < TURNS; turn++) {
    const what = random.whole(0, 99);
    if (window.isCut && random.whole(0, 5) === 0) window.isCut = false;
    if (what < 50) window.change();
    else if (what < 75) await window.sync.save();
    else if (what < 85) await window.hear();
    else if (what < 90) window.isCut = !window.isCut && random.whole(0, 1) === 0;
    else await window.open();
    expect([window.told.size, window.together.getState().apart]).toEqual([0, null]);
  }
  await window.rest();
  expect(window.answersLost).toBeGreaterThan(2);
}, 300_000);

const valueAtText = (of: unknown, at: string): unknown =>
  valueAt(
    of,
    at
      .split('/')
      .slice(1)
      .map((part) => part.replaceAll('~1', '/').replaceAll('~0', '~')),
  );
