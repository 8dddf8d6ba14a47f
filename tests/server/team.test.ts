import { describe, expect, test } from 'vitest';
import { changeEmail } from '../../server/team/account';
import { teamAccess } from '../../server/access/access';
import { actingAs } from '../../server/database/acting-as';
import { invitationBy, invite, joinAnew, revokeInvitation, takeInvitation } from '../../server/team/invitations';
import { logOf } from '../../server/team/log';
import { outboxOf } from '../../server/team/mail';
import { changeRole, handOver, leaveTeam, removeMember } from '../../server/team/members';
import { makePasswordLink, passwordByLink } from '../../server/team/password-links';
import { addPerson, addTeam, membersOf, teamsOf } from '../../server/team/people';
import { endSession, openSession, personOfToken, sessionsOf, signIn } from '../../server/sign-in/sessions';
import { makeTeam } from '../../server/team/teams';
import { migrate } from '../../server/database/migrate';
import { applicationAddress } from '../../server/database/application-role';
import { connect, type Sql } from '../../server/database/database';
import { type Membership, teamWithMember, testDatabase } from './test-database';

const { sql, url } = testDatabase();

/** The database as the application has it, with its policies. */
let pool: Sql | undefined;
const application = (): Sql => (pool ??= connect(applicationAddress(url()), 4));
const as = (personId: string): Sql => actingAs(application(), { personId, address: '192.0.2.7' });

let count = 0;
async function team(): Promise<Membership & { slug: string }> {
  const slug = `team-${++count}`;
  return { ...(await teamWithMember(sql(), slug)), slug };
}
async function joined(teamId: string, role: 'owner' | 'author' | 'reviewer' | 'reader'): Promise<string> {
  const email = `p${++count}@example.test`;
  return (
    await addPerson(sql(), teamId, { email, name: `Person ${count}`, password: 'a long password', says: '', role })
  ).id;
}
const origin = 'https://grids.example';
const secretOf = (path: string): string => path.split('/').at(-1)!;

describe('an invitation', () => {
  test('lets somebody new in, once, as what it says', async () => {
    const { access, personId } = await team();
    const own = as(personId);
    const made = await invite(own, access, { email: 'Rin@Example.test', role: 'reviewer', says: 'Lead' }, origin);
    const secret = secretOf(made.value!.path);
    expect(await invitationBy(application(), secret)).toMatchObject({
      email: 'rin@example.test',
      state: 'open',
      role: 'reviewer',
    });
    const [letter] = await outboxOf(own, access);
    expect(letter).toMatchObject({ recipient: 'rin@example.test' });
    expect(letter!.text).toContain(`${origin}/join/${secret}`);

    expect(
      (await joinAnew(application(), secret, { name: 'Rin', email: 'rin@example.test', password: 'short' })).problem,
    ).toMatch(/at least 10 characters; this has 5/);
    const rin = await joinAnew(application(), secret, {
      name: 'Rin',
      email: 'rin@example.test',
      password: 'a longer password',
    });
    expect(rin.value).toBeDefined();
    expect((await membersOf(own, access)).find(({ name }) => name === 'Rin')).toMatchObject({
      role: 'reviewer',
      says: 'Lead',
    });
    expect(
      (await joinAnew(application(), secret, { name: 'Sol', email: 'sol@example.test', password: 'a longer password' }))
        .problem,
    ).toMatch(/already been used/);
    expect(
      (await signIn(application(), { email: 'rin@example.test', password: 'a longer password', address: '::1' }))
        .signedIn,
    ).toBe(true);
    // nothing is left of the second try
    expect(await sql()`select 1 from people where email = 'sol@example.test'`).toHaveLength(0);
  });

  test('of two who follow it at once, one is in', async () => {
    const { access, personId } = await team();
    const made = await invite(as(personId), access, { email: 'two@example.test', role: 'reader', says: '' }, origin);
    const secret = secretOf(made.value!.path);
    const both = await Promise.all(
      ['a', 'b'].map((each) =>
        joinAnew(application(), secret, {
          name: each,
          email: 'two@example.test',
          password: 'a longer password',
        }),
      ),
    );
    expect(both.filter(({ problem }) => problem === undefined)).toHaveLength(1);
    expect(both.find(({ problem }) => problem !== undefined)!.problem).toMatch(/already been used/);
  });

  test('lapses, is taken back, and is not for somebody who is in already', async () => {
    const { access, personId, teamId } = await team();
    const own = as(personId);
    const make = async (email: string) =>
      (await invite(own, access, { email, role: 'reader', says: '' }, origin)).value!;
    const lapsed = await make('late@example.test');
    await sql()`update invitations set lapses_at = now() - interval '1 minute' where id = ${lapsed.id}`;
    expect(
      (
        await joinAnew(application(), secretOf(lapsed.path), {
          name: 'L',
          email: 'late@example.test',
          password: 'a longer password',
        })
      ).problem,
    ).toMatch(/expired/);
    const revoked = await make('back@example.test');
    expect(await revokeInvitation(own, access, revoked.id)).toBe(true);
    expect(await revokeInvitation(own, access, revoked.id)).toBe(false);
    expect((await takeInvitation(as(await joined(teamId, 'reader')), secretOf(revoked.path))).problem).toMatch(
      /was revoked/,
    );
    const open = await make('open@example.test');
    expect((await takeInvitation(as(await joined(teamId, 'reader')), secretOf(open.path))).problem).toBe(
      'You’re already in this team.',
    );
    const [person] = await sql()<{ email: string }[]>`select email from people where id = ${personId}`;
    expect((await invite(own, access, { email: person!.email, role: 'reader', says: '' }, origin)).problem).toMatch(
      /is already in the team/,
    );
    expect(await invitationBy(application(), 'ypsi_none')).toBeNull();
  });

  test('brings somebody of another team in, who keeps the other', async () => {
    const [one, two] = [await team(), await team()];
    const made = await invite(as(one.personId), one.access, { email: two.email, role: 'author', says: '' }, origin);
    expect((await takeInvitation(as(two.personId), secretOf(made.value!.path))).problem).toBeUndefined();
    expect((await teamsOf(as(two.personId), two.personId)).map(({ slug }) => slug).sort()).toEqual(
      [one.slug, two.slug].sort(),
    );
  });
});

describe('a team keeps an owner', () => {
  test('the last one neither leaves nor steps down', async () => {
    const { access, personId } = await team();
    const own = as(personId);
    const says = 'A team needs an owner. Make someone else an owner first.';
    expect((await leaveTeam(own, access)).problem).toBe(says);
    expect((await changeRole(own, access, personId, 'author')).problem).toBe(says);
    expect((await removeMember(own, access, personId)).problem).toMatch(/leave the team/);
  });

  test('of two owners who leave at once, one stays', async () => {
    const { access, personId, teamId, slug } = await team();
    const second = await joined(teamId, 'owner');
    const theirs = (await teamAccess(as(second), second, slug, 'people'))!;
    const left = await Promise.all([leaveTeam(as(personId), access), leaveTeam(as(second), theirs)]);
    expect(left.filter(({ problem }) => problem === undefined)).toHaveLength(1);
  });

  test('handing over makes the other an owner and oneself an author', async () => {
    const { access, personId, teamId } = await team();
    const next = await joined(teamId, 'reader');
    expect((await handOver(as(personId), access, next)).problem).toBeUndefined();
    const roles = new Map((await membersOf(as(next), access)).map(({ id, role }) => [id, role]));
    expect([roles.get(next), roles.get(personId)]).toEqual(['owner', 'author']);
    expect((await handOver(as(personId), access, personId)).problem).toMatch(/already an owner/);
  });
});

test('whoever is removed is signed out at the next request, and what they made keeps their name', async () => {
  const { access, personId, teamId, slug } = await team();
  const gone = await joined(teamId, 'author');
  const token = await openSession(as(gone), { personId: gone, address: '192.0.2.1', agent: 'Tester/1' });
  expect((await personOfToken(application(), token))?.id).toBe(gone);
  expect((await removeMember(as(personId), access, gone)).problem).toBeUndefined();
  expect(await personOfToken(application(), token)).toBeNull();
  expect(await teamAccess(as(gone), gone, slug, 'read')).toBeNull();
  const [known] = await as(personId)<{ name: string }[]>`select name from people where id = ${gone}`;
  expect(known?.name).toMatch(/^Person/);
  expect((await removeMember(as(personId), access, gone)).problem).toMatch(/no longer in the team/);
});

test('one’s sessions are listed and ended one by one', async () => {
  const { personId } = await team();
  const own = as(personId);
  const [here, there] = [
    await openSession(own, { personId, address: '192.0.2.1', agent: 'Here/1' }),
    await openSession(own, { personId, address: '192.0.2.2', agent: 'There/2' }),
  ];
  const listed = await sessionsOf(own, personId, here);
  expect(listed.map(({ browser, isThis }) => [browser, isThis])).toEqual([
    ['Here/1', true],
    ['There/2', false],
  ]);
  expect(await endSession(own, personId, listed[1]!.id)).toBe(true);
  expect(await personOfToken(application(), there)).toBeNull();
  expect(await personOfToken(application(), here)).not.toBeNull();
});

describe('a forgotten password', () => {
  test('is chosen anew by a link of an owner, once', async () => {
    const { access, personId, teamId } = await team();
    const forgetful = await joined(teamId, 'author');
    const token = await openSession(as(forgetful), { personId: forgetful, address: '', agent: '' });
    const made = await makePasswordLink(as(personId), access, forgetful, origin);
    const secret = secretOf(made.value!.path);
    expect((await passwordByLink(application(), secret, 'a fresh password')).problem).toBeUndefined();
    expect(await personOfToken(application(), token)).toBeNull();
    const [{ email }] = (await sql()`select email from people where id = ${forgetful}`) as unknown as [
      { email: string },
    ];
    expect((await signIn(application(), { email, password: 'a fresh password', address: '::1' })).signedIn).toBe(true);
    expect((await passwordByLink(application(), secret, 'another password')).problem).toMatch(/already been used/);
    expect((await passwordByLink(application(), 'ypsp_none', 'another password')).problem).toMatch(/no such link/);
  });

  test('is not an owner’s to give where the person is in a team of others too', async () => {
    const [one, two] = [await team(), await team()];
    await sql()`insert into members (team_id, person_id, role) values (${one.teamId}, ${two.personId}, 'reader')`;
    expect((await makePasswordLink(as(one.personId), one.access, two.personId, origin)).problem).toMatch(
      /is in other teams too/,
    );
  });
});

test('an e-mail is changed with the password, and only to one that nobody has', async () => {
  const [one, two] = [await team(), await team()];
  const person = { id: one.personId, email: one.email, name: 'One' };
  const own = as(one.personId);
  expect((await changeEmail(own, person, { email: 'fresh@example.test', password: 'wrong' })).problem).toMatch(
    /Wrong current password/,
  );
  expect((await changeEmail(own, person, { email: two.email, password: one.password })).problem).toMatch(
    /Another account/,
  );
  expect((await changeEmail(own, person, { email: 'Fresh@Example.test', password: one.password })).value).toBe(
    'fresh@example.test',
  );
  expect(
    (await signIn(application(), { email: 'fresh@example.test', password: one.password, address: '::1' })).signedIn,
  ).toBe(true);
});

test('a team of one’s own is made, at an address that is free and no page’s', async () => {
  const { personId } = await team();
  const own = as(personId);
  expect((await makeTeam(own, personId, 'Dock yard')).value).toBe('dock-yard');
  expect((await makeTeam(own, personId, 'Dock yard')).value).toBe('dock-yard-2');
  expect((await makeTeam(own, personId, 'People')).value).toBe('people-2');
  expect((await makeTeam(own, personId, '12')).problem).toMatch(/Start it with a letter/);
  const access = (await teamAccess(own, personId, 'dock-yard', 'people'))!;
  expect((await logOf(own, access, {})).map(({ action, about, address }) => [action, about, address])).toEqual([
    ['team', 'Dock yard', ''],
  ]);
});

test('the log says who did what from where, is filtered, and never changes', async () => {
  const { access, personId, teamId } = await team();
  const person = await joined(teamId, 'reader');
  const from = { ...access, address: '192.0.2.9' };
  await changeRole(as(personId), from, person, 'reviewer');
  await removeMember(as(personId), from, person);
  const lines = await logOf(as(personId), access, {});
  expect(lines.map(({ action, about, address }) => [action, about.replace(/\d+/, 'N'), address])).toEqual([
    ['remove', 'Person N', '192.0.2.9'],
    ['role', 'Person N, reader → reviewer', '192.0.2.9'],
  ]);
  expect(await logOf(as(personId), access, { action: 'role' })).toHaveLength(1);
  expect(await logOf(as(personId), access, { person })).toHaveLength(0);
  await expect(sql()`update log set about = ''`).rejects.toThrow('UPDATE is refused');
  await expect(sql()`delete from log`).rejects.toThrow('DELETE is refused');
});

describe('an upgrade', () => {
  const before = testDatabase({ upTo: '008' });

  test('makes the first of each team its owner, and the others authors', async () => {
    const old = before.sql();
    await old`insert into teams (slug, name) values ('one', 'One'), ('two', 'Two')`;
    await old`
      insert into people (email, name, password_hash)
      select 'p' || n || '@old.test', 'P' || n, '' from generate_series(1, 4) n`;
    await old`
      insert into members (team_id, person_id, joined_at)
      select teams.id, people.id, now() + (case when email = 'p3@old.test' then -1 else people.id end) * interval '1 hour'
        from teams, people where slug = 'one' or email in ('p1@old.test', 'p2@old.test')`;
    await migrate(old);
    const roles = await old`
      select slug, email, role from members join teams on teams.id = team_id join people on people.id = person_id order by slug, email`;
    expect(roles.map(({ slug, email, role }) => [slug, String(email).slice(0, 2), role])).toEqual([
      ['one', 'p1', 'author'],
      ['one', 'p2', 'author'],
      ['one', 'p3', 'owner'],
      ['one', 'p4', 'author'],
      ['two', 'p1', 'owner'],
      ['two', 'p2', 'author'],
    ]);
  });
});

test('a team that whoever runs the server adds is not hidden by a page of its name', async () => {
  const { slug } = await addTeam(sql(), { slug: 'keys', name: 'Keys' });
  expect(slug).toBe('keys-2');
  expect((await addTeam(sql(), { slug: 'keys', name: 'Keys' })).slug).toBe('keys-2');
});
