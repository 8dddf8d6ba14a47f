import { describe, expect, test } from 'vitest';
import { KNOWN_DAYS } from '../../server/sign-in/known-browsers';
import { changePassword, personOfToken, signIn, signOut } from '../../server/sign-in/sessions';
import { actingAs } from '../../server/database/acting-as';
import { teamAccess } from '../../server/access/access';
import { addPerson, addTeam, isDemo, membersOf } from '../../server/team/people';
import { teamWithMember, testDatabase } from './test-database';

const { sql } = testDatabase();

describe('signing in', () => {
  test('the token is kept hashed, and ends with signing out', async () => {
    const { email, password, personId } = await teamWithMember(sql(), 'one');
    const result = await signIn(sql(), { email: ` ${email.toUpperCase()} `, password, address: '127.0.0.1' });
    if (!result.signedIn) throw new Error(result.reason);
    expect((await personOfToken(sql(), result.token))!.id).toBe(personId);
    const stored = await sql()`select token_hash from sessions`;
    expect(JSON.stringify(stored)).not.toContain(result.token);
    await signOut(sql(), result.token);
    expect(await personOfToken(sql(), result.token)).toBeNull();
  });

  test('whoever comes is seen, by those of their team, to the minute', async () => {
    const { email, password, personId } = await teamWithMember(sql(), 'seen');
    const seenAt = async () => {
      const access = (await teamAccess(sql(), personId, 'seen', 'read'))!;
      return (await membersOf(sql(), access)).find(({ id }) => id === personId)!.seenAt;
    };
    const result = await signIn(sql(), { email, password, address: '127.0.0.1' });
    if (!result.signedIn) throw new Error(result.reason);
    expect(await seenAt()).toBeNull();
    await personOfToken(sql(), result.token);
    const first = await seenAt();
    expect(Date.now() - first!.getTime()).toBeLessThan(60_000);
    await personOfToken(sql(), result.token);
    expect(await seenAt()).toEqual(first);
    await sql()`update people set seen_at = now() - interval '2 minutes' where id = ${personId}`;
    await personOfToken(sql(), result.token);
    await signOut(sql(), result.token);
    expect((await seenAt())!.getTime()).toBeGreaterThanOrEqual(first!.getTime());
  });

  test('an expired session is none', async () => {
    const { email, password } = await teamWithMember(sql(), 'two');
    const result = await signIn(sql(), { email, password, address: '127.0.0.1' });
    if (!result.signedIn) throw new Error(result.reason);
    await sql()`update sessions set expires_at = now() - interval '1 second'`;
    expect(await personOfToken(sql(), result.token)).toBeNull();
  });

  test('passwords are kept as argon2id', async () => {
    const [person] = await sql()<{ passwordHash: string }[]>`select password_hash from people limit 1`;
    expect(person!.passwordHash).toMatch(/^\$argon2id\$v=19\$m=19456,t=2,p=1\$/);
  });
});

describe('failures make wait', () => {
  const wrong = { signedIn: false, reason: 'wrong' };

  test('an unknown address and a wrong password get the same answer', async () => {
    const { email } = await teamWithMember(sql(), 'three');
    expect(await signIn(sql(), { email, password: 'no', address: '10.0.0.1' })).toEqual(wrong);
    expect(await signIn(sql(), { email: 'nobody@example.test', password: 'no', address: '10.0.0.1' })).toEqual(wrong);
  });

  test('an account, the longer the more there are, also with the right password; not for good', async () => {
    const { email, password } = await teamWithMember(sql(), 'four');
    const attempt = (secret: string) => signIn(sql(), { email, password: secret, address: '10.0.2.1' });
    for (let failure = 0; failure < 5; failure++) expect(await attempt('no')).toEqual(wrong);
    expect(await attempt(password)).toEqual({ signedIn: false, reason: 'too-many', wait: 1 });
    // tries that had to wait count for nothing: the wait grows with failures alone
    for (let refused = 0; refused < 20; refused++) await attempt('no');
    const waits: number[] = [];
    for (let failure = 0; failure < 4; failure++) {
      await sql()`update sign_in_delays set last_at = last_at - interval '301 seconds'`;
      expect(await attempt('no')).toEqual(wrong);
      const held = await attempt('no');
      waits.push('wait' in held ? held.wait : 0);
    }
    expect(waits).toEqual([2, 4, 8, 16]);
    await sql()`update sign_in_delays set last_at = last_at - interval '17 seconds'`;
    expect((await attempt(password)).signedIn).toBe(true);
  });

  test('not somebody on a browser that is known', async () => {
    const { email, password } = await teamWithMember(sql(), 'known');
    const first = await signIn(sql(), { email, password, address: '10.0.5.1' });
    if (!first.signedIn) throw new Error(first.reason);
    for (let failure = 0; failure < 8; failure++) await signIn(sql(), { email, password: 'no', address: '10.9.9.9' });
    expect((await signIn(sql(), { email, password, address: '10.0.5.1' })).signedIn).toBe(false);
    const again = await signIn(sql(), { email, password, address: '10.0.5.1', browser: first.browser });
    expect(again).toMatchObject({ signedIn: true, browser: first.browser });
    // a browser is known for one person only
    const { email: other } = await teamWithMember(sql(), 'unknown');
    for (let failure = 0; failure < 5; failure++)
      await signIn(sql(), { email: other, password: 'no', address: '10.0.5.1' });
    expect(
      await signIn(sql(), { email: other, password: 'no', address: '10.0.5.1', browser: first.browser }),
    ).toMatchObject({ reason: 'too-many' });
  });

  test('a browser is known for as long as its cookie lives, in the database as here', async () => {
    const { email, password, personId } = await teamWithMember(sql(), 'long-known');
    const first = await signIn(sql(), { email, password, address: '10.0.5.2' });
    if (!first.signedIn) throw new Error(first.reason);
    for (const [days, isKnown] of [
      [KNOWN_DAYS - 1, true],
      [KNOWN_DAYS + 1, false],
    ] as const) {
      for (let failure = 0; failure < 8; failure++) await signIn(sql(), { email, password: 'no', address: '10.9.9.8' });
      await sql()`update known_browsers set used_at = now() - make_interval(days => ${days}) where person_id = ${personId}`;
      const again = await signIn(sql(), { email, password, address: '10.0.5.2', browser: first.browser });
      expect(again.signedIn, `${days} days`).toBe(isKnown);
    }
  });

  test('an office behind one address signs in, however many do', async () => {
    const { email, password } = await teamWithMember(sql(), 'office');
    for (let person = 0; person < 100; person++) {
      const signedIn = await signIn(sql(), { email, password, address: '10.0.6.1' });
      expect(signedIn.signedIn).toBe(true);
    }
  });

  test('guesses at once are held back like guesses one after the other', async () => {
    const { email } = await teamWithMember(sql(), 'guessed');
    const guesses = Array.from({ length: 30 }, (_, guess) =>
      signIn(sql(), { email, password: `guess ${guess}`, address: '10.0.7.1' }),
    );
    const checked = (await Promise.all(guesses)).filter((answer) => !answer.signedIn && answer.reason === 'wrong');
    expect(checked).toHaveLength(5);
  });
});

describe('one’s own account', () => {
  test('a new password, and the other sessions end', async () => {
    const { email, password } = await teamWithMember(sql(), 'changer');
    const [here, there] = [
      await signIn(sql(), { email, password, address: '1' }),
      await signIn(sql(), { email, password, address: '1' }),
    ];
    if (!here.signedIn || !there.signedIn) throw new Error('not signed in');
    const change = (now: string, next: string) =>
      changePassword(actingAs(sql(), { personId: here.person.id }), here.person, { now, next, token: here.token });
    expect(await change('not it', 'quite a new one')).toMatchObject({
      field: 'now',
      problem: 'Wrong current password.',
    });
    expect(await change(password, 'short')).toMatchObject({
      problem: 'Use at least 10 characters; this has 5.',
    });
    expect(await change(password, password)).toMatchObject({ field: 'next' });
    expect(await change(password, 'quite a new one')).toEqual({ changed: true });
    expect(await personOfToken(sql(), here.token)).not.toBeNull();
    expect(await personOfToken(sql(), there.token)).toBeNull();
    expect((await signIn(sql(), { email, password: 'quite a new one', address: '1' })).signedIn).toBe(true);
  });
});

test("the demo's passwords open nothing once there is a team of one's own", async () => {
  const team = await addTeam(sql(), { slug: 'a-demo', name: 'Demo', demo: true });
  await addPerson(sql(), team.id, { email: 'demo@example.test', name: 'Demo', password: 'known to all', says: '' });
  expect(await signIn(sql(), { email: 'demo@example.test', password: 'known to all', address: '2' })).toEqual({
    signedIn: false,
    reason: 'wrong',
  });
});

describe('people and teams', () => {
  test('somebody whom another team has already keeps their password', async () => {
    const { personId, email, password } = await teamWithMember(sql(), 'five');
    const other = await addTeam(sql(), { slug: 'six', name: 'Six' });
    expect(await addPerson(sql(), other.id, { email, name: 'Else', password: 'stolen', says: 'Guest' })).toEqual({
      id: personId,
      isNew: false,
    });
    expect((await signIn(sql(), { email, password, address: '10.0.4.1' })).signedIn).toBe(true);
    const access = await teamAccess(sql(), personId, other.slug, 'read');
    expect((await membersOf(sql(), access!)).map(({ says }) => says)).toEqual(['Guest']);
  });

  test("the demo's sign-ins are shown only while every team is the demo's", async () => {
    expect(await isDemo(sql())).toBe(false);
    await sql()`update teams set demo = true`;
    expect(await isDemo(sql())).toBe(true);
    await addTeam(sql(), { slug: 'seven', name: 'Seven' });
    expect(await isDemo(sql())).toBe(false);
  });
});
