import { describe, expect, test } from 'vitest';
import { editsBetween } from '../../core/edits/edits-between';
import type { Edit } from '../../core/edits/edit';
import { writeCell } from '../../core/quantities/write-cell';
import { practiceSpec } from '../../core/spec/testing';
import type { Spec } from '../../core/spec/schema';
import { type SpecAccess, specAccess } from '../../server/access/access';
import { actingAs } from '../../server/acting-as';
import { applicationAddress } from '../../server/application-role';
import { connect, type Sql } from '../../server/database';
import { draftOf, saveDraft } from '../../server/drafts';
import { documentAt } from '../../server/revisions';
import { addPerson } from '../../server/people';
import { createSpec } from '../../server/specs';
import { joinedWith, onTopOf } from '../../ui/draft/saving/joined';
import { randomOf } from '../browser/model/random';
import { teamWithMember, testDatabase } from './test-database';

const { sql, url } = testDatabase();
const document = practiceSpec('Together');
const cell = (of: Spec, breakpoint: string, quantity: 'gutter' | 'margin' | 'count', text: string): Spec =>
  writeCell(of, breakpoint, quantity, text).value!;

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
    expect(await save(one, 1, phone)).toMatchObject({ saved: true, revision: 2, between: null });
    expect(await save(two, 1, tablet)).toMatchObject({
      saved: true,
      revision: 3,
      between: { edits: [phone], by: ['Author 0'] },
    });
    const newest = await draftOf(one.sql, one.access, 3);
    expect(newest.document).toEqual(cell(cell(document, 'phone', 'gutter', '12'), 'tablet', 'gutter', '24'));
    // the same once more, because its answer was lost: it is there, and nothing is written
    expect(await save(two, 1, tablet)).toMatchObject({ saved: true, revision: 3 });
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
const TURNS = process.env.YPSILINE_LONG ? 2_000 : 150;

test('three people, at random: typing, saving, losing answers, colliding; all end with what the server has', async () => {
  for (const seed of [1, 2]) {
    const random = randomOf(seed);
    const { id, authors } = await scene(`model-${seed}`, 3);
    type Window = { author: Author; revision: number; base: Spec; now: Spec };
    const windows = authors.map((author): Window => ({ author, revision: 1, base: document, now: document }));
    let [merged, collided, lost] = [0, 0, 0];

    const saveOf = async (window: Window, losesAnswer: boolean): Promise<void> => {
      const sent = window.now;
      if (sent === window.base) return;
      const answer = await save(window.author, window.revision, editsBetween(window.base, sent));
      if (losesAnswer) return void lost++;
      if (answer.saved) {
        if (answer.between) merged++;
        const joined = joinedWith({ base: window.base, sent, now: window.now }, answer.between);
        Object.assign(window, { revision: answer.revision, base: joined.saved, now: joined.document });
        return;
      }
      expect(answer.problem).toBeUndefined();
      collided++;
      const { newer } = answer as { newer: { revision: number; document: Spec } };
      // told, one goes on with one’s own or with the newer
      const mine = random.whole(0, 1) === 0 ? onTopOf(newer.document, window.base, window.now) : newer.document;
      Object.assign(window, { revision: newer.revision, base: newer.document, now: mine });
    };

    for (let turn = 0; turn < TURNS; turn++) {
      const window = random.oneOf(windows);
      if (random.whole(0, 2) > 0) {
        const [breakpoint, quantity] = [
          random.oneOf(['phone', 'tablet', 'desktop']),
          random.oneOf(['gutter', 'margin', 'count'] as const),
        ];
        window.now = cell(window.now, breakpoint, quantity, String(random.whole(1, 9)));
      } else await saveOf(window, random.whole(0, 9) === 0);
    }
    for (const window of windows) while (window.now !== window.base) await saveOf(window, false);

    const [{ revision }] = (await sql()`select revision from specs where id = ${id}`) as unknown as [
      { revision: number },
    ];
    const stored = await documentAt(sql(), id, revision);
    // the last who saved has what the server has; the others had it at their own last save
    for (const window of windows) expect(window.now).toEqual(await documentAt(sql(), id, window.revision));
    expect(windows.some((window) => window.revision === revision)).toBe(true);
    expect((await draftOf(authors[0]!.sql, authors[0]!.access, revision)).document).toEqual(stored);
    expect(Math.min(merged, collided, lost)).toBeGreaterThan(0);
  }
}, 600_000);
