import { describe, expect, test } from 'vitest';
import { MOST_PER_ACCOUNT, MOST_PER_ADDRESS, personOfToken, signIn, signOut } from '../../server/sessions';
import { addPerson, addTeam, isDemo, membersOf } from '../../server/people';
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

describe('attempts are limited', () => {
  const wrong = { signedIn: false, reason: 'wrong' };
  const tooMany = { signedIn: false, reason: 'too-many' };

  test('an unknown address and a wrong password get the same answer', async () => {
    const { email } = await teamWithMember(sql(), 'three');
    expect(await signIn(sql(), { email, password: 'no', address: '10.0.0.1' })).toEqual(wrong);
    expect(await signIn(sql(), { email: 'nobody@example.test', password: 'no', address: '10.0.0.1' })).toEqual(wrong);
  });

  test('per account, also with the right password, from wherever', async () => {
    const { email, password } = await teamWithMember(sql(), 'four');
    for (let attempt = 0; attempt < MOST_PER_ACCOUNT; attempt++) {
      expect(await signIn(sql(), { email, password: 'no', address: `10.0.1.${attempt}` })).toEqual(wrong);
    }
    expect(await signIn(sql(), { email, password, address: '10.0.2.1' })).toEqual(tooMany);
    await sql()`update sign_in_attempts set at = at - interval '16 minutes' where email = ${email}`;
    expect((await signIn(sql(), { email, password, address: '10.0.2.1' })).signedIn).toBe(true);
  });

  test('per network address, whichever account', async () => {
    await sql()`insert into sign_in_attempts (email, address) select 'a' || n, '10.0.3.1' from generate_series(1, ${MOST_PER_ADDRESS}) n`;
    expect(await signIn(sql(), { email: 'fresh@example.test', password: 'no', address: '10.0.3.1' })).toEqual(tooMany);
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
    expect((await membersOf(sql(), other.id)).map(({ says }) => says)).toEqual(['Guest']);
  });

  test("the demo's sign-ins are shown only while every team is the demo's", async () => {
    expect(await isDemo(sql())).toBe(false);
    await sql()`update teams set demo = true`;
    expect(await isDemo(sql())).toBe(true);
    await addTeam(sql(), { slug: 'seven', name: 'Seven' });
    expect(await isDemo(sql())).toBe(false);
  });
});
