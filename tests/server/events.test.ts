import { randomUUID } from 'node:crypto';
import { afterEach, expect, test } from 'vitest';
import { editsBetween } from '../../core/edits/edits-between';
import { writeCell } from '../../core/quantities/write-cell';
import { practiceSpec } from '../../core/spec/testing';
import { applicationAddress } from '../../server/database/application-role';
import { connect } from '../../server/database/database';
import { type News, saveDraft } from '../../server/specs/drafts';
import { createHub, type Hub, type StreamEvent } from '../../server/events/hub';
import { STREAM_LIMITS } from '../../server/events/limits';
import { openStream } from '../../server/events/stream';
import { keepListening } from '../../server/events/listen';
import { removeMember } from '../../server/team/members';
import { addPerson } from '../../server/team/people';
import { type Here, hereAt, windowIsAt } from '../../server/specs/presence';
import { openSession } from '../../server/sign-in/sessions';
import { hashToken } from '../../server/sign-in/tokens';
import { createSpec } from '../../server/specs/specs';
import { specAccess } from '../../server/access/access';
import { onSpec, teamWithMember, testDatabase } from './test-database';

const { sql, url } = testDatabase();
const document = practiceSpec('Heard');
const gutter = (text: string) => editsBetween(document, writeCell(document, 'phone', 'gutter', text).value!);

const ending: (() => Promise<unknown>)[] = [];
afterEach(async () => {
  for (const end of ending.splice(0)) await end();
});

/** A process of the application: it listens, and has windows. */
function processOf(): { hub: Hub } {
  const own = connect(applicationAddress(url()), 4);
  const hub = createHub(own);
  const stop = keepListening(applicationAddress(url()), {
    onNote: (kind, spec) => hub.note(spec, kind as 'saved'),
    onHeard: hub.noteAll,
  });
  ending.push(stop, () => own.end());
  return { hub };
}

/** A window that writes down what it is told. */
function look(hub: Hub, at: { specId: string; personId: string; session: string; window: string }, revision = 1) {
  const told = { saved: [] as News[], here: [] as Here[][], far: 0, ended: [] as string[] };
  const watcher = {
    ...at,
    view: 'bench',
    revision,
    send: ({ name, data }: StreamEvent) => {
      if (name === 'saved') told.saved.push(data as News);
      else if (name === 'here') told.here.push(data as Here[]);
      else told.far++;
    },
    breathe: () => {},
    release: () => {},
    end: (why: string) => {
      told.ended.push(why);
      hub.remove(watcher);
    },
  };
  hub.add(watcher);
  return { told, watcher };
}

async function until(is: () => boolean): Promise<void> {
  for (let turn = 0; turn < 400 && !is(); turn++) await new Promise((resolve) => setTimeout(resolve, 25));
  expect(is()).toBe(true);
}

async function scene(slug: string) {
  const owner = await teamWithMember(sql(), slug);
  const { id: specId } = await createSpec(sql(), owner.access, document);
  const { id: personId } = await addPerson(sql(), owner.teamId, {
    email: `second@${slug}.test`,
    name: 'Second',
    password: 'a long password',
    says: '',
  });
  const session = async (person: string) =>
    hashToken(await openSession(sql(), { personId: person, address: '', agent: '' })).toString('hex');
  const at = async (person: string, window: string) => ({
    specId,
    personId: person,
    session: await session(person),
    window,
  });
  return { owner, specId, personId, at, access: await onSpec(sql(), owner, specId) };
}

test('two processes hear of a save through either, once, from the revision that each window knows', async () => {
  const { access, owner, personId, at } = await scene('two-processes');
  const [one, two] = [processOf(), processOf()];
  const first = look(one.hub, await at(owner.personId, 'windowone1'));
  const second = look(two.hub, await at(personId, 'windowtwo2'));
  await saveDraft(sql(), access, { basedOn: 1, edits: gutter('12') });
  await until(() => first.told.saved.length > 0 && second.told.saved.length > 0);
  for (const { told } of [first, second])
    expect(told.saved).toMatchObject([{ revision: 2, edits: [[{ after: '12px' }]], by: ['Member of two-processes'] }]);
  // one that comes later, or comes back, begins where it was
  const late = look(two.hub, await at(personId, 'windowlate'), 1);
  await until(() => late.told.saved.length > 0);
  expect(late.told.saved[0]!.revision).toBe(2);
  const newest = look(two.hub, await at(personId, 'windownew1'), 2);
  await until(() => newest.told.here.length > 0);
  expect(newest.told.saved).toEqual([]);
});

test('a connection for listening that is cut is made anew, and nothing is missed', async () => {
  const { access, owner, at } = await scene('cut');
  const { hub } = processOf();
  const { told } = look(hub, await at(owner.personId, 'windowcut1'));
  await saveDraft(sql(), access, { basedOn: 1, edits: gutter('12') });
  await until(() => told.saved.length === 1);
  await sql()`select pg_terminate_backend(pid) from pg_stat_activity where query ilike 'listen%' and datname = current_database()`;
  await saveDraft(sql(), access, { basedOn: 2, edits: [{ ...gutter('12')[0]!, before: '12px', after: '8px' }] });
  await until(() => told.saved.length === 2);
  expect(told.saved[1]).toMatchObject({ revision: 3, edits: [[{ after: '8px' }]] });
}, 300_000);

test('who is here, and gone; whoever leaves the team hears no more; a stream ends in order', async () => {
  const { access, specId, owner, personId, at } = await scene('here');
  const { hub } = processOf();
  const first = look(hub, await at(owner.personId, 'windowhere'));
  const theirs = (await specAccess(sql(), personId, { id: specId }, 'read-drafts'))!;
  const second = look(hub, await at(personId, 'windowgone'));
  await windowIsAt(sql(), theirs, { window: 'windowgone', view: 'bench', cell: 'phone gutter' });
  await until(() => first.told.here.at(-1)?.some(({ cell }) => cell === 'phone gutter') ?? false);
  expect(first.told.here.at(-1)).toEqual([
    { window: 'windowgone', person: personId, name: 'Second', view: 'bench', cell: 'phone gutter' },
  ]);
  // what is said to be here stays, what is not said so goes
  await hub.sayHere();
  expect(await hereAt(sql(), specId)).toHaveLength(2);
  await sql()`update presence set seen_at = now() - interval '13 seconds' where window_id = 'windowhere'`;
  hub.remove(first.watcher);
  await hub.sayHere();
  expect((await hereAt(sql(), specId)).map(({ window }) => window)).toEqual(['windowgone']);

  expect(await removeMember(sql(), owner.access, personId)).not.toHaveProperty('problem', expect.any(String));
  await saveDraft(sql(), access, { basedOn: 1, edits: gutter('12') });
  await until(() => second.told.ended.length > 0);
  expect(second.told).toMatchObject({ ended: ['over'], saved: [] });
  expect(hub.count()).toBe(0);

  const many = await at(owner.personId, 'x');
  const open = Array.from({ length: 60 }, (_, number) => look(hub, { ...many, window: `windowmany${number}` }));
  await hub.drain(500);
  expect(open.every(({ told }) => told.ended[0] === 'again')).toBe(true);
  expect(hub.count()).toBe(0);
});

test('more than can be told: the draft is to be read anew', async () => {
  const { access, owner, at } = await scene('far');
  const { hub } = processOf();
  await saveDraft(sql(), access, { basedOn: 1, edits: gutter('12') });
  const { told } = look(hub, await at(owner.personId, 'windowfar1'), 99);
  await until(() => told.far > 0);
  expect(told.saved).toEqual([]);
});

test('so many streams of one person, taken before anything is waited for; a place that is given back is free', () => {
  const hub = createHub(sql());
  const taken = Array.from({ length: 500 }, () => hub.takePlace('7'));
  const places = taken.filter((each) => typeof each === 'function');
  expect([places.length, taken.at(-1)]).toEqual([STREAM_LIMITS.ofOne, 'person']);
  expect(hub.takePlace('8')).toBeTypeOf('function');
  places[0]!();
  // given back twice, it is free once
  places[0]!();
  expect([hub.takePlace('7'), hub.takePlace('7')]).toEqual([expect.any(Function), 'person']);
});

test('so many streams at one process', () => {
  const hub = createHub(sql());
  const people = Array.from({ length: STREAM_LIMITS.ofProcess + 5 }, (_, number) => hub.takePlace(`p${number % 400}`));
  expect(people.filter((each) => typeof each === 'function')).toHaveLength(STREAM_LIMITS.ofProcess);
  expect(people.at(-1)).toBe('process');
});

test('of a thousand windows that somebody invents, so many are shown as may be open; others are still shown', async () => {
  const { access, personId } = await teamWithMember(sql(), 'inventor');
  const { id } = await createSpec(sql(), access, { ...practiceSpec('Crowded') });
  const on = (await specAccess(sql(), personId, { id }, 'read-drafts'))!;
  const look = (number: number) =>
    windowIsAt(sql(), on, { window: `window${String(number).padStart(6, '0')}`, view: 'bench', cell: 'a' });
  for (let from = 0; from < 1_000; from += 50)
    await Promise.all(Array.from({ length: 50 }, (_, number) => look(from + number)));
  expect(await hereAt(sql(), id)).toHaveLength(STREAM_LIMITS.ofOne);
  const { personId: guest } = await teamWithMember(sql(), 'guest-of-inventor');
  await sql()`insert into members (team_id, person_id, role) values (${access.teamId}, ${guest}, 'reader')`;
  const theirs = (await specAccess(sql(), guest, { id }, 'read-drafts'))!;
  await windowIsAt(sql(), theirs, { window: 'guestwindow', view: 'bench', cell: '' });
  // a window that is shown goes on to another cell, however full it is
  const [shown] = await hereAt(sql(), id);
  await windowIsAt(sql(), on, { window: shown!.window, view: 'bench', cell: 'b' });
  const here = await hereAt(sql(), id);
  expect(here).toHaveLength(STREAM_LIMITS.ofOne + 1);
  expect(here.find(({ window }) => window === shown!.window)?.cell).toBe('b');
});

test('a stream that nobody reads is ended after so many bytes, and its place is free', async () => {
  const hub = createHub(sql());
  const place = hub.takePlace('9') as () => void;
  let released = 0;
  const watcher = { window: 'silentone', specId: randomUUID(), personId: '9', session: '', view: 'bench', revision: 1 };
  let told: ((event: StreamEvent) => void) | null = null;
  const deaf: Hub = { ...hub, add: ({ send }) => void (told = send), remove: () => released++ };
  const stream = openStream(deaf, { ...watcher, release: place });
  const event: StreamEvent = { name: 'here', data: [], text: `event: here\ndata: ${'x'.repeat(50_000)}\n\n` };
  for (let number = 0; number < 50; number++) told!(event);
  expect(released).toBeGreaterThan(0);
  const reader = stream.getReader();
  let length = 0;
  for (let next = await reader.read(); !next.done; next = await reader.read()) length += next.value.length;
  expect(length).toBeLessThan(STREAM_LIMITS.bytes + 60_000);
});
