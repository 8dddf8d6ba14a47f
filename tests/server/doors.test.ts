import { describe, expect, test } from 'vitest';
import { changeEmail } from '../../server/team/account';
import { type TeamAccess, teamAccess } from '../../server/access/access';
import { ACTIONS, type Action, type Role } from '../../server/access/permissions';
import { actingAs } from '../../server/database/acting-as';
import { applicationAddress } from '../../server/database/application-role';
import { connect, type Sql } from '../../server/database/database';
import { invitationBy, invite, joinAnew, takeInvitation } from '../../server/team/invitations';
import { changeRole, handOver, leaveTeam, removeMember } from '../../server/team/members';
import { linkForAnybody, makePasswordLink, passwordByLink } from '../../server/team/password-links';
import { addPerson } from '../../server/team/people';
import { changePassword, signIn } from '../../server/sign-in/sessions';
import { type Membership, teamWithMember, testDatabase } from './test-database';

/** Links and invitations end with their reason; an address and a hash are had by nobody but whose they are. */
const { sql, url } = testDatabase();

let pool: Sql | undefined;
const application = (): Sql => (pool ??= connect(applicationAddress(url()), 4));
const as = (personId: string): Sql => actingAs(application(), { personId, address: '192.0.2.7' });
const origin = 'https://grids.example';
const secretOf = (path: string): string => path.split('/').at(-1)!;

let count = 0;
type Team = Membership & { slug: string };
async function team(): Promise<Team> {
  const slug = `door-${++count}`;
  return { ...(await teamWithMember(sql(), slug)), slug };
}
type Somebody = { id: string; email: string; name: string; access: TeamAccess<Action> };
async function joined({ teamId, slug }: Team, role: Role): Promise<Somebody> {
  const [email, name] = [`d${++count}@example.test`, `Person ${count}`];
  const { id } = await addPerson(sql(), teamId, { email, name, password: 'a long password', says: '', role });
  return { id, email, name, access: (await teamAccess(sql(), id, slug, ...(ACTIONS as [Action, ...Action[]])))! };
}
const linkOf = async (by: Pick<Membership, 'personId' | 'access'>, person: string): Promise<string> =>
  secretOf((await makePasswordLink(as(by.personId), by.access, person, origin)).value!.path);
const invitationOf = async (by: Pick<Membership, 'personId' | 'access'>, email: string, role: Role): Promise<string> =>
  secretOf((await invite(as(by.personId), by.access, { email, role, says: '' }, origin)).value!.path);
const use = async (secret: string) => (await passwordByLink(application(), secret, 'a fresh password')).problem;
const ENDED = /no longer works because the team or account has changed/;

describe('a link for a password ends when its reason does', () => {
  const owner = (one: Somebody) => ({ personId: one.id, access: one.access });
  const cases: [string, (scene: { one: Team; maker: Somebody; person: Somebody }) => Promise<unknown>][] = [
    [
      'the person joins a team of others',
      async ({ person }) => {
        const other = await team();
        const secret = await invitationOf(other, person.email, 'owner');
        expect((await takeInvitation(as(person.id), secret)).problem).toBeUndefined();
      },
    ],
    ['the maker is removed', ({ one, maker }) => removeMember(as(one.personId), one.access, maker.id)],
    ['the maker leaves', ({ maker }) => leaveTeam(as(maker.id), maker.access)],
    ['the maker becomes an author', ({ one, maker }) => changeRole(as(one.personId), one.access, maker.id, 'author')],
    ['the maker hands the team over', ({ one, maker }) => handOver(as(maker.id), maker.access, one.personId)],
    ['the person is removed', ({ one, person }) => removeMember(as(one.personId), one.access, person.id)],
    [
      'the person chooses another password',
      ({ person }) =>
        changePassword(as(person.id), person, { now: 'a long password', next: 'my own choice', token: '' }),
    ],
    [
      'the person changes the e-mail',
      ({ person }) => changeEmail(as(person.id), person, { email: `new-${person.email}`, password: 'a long password' }),
    ],
    [
      'another link of theirs is used',
      async ({ one, person }) => {
        expect(await use(await linkOf(one, person.id))).toBeUndefined();
      },
    ],
  ];
  test.each(cases)('%s', async (_, happens) => {
    const one = await team();
    const [maker, person] = [await joined(one, 'owner'), await joined(one, 'author')];
    const secret = await linkOf(owner(maker), person.id);
    await happens({ one, maker, person });
    const before = await sql()`select password_hash from people where id = ${person.id}`;
    expect(await use(secret)).toMatch(ENDED);
    // and the function of the database refuses by itself, whatever stands before it
    const [{ used }] = (await application()`
      select use_password_link(sha256(convert_to(${secret}, 'UTF8')), 'x') as used`) as unknown as [{ used: string }];
    expect(used).toBe('ended');
    expect(await sql()`select password_hash from people where id = ${person.id}`).toEqual(before);
  });

  test('not while nothing of it has changed', async () => {
    const one = await team();
    const [maker, person] = [await joined(one, 'owner'), await joined(one, 'author')];
    expect(await use(await linkOf(owner(maker), person.id))).toBeUndefined();
  });

  test('the database asks again when it is used: also where nothing was ended on the way', async () => {
    const one = await team();
    const [maker, person] = [await joined(one, 'owner'), await joined(one, 'author')];
    const secret = await linkOf(owner(maker), person.id);
    await sql()`update members set role = 'author' where person_id = ${maker.id}`;
    await sql()`update password_links set ended_at = null`;
    expect(await use(secret)).toMatch(ENDED);
  });

  test('one of whoever runs the server is for somebody of any teams, and ends with the account’s changes too', async () => {
    const [one, two] = [await team(), await team()];
    const person = await joined(one, 'author');
    await sql()`insert into members (team_id, person_id, role) values (${two.teamId}, ${person.id}, 'owner')`;
    const [first, second] = [await linkForAnybody(sql(), person.email), await linkForAnybody(sql(), person.email)];
    expect(await use(secretOf(first.value!.path))).toBeUndefined();
    expect(await use(secretOf(second.value!.path))).toMatch(ENDED);
    // an owner makes none in its name
    await expect(
      as(one.personId)`
        insert into password_links (token_hash, team_id, person_id, made_by, by_operator, lapses_at)
        values ('\\x00', ${one.teamId}, ${one.personId}, ${one.personId}, true, now() + interval '1 hour')`,
    ).rejects.toThrow(/row-level security/);
  });
});

describe('an invitation ends when its reason does', () => {
  const newcomer = (secret: string, email: string) =>
    joinAnew(application(), secret, { name: 'Back Again', email, password: 'a long password' });

  test.each<[string, (one: Team, maker: Somebody) => Promise<unknown>]>([
    ['is removed', (one, maker) => removeMember(as(one.personId), one.access, maker.id)],
    ['leaves', (_, maker) => leaveTeam(as(maker.id), maker.access)],
    ['becomes a reviewer', (one, maker) => changeRole(as(one.personId), one.access, maker.id, 'reviewer')],
  ])('whoever made it %s', async (_, happens) => {
    const one = await team();
    const maker = await joined(one, 'owner');
    const own = { personId: maker.id, access: maker.access };
    const secrets = [
      await invitationOf(own, 'x@back.test', 'owner'),
      await invitationOf(own, maker.email + 'x', 'reader'),
    ];
    await happens(one, maker);
    expect((await newcomer(secrets[0]!, 'x@back.test')).problem).toMatch(/was revoked/);
    expect((await takeInvitation(as(maker.id), secrets[1]!)).problem).toMatch(/was revoked/);
    expect((await invitationBy(application(), secrets[0]!))?.state).toBe('revoked');
    // asked again when it is used, too
    await sql()`update invitations set revoked_at = null`;
    expect((await takeInvitation(as(maker.id), secrets[1]!)).problem).toMatch(/was revoked/);
  });

  test('an older one does not let somebody back in, nor in as something more', async () => {
    const one = await team();
    const secrets = [
      await invitationOf(one, 'twice@back.test', 'owner'),
      await invitationOf(one, 'twice@back.test', 'reader'),
    ];
    const { value } = await newcomer(secrets[1]!, 'twice@back.test');
    expect((await takeInvitation(as(value!.personId), secrets[0]!)).problem).toMatch(/was revoked/);
    await removeMember(as(one.personId), one.access, value!.personId);
    expect((await takeInvitation(as(value!.personId), secrets[0]!)).problem).toMatch(/was revoked/);
  });
});

describe('an address', () => {
  test('is registered by an invitation for it alone', async () => {
    const one = await team();
    const secret = await invitationOf(one, 'rin@own.test', 'reader');
    const join = (email: string) => joinAnew(application(), secret, { name: 'R', email, password: 'a long password' });
    expect((await join('victim@else.test')).problem).toBe(
      'This invitation is for rin@own.test. Join with that address, or ask Member of ' +
        one.slug +
        ' to invite another.',
    );
    await expect(
      application()`insert into people (email, name, password_hash) values ('victim@else.test', 'V', '')`,
    ).rejects.toThrow(/row-level security/);
    expect((await join(' RIN@own.test ')).problem).toBeUndefined();
  });

  test('that somebody only typed keeps nobody out: the account that was invited stands beside it', async () => {
    const [one, two] = [await team(), await team()];
    const squatter = await joined(one, 'reader');
    const wanted = 'real@own.test';
    expect((await changeEmail(as(squatter.id), squatter, { email: wanted, password: 'a long password' })).value).toBe(
      wanted,
    );
    const secret = await invitationOf(two, wanted, 'author');
    const real = await joinAnew(application(), secret, { name: 'Real', email: wanted, password: 'quite another one' });
    expect(real.problem).toBeUndefined();
    const enter = async (password: string) => {
      const result = await signIn(application(), { email: wanted, password, address: '192.0.2.1' });
      return result.signedIn ? result.person.id : null;
    };
    expect(await enter('quite another one')).toBe(real.value!.personId);
    expect(await enter('a long password')).toBe(squatter.id);
    expect(await enter('neither of them')).toBeNull();
    // whoever runs the server means the one that was vouched for
    expect((await addPerson(sql(), one.teamId, { email: wanted, name: '', password: '', says: '' })).id).toBe(
      real.value!.personId,
    );
    // and nobody takes an address that another has
    expect(
      (
        await changeEmail(
          as(one.personId),
          { id: one.personId, email: one.email, name: '' },
          { email: wanted, password: one.password },
        )
      ).problem,
    ).toMatch(/Another account/);
  });

  test('with an account that was vouched for is not registered again', async () => {
    const [one, two] = [await team(), await team()];
    const there = await joined(one, 'reader');
    const secret = await invitationOf(two, there.email, 'author');
    const again = { name: 'Else', email: there.email, password: 'a long password' };
    expect((await joinAnew(application(), secret, again)).problem).toMatch(/already has an account here. Sign in/);
    expect((await takeInvitation(as(there.id), secret)).problem).toBeUndefined();
  });
});

test('the application’s role is given a hash only for a try that counts', async () => {
  const { email, personId } = await team();
  const hashes = async (ask: () => Promise<readonly { passwordHash?: string | null }[]>) => {
    let given = 0;
    for (let attempt = 0; attempt < 12; attempt++) given += (await ask())[0]?.passwordHash ? 1 : 0;
    return given;
  };
  const network = `192.0.2.${count}`;
  expect(await hashes(() => application()`select * from try_to_sign_in(${email}, ${network}, null, '')`)).toBe(5);
  await sql()`delete from sign_in_delays`;
  expect(await hashes(() => application()`select * from person_to_sign_in(${email})`)).toBe(5);
  expect(await hashes(() => as(personId)`select * from try_own_password()`)).toBe(5);
  await expect(application()`select password_hash from people`).rejects.toThrow(/permission denied/);
});
