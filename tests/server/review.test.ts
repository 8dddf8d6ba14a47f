import { createServer } from 'node:http';
import { once } from 'node:events';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { type SpecAccess, specAccess } from '../../server/access/access';
import { keyAccess } from '../../server/access/key-access';
import { makeKey } from '../../server/access/keys';
import type { Action, Role } from '../../server/access/permissions';
import { actingAs } from '../../server/database/acting-as';
import { applicationAddress } from '../../server/database/application-role';
import { connect, type Sql } from '../../server/database/database';
import { draftOf, saveDocument } from '../../server/specs/drafts';
import { versionFor, versionsOf } from '../../server/editions/edition-files';
import { editionAt } from '../../server/editions/editions';
import { publishEdition } from '../../server/editions/publish';
import { followersOf, followWithKey, noteFollower } from '../../server/editions/followers';
import { historyOf, nameRevision, restoreRevision } from '../../server/specs/history';
import { openLookup, postman } from '../../server/hooks/deliver';
import { deliveriesOf, makeHook, removeHook } from '../../server/hooks/hooks';
import { isGenuine, signatureOf } from '../../server/hooks/signature';
import { outboxOf } from '../../server/team/mail';
import { needApprovals } from '../../server/team/members';
import { markRead, noticesOf, sendDigest, unreadCount, want } from '../../server/team/notices';
import { addPerson } from '../../server/team/people';
import { changeRemark, remarksOf, settleThread, writeRemark } from '../../server/specs/remarks';
import { answerReview, askReview, endReview, reviewState } from '../../server/specs/reviews';
import { createSpec, deleteSpec, setArchived } from '../../server/specs/specs';
import {
  makeStartingSet,
  removeStartingSet,
  startingDocument,
  startingSetsOf,
  startOf,
} from '../../server/team/starting-sets';
import { withdrawEdition } from '../../server/editions/withdrawals';
import { DOCUMENT } from './doings';
import { type Membership, teamWithMember, testDatabase } from './test-database';

const { sql, url } = testDatabase();
let application: Sql;
let owner: Membership;
let stranger: Membership;
const people = {} as Record<Role, string>;

beforeAll(async () => {
  application = connect(applicationAddress(url()), 4);
  owner = await teamWithMember(sql(), 'quay');
  stranger = await teamWithMember(sql(), 'far');
  people.owner = owner.personId;
  for (const role of ['author', 'reviewer', 'reader'] as const) {
    const person = { email: `${role}@quay.test`, name: role, password: 'a long password', says: '', role };
    people[role] = (await addPerson(sql(), owner.teamId, person)).id;
  }
});
afterAll(() => application.end());

const as = (role: Role): Sql => actingAs(application, { personId: people[role] });
const on = async <A extends Action>(role: Role, id: string, ...actions: [A, ...A[]]) =>
  (await specAccess(as(role), people[role], { id }, ...actions))!;

const fresh = async (): Promise<string> => (await createSpec(as('owner'), owner.access, DOCUMENT)).id;
const withGutter = (gutter: string) => ({
  ...DOCUMENT,
  breakpoints: DOCUMENT.breakpoints.map((each) => ({ ...each, columns: { ...each.columns, gutter } })),
});
const save = async (role: Role, id: string, basedOn: number, gutter: string) =>
  saveDocument(as(role), await on(role, id, 'edit'), { basedOn, document: withGutter(gutter) });
const publish = async (id: string, revision: number, version: string, stepReason = '') =>
  publishEdition(as('owner'), await on('owner', id, 'publish'), { revision, version, note: 'A note.', stepReason });
const state = async (id: string) => reviewState(as('reader'), await on('reader', id, 'read-drafts'));

describe('a review', () => {
  const approve = async (role: 'owner' | 'author' | 'reviewer', id: string, revision: number) =>
    answerReview(as(role), await on(role, id, 'review'), { verdict: 'approve', note: '', revision });

  test('is asked for, answered, lapses with a change and holds again when that is taken back; publishing needs it', async () => {
    const id = await fresh();
    await needApprovals(as('owner'), owner.access, 1);
    expect(await publish(id, 1, '1.0.0')).toMatchObject({
      published: false,
      problem: 'This draft needs one approval to be published; it has none that still counts. Request a review.',
    });
    const asked = await askReview(as('author'), await on('author', id, 'ask-review'), {
      note: 'The gutters.',
      people: [people.reviewer],
    });
    expect(asked.problem).toBeUndefined();
    expect(
      (await askReview(as('author'), await on('author', id, 'ask-review'), { note: 'Again.', people: [] })).problem,
    ).toMatch(/already open/);
    expect((await noticesOf(as('reviewer'), people.reviewer))[0]).toMatchObject({ kind: 'ask-review', isRead: false });

    expect((await approve('reviewer', id, 1)).problem).toBeUndefined();
    expect(await state(id)).toMatchObject({ approvals: 1, changesAsked: false });
    await save('author', id, 1, '12px');
    const lapsed = await state(id);
    expect(lapsed).toMatchObject({ approvals: 0 });
    expect(lapsed.review!.answers[0]).toMatchObject({ holds: false, revision: 1 });
    expect(lapsed.review!.answers[0]!.lapsedBy.join()).toContain('Gutter');
    expect(await publish(id, 2, '1.0.0')).toMatchObject({ published: false });
    // what was approved is there again
    await saveDocument(as('author'), await on('author', id, 'edit'), {
      basedOn: 2,
      document: (await draftOf(as('author'), await on('author', id, 'edit'), 1)).document,
    });
    expect(await state(id)).toMatchObject({ approvals: 1 });
    expect(await publish(id, 3, '1.0.0')).toMatchObject({ published: true, version: '1.0.0' });
    expect((await state(id)).review).toBeNull();
    await needApprovals(as('owner'), owner.access, 0);
  });

  test('is not approved by an author who changed the draft, and holds back while changes are asked for', async () => {
    const id = await fresh();
    await needApprovals(as('owner'), owner.access, 1);
    await save('author', id, 1, '12px');
    await askReview(as('author'), await on('author', id, 'ask-review'), { note: 'Look.', people: [] });
    expect((await approve('author', id, 2)).problem).toMatch(/’ve changed this draft since the last edition/);
    expect((await approve('reviewer', id, 1)).problem).toMatch(/now at revision 2; you looked at 1/);
    const changes = async (note: string) =>
      answerReview(as('reviewer'), await on('reviewer', id, 'review'), { verdict: 'ask-changes', note, revision: 2 });
    expect((await changes(' ')).problem).toMatch(/what should change/);
    expect((await changes('Wider.')).problem).toBeUndefined();
    expect((await approve('owner', id, 2)).problem).toBeUndefined();
    expect(await publish(id, 2, '1.0.0')).toMatchObject({
      problem: expect.stringMatching(/Changes were requested/) as string,
    });
    // the same reviewer thinks again
    expect((await approve('reviewer', id, 2)).problem).toBeUndefined();
    expect(await state(id)).toMatchObject({ approvals: 2, changesAsked: false });
    expect(await endReview(as('author'), await on('author', id, 'ask-review'))).toBe(true);
    expect((await approve('reviewer', id, 2)).problem).toMatch(/no open review/);
    await needApprovals(as('owner'), owner.access, 0);
  });

  test('is asked of people of this team who may review', async () => {
    const id = await fresh();
    for (const person of [people.reader, stranger.personId])
      expect(
        (await askReview(as('author'), await on('author', id, 'ask-review'), { note: 'Look.', people: [person] }))
          .problem,
      ).toMatch(/who can review/);
  });
});

describe('the step of a version', () => {
  test('is lowered only with a reason, which is kept', async () => {
    const id = await fresh();
    await publish(id, 1, '1.0.0');
    await saveDocument(as('author'), await on('author', id, 'edit'), {
      basedOn: 1,
      document: {
        ...withGutter('16px'),
        breakpoints: withGutter('16px').breakpoints.map((each) => ({
          ...each,
          columns: { ...each.columns, count: 6 },
        })),
      },
    });
    expect(await publish(id, 2, '1.1.0')).toEqual({
      published: false,
      field: 'stepReason',
      problem: expect.stringMatching(/^These changes need 2\.0\.0: .* Enter why 1\.1\.0 is enough/) as string,
    });
    expect(await publish(id, 2, '1.1.0', 'Nobody builds on it yet.')).toMatchObject({
      published: true,
      version: '1.1.0',
    });
    expect(await editionAt(as('reader'), await on('reader', id, 'read'), '1.1.0')).toMatchObject({
      stepReason: 'Nobody builds on it yet.',
    });
  });
});

describe('remarks', () => {
  test('stand in threads, mention people of the team, are changed by their writers and settled by anybody', async () => {
    const id = await fresh();
    const [reader, author] = [await on('reader', id, 'remark'), await on('author', id, 'remark')];
    const at = ['breakpoints', 'phone', 'columns', 'gutter'];
    const first = await writeRemark(as('reader'), reader, {
      text: 'Why <b>16</b>, author?',
      at,
      about: 'Gutter, Phone',
      mentions: [people.author],
    });
    expect(first.problem).toBeUndefined();
    expect((await noticesOf(as('author'), people.author))[0]).toMatchObject({
      kind: 'mention',
      path: expect.stringContaining(`#${first.value!}`) as string,
    });
    const answer = await writeRemark(as('author'), author, { text: 'It divides.', thread: first.value! });
    expect((await noticesOf(as('reader'), people.reader))[0]).toMatchObject({ kind: 'remark' });
    expect((await writeRemark(as('reader'), reader, { text: 'x', mentions: [stranger.personId] })).problem).toMatch(
      /isn’t in this team/,
    );
    expect((await writeRemark(as('reader'), reader, { text: 'x', thread: answer.value! })).problem).toMatch(
      /thread no longer exists/,
    );
    expect((await writeRemark(as('reader'), reader, { text: '  ' })).problem).toMatch(/Enter a comment/);

    expect((await changeRemark(as('reader'), reader, answer.value!, 'Mine now')).problem).toMatch(/Only its author/);
    // and the database says the same, whatever asks
    await expect(as('reader')`update remarks set text = 'Mine now' where id = ${answer.value!}`).rejects.toThrow(
      /is changed by whoever wrote it/,
    );
    expect((await changeRemark(as('author'), author, answer.value!, 'It divides by 4.')).problem).toBeUndefined();
    expect(await settleThread(as('author'), author, first.value!, true)).toBe(true);
    expect((await changeRemark(as('reader'), reader, first.value!, null)).problem).toBeUndefined();
    const kept = await remarksOf(as('reader'), reader);
    expect(kept.map(({ text, isDeleted, about, settledBy }) => [text, isDeleted, about, settledBy])).toEqual([
      ['', true, 'Gutter, Phone', 'author'],
      ['It divides by 4.', false, '', null],
    ]);
    expect(await settleThread(as('author'), author, first.value!, false)).toBe(true);
  });
});

describe('history', () => {
  test('is read in pages, named, and restored as a revision on top', async () => {
    const id = await fresh();
    for (let revision = 1; revision <= 4; revision++)
      await save(revision % 2 ? 'author' : 'owner', id, revision, `${8 + revision}px`);
    const reader = await on('reader', id, 'read-drafts');
    expect(
      (await historyOf(as('reader'), reader)).map(({ revision, madeBy, edits }) => [revision, madeBy, edits]),
    ).toEqual([
      [5, 'Member of quay', 1],
      [4, 'author', 1],
      [3, 'Member of quay', 1],
      [2, 'author', 1],
      [1, 'Member of quay', 0],
    ]);
    expect(await historyOf(as('reader'), reader, 3)).toHaveLength(2);
    const author = await on('author', id, 'edit');
    await nameRevision(as('author'), author, 2, 'Before the talk');
    expect((await historyOf(as('reader'), reader))[3]).toMatchObject({ name: 'Before the talk' });
    await nameRevision(as('author'), author, 2, '');
    expect((await historyOf(as('reader'), reader))[3]).toMatchObject({ name: null });
    expect((await nameRevision(as('author'), author, 99, 'x')).problem).toBe('There’s no revision 99.');
    expect(await restoreRevision(as('author'), author, { revision: 1, basedOn: 5 })).toMatchObject({
      saved: true,
      revision: 6,
    });
    expect((await draftOf(as('author'), author, 6)).document).toEqual(
      (await draftOf(as('author'), author, 1)).document,
    );
    expect(await restoreRevision(as('author'), author, { revision: 1, basedOn: 6 })).toMatchObject({
      problem: expect.stringMatching(/nothing to restore/) as string,
    });
    expect(await restoreRevision(as('author'), author, { revision: 2, basedOn: 5 })).toMatchObject({
      saved: false,
      newer: { revision: 6 },
    });
  });
});

describe('withdrawing, and who builds on what', () => {
  test('a withdrawn edition stays readable, latest passes it by, and followers are named', async () => {
    const id = await fresh();
    await publish(id, 1, '1.0.0');
    await save('author', id, 1, '12px');
    await publish(id, 2, '1.1.0');
    const author = await on('author', id, 'publish');
    expect(
      (await noteFollower(as('author'), author, { name: 'Booking site', version: '1.1.0', note: '' })).problem,
    ).toBeUndefined();
    expect((await noteFollower(as('author'), author, { name: 'Kiosk', version: '9.0.0', note: '' })).problem).toBe(
      'There’s no edition 9.0.0; there are 1.1.0, 1.0.0.',
    );
    const withdraw = (reason: string) => withdrawEdition(as('author'), author, { version: '1.1.0', reason });
    expect((await withdraw(' ')).problem).toMatch(/Readers will see/);
    expect((await withdraw('The gutter is wrong.')).problem).toBeUndefined();
    expect((await withdraw('Again.')).problem).toBe('Edition 1.1.0 is already withdrawn.');
    const reader = await on('reader', id, 'read');
    expect(await versionFor(as('reader'), reader, 'latest')).toBe('1.0.0');
    expect((await editionAt(as('reader'), reader, 'latest'))?.version).toBe('1.0.0');
    expect(await editionAt(as('reader'), reader, '1.1.0')).toMatchObject({
      withdrawn: { reason: 'The gutter is wrong.', by: 'author' },
    });
    expect((await versionsOf(as('reader'), reader)).map(({ withdrawn }) => withdrawn)).toEqual([
      'The gutter is wrong.',
      null,
    ]);
    const [notice] = await noticesOf(as('reader'), people.reader);
    expect(notice).toMatchObject({
      kind: 'withdraw',
      text: expect.stringContaining('Followers: Booking site') as string,
    });
    await expect(sql()`update withdrawals set reason = ''`).rejects.toThrow('UPDATE is refused');

    const key = await makeKey(as('owner'), owner.access, { name: 'Build', specIds: [id], days: 1 });
    const opened = (await keyAccess(application, key.value!.secret, { team: 'quay', spec: author.specSlug }))!;
    const build = actingAs(application, opened);
    expect((await followWithKey(build, opened, { name: 'booking SITE', version: '1.0.0' })).problem).toBeUndefined();
    expect((await followWithKey(build, opened, { name: 'x', version: '3.0.0' })).problem).toBe(
      'There’s no edition 3.0.0.',
    );
    expect(
      (await followersOf(as('reader'), await on('reader', id, 'read-drafts'))).map(
        ({ name, version, behind, key: by }) => [name, version, behind, by],
      ),
    ).toEqual([['Booking site', '1.0.0', 1, 'a build']]);
    const other = await fresh();
    await expect(build`select note_follower(${other}, 'x', '1.0.0')`).rejects.toThrow(/opens no such edition/);
  });
});

describe('notices', () => {
  test('are read, turned off by kind, and sent once a day as a letter', async () => {
    const id = await fresh();
    const author = await on('author', id, 'remark');
    const mention = () => writeRemark(as('author'), author, { text: 'You?', mentions: [people.reader] });
    await markRead(as('reader'), people.reader, null);
    await mention();
    expect(await unreadCount(as('reader'), people.reader)).toBe(1);
    await want(as('reader'), people.reader, 'mention', false);
    await mention();
    expect(await unreadCount(as('reader'), people.reader)).toBe(1);
    await want(as('reader'), people.reader, 'mention', true);
    // nobody reads those of another
    expect(await noticesOf(as('author'), people.reader)).toEqual([]);

    await sql()`update notices set made_at = now() - interval '2 hours' where person_id = ${people.reader}`;
    const due = async () =>
      (await application`select person_id from digests_due()`).map((row) => row.personId as string);
    expect(await due()).toContain(people.reader);
    expect(await sendDigest(as('reader'), people.reader)).toBe(1);
    expect(await due()).not.toContain(people.reader);
    expect((await outboxOf(as('owner'), owner.access))[0]).toMatchObject({
      recipient: 'reader@quay.test',
      subject: 'One notice from quay',
    });
    await mention();
    await sql()`update notices set made_at = now() - interval '2 hours' where person_id = ${people.reader}`;
    // once a day
    expect(await due()).not.toContain(people.reader);
  });
});

describe('web hooks', () => {
  test('are signed, tried again when they fail, and end when they are removed', async () => {
    const came: { body: string; genuine: boolean }[] = [];
    let answers = 500;
    let secret = '';
    const receiver = createServer((request, response) => {
      let body = '';
      request.on('data', (chunk) => (body += String(chunk)));
      request.on('end', () => {
        const [signature, seconds] = [
          String(request.headers['ypsiline-signature']),
          Number(request.headers['ypsiline-time']),
        ];
        came.push({ body, genuine: isGenuine(secret, { signature, seconds, body }) });
        response.writeHead(answers, answers === 302 ? { Location: 'http://127.0.0.1/' } : {}).end();
      });
    }).listen(0, '127.0.0.1');
    await once(receiver, 'listening');
    const address = `http://127.0.0.1:${(receiver.address() as { port: number }).port}`;
    const made = await makeHook(as('owner'), owner.access, { name: 'Build', url: 'own', kinds: ['publish'] });
    secret = made.value!.secret;
    const id = await fresh();
    await writeRemark(as('reader'), await on('reader', id, 'remark'), { text: 'Not told of.' });
    await publish(id, 1, '1.0.0');

    const { sendDue, idle } = postman(application, address);
    const again = async (status: number) => {
      answers = status;
      await sql()`update deliveries set next_try_at = now() where next_try_at is not null`;
      const taken = await sendDue();
      await idle();
      return taken;
    };
    expect(await again(500)).toBe(1);
    // the same is not taken twice at once
    expect(await sendDue()).toBe(0);
    expect(await again(302)).toBe(1);
    const [waiting] = await deliveriesOf(as('owner'), owner.access);
    expect(waiting).toMatchObject({
      tries: 2,
      deliveredAt: null,
      said: expect.stringMatching(/^answered 302, a redirect/) as string,
    });
    expect(await again(204)).toBe(1);
    expect(await again(204)).toBe(0);
    expect(came.map(({ genuine }) => genuine)).toEqual([true, true, true]);
    expect(JSON.parse(came[2]!.body)).toMatchObject({ event: 'publish', team: 'quay', version: '1.0.0' });
    expect((await deliveriesOf(as('owner'), owner.access))[0]).toMatchObject({
      tries: 3,
      deliveredAt: expect.any(Date) as Date,
      nextTryAt: null,
    });

    await save('author', id, 1, '12px');
    await publish(id, 2, '1.1.0');
    await removeHook(as('owner'), owner.access, made.value!.id);
    expect(await again(204)).toBe(0);
    receiver.close();
  });

  test('go to no address of the own network: as typed, and as looked up', async () => {
    const make = (url: string) => makeHook(as('owner'), owner.access, { name: 'Inside', url, kinds: ['publish'] });
    expect((await make('http://127.0.0.1:4410/')).problem).toMatch(/own network/);
    expect((await make('http://localhost/')).problem).toMatch(/own network/);
    // a name that stands for the own machine, whatever it stood for when it was given
    const lookUp = (name: string, stands: string[]) =>
      new Promise((resolve) =>
        openLookup(() => Promise.resolve(stands))(name, {}, (error, found) => resolve(error?.message ?? found)),
      );
    expect(await lookUp('inside.example', ['9.9.9.9', '127.0.0.1'])).toMatch(/own network/);
    expect(await lookUp('none.example', [])).toBe('none.example has no address');
    expect(await lookUp('9.9.9.9', [])).toBe('9.9.9.9');
    expect(await lookUp('outside.example', ['9.9.9.9'])).toBe('9.9.9.9');
  });

  test('a signature is of its time and its body', () => {
    const now = 1_764_057_600;
    // RFC 4231, test case 2, has the same key and its own text; here the text carries the time
    const signature = signatureOf('Jefe', now, '{}');
    expect(isGenuine('Jefe', { signature, seconds: now, body: '{}' }, now + 10)).toBe(true);
    expect(isGenuine('Jefe', { signature, seconds: now, body: '{} ' }, now)).toBe(false);
    expect(isGenuine('Jefe', { signature, seconds: now + 1, body: '{}' }, now)).toBe(false);
    expect(isGenuine('Jefe', { signature, seconds: now, body: '{}' }, now + 301)).toBe(false);
    expect(isGenuine('else', { signature, seconds: now, body: '{}' }, now)).toBe(false);
  });
});

describe('starting sets', () => {
  test('are editions from which specs begin, which remember it', async () => {
    const id = await fresh();
    await publish(id, 1, '1.0.0');
    const author = await on('author', id, 'edit');
    const set = await makeStartingSet(as('author'), author, { name: 'Public sites', version: '1.0.0' });
    expect((await makeStartingSet(as('author'), author, { name: 'public SITES', version: '1.0.0' })).problem).toMatch(
      /already/,
    );
    expect((await makeStartingSet(as('author'), author, { name: 'None', version: '2.0.0' })).problem).toBe(
      'There’s no edition 2.0.0.',
    );
    const document = (await startingDocument(as('author'), author, set.value!))!;
    const begun = await createSpec(as('author'), author, { ...document, name: 'Begun' }, { startedFrom: set.value! });
    await save('author', id, 1, '12px');
    await publish(id, 2, '1.1.0');
    expect(await startOf(as('reader'), await on('reader', begun.id, 'read-drafts'))).toMatchObject({
      set: 'Public sites',
      version: '1.0.0',
      newest: '1.1.0',
    });
    expect(await removeStartingSet(as('author'), author, set.value!)).toBe(true);
    expect(await startingSetsOf(as('author'), author)).toEqual([]);
    expect(await startingDocument(as('author'), author, set.value!)).toBeNull();
    expect(await startOf(as('reader'), await on('reader', begun.id, 'read-drafts'))).toMatchObject({
      set: 'Public sites',
    });
  });
});

test('an archived spec without an edition is deleted with all that belongs to it; one with an edition stays', async () => {
  const id = await fresh();
  await askReview(as('author'), await on('author', id, 'ask-review'), { note: 'Look.', people: [people.reviewer] });
  const first = await writeRemark(as('reader'), await on('reader', id, 'remark'), { text: 'Why?' });
  await writeRemark(as('author'), await on('author', id, 'remark'), {
    text: 'So.',
    thread: first.value!,
    mentions: [people.reader],
  });
  await save('author', id, 1, '12px');
  const access: SpecAccess<'people' | 'archive'> = await on('owner', id, 'people', 'archive');
  expect((await deleteSpec(as('owner'), access)).problem).toMatch(/Archive this specification first/);
  await setArchived(as('owner'), access, true);
  expect((await deleteSpec(as('owner'), access)).problem).toBeUndefined();
  expect(await sql()`select 1 from revisions where spec_id = ${id}`).toHaveLength(0);

  const published = await fresh();
  await publish(published, 1, '1.0.0');
  const other = await on('owner', published, 'people', 'archive');
  await setArchived(as('owner'), other, true);
  expect((await deleteSpec(as('owner'), other)).problem).toMatch(/someone may build on it/);
});
