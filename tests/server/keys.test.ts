import { MOST } from '../../core/limits';
import { beforeAll, describe, expect, test } from 'vitest';
import { breakpointOf, specWith } from '../../core/spec/testing';
import { keyAccess } from '../../server/access/key-access';
import { keysOf, makeKey, revokeKey } from '../../server/access/keys';
import { versionFor } from '../../server/editions/edition-files';
import { createSpec } from '../../server/specs/specs';
import { onSpec, teamWithMember, testDatabase } from './test-database';

const { sql } = testDatabase();
const document = specWith(breakpointOf({ margin: '16px', count: 4, gutter: '16px' }, 388, { id: 'phone' }));
let member: Awaited<ReturnType<typeof teamWithMember>>;
let outsider: Awaited<ReturnType<typeof teamWithMember>>;
let one: { id: string; slug: string };
let other: { id: string; slug: string };

beforeAll(async () => {
  member = await teamWithMember(sql(), 'builders');
  outsider = await teamWithMember(sql(), 'strangers');
  one = await createSpec(sql(), member.access, document);
  other = await createSpec(sql(), member.access, document);
});

const make = async (some: Partial<Parameters<typeof makeKey>[2]> = {}) =>
  makeKey(sql(), member.access, { name: 'Build', specIds: null, days: 30, ...some });
const opens = async (secret: string, slug: string, team = 'builders') =>
  (await keyAccess(sql(), secret, { team, spec: slug })) !== null;

describe('keys', () => {
  test('open every spec of the team, or only some; and none of another team', async () => {
    const all = (await make()).value!;
    const some = (await make({ specIds: [one.id] })).value!;
    expect(await Promise.all([opens(all.secret, one.slug), opens(all.secret, other.slug)])).toEqual([true, true]);
    expect(await Promise.all([opens(some.secret, one.slug), opens(some.secret, other.slug)])).toEqual([true, false]);
    const listed = await keysOf(sql(), member.access);
    expect(listed.map(({ specs }) => specs)).toEqual([[document.name], null]);
    const foreign = await createSpec(sql(), outsider.access, document);
    expect(await opens(all.secret, foreign.slug, 'strangers')).toBe(false);
    expect(await opens('ypsk_none', one.slug)).toBe(false);
  });

  test('a public link opens one spec, is no key, and is for one spec alone', async () => {
    const link = (await make({ kind: 'link', specIds: [one.id] })).value!;
    expect(link.secret).toMatch(/^ypsl_/);
    expect((await keyAccess(sql(), link.secret, 'link'))?.specSlug).toBe(one.slug);
    expect(await opens(link.secret, one.slug)).toBe(false);
    const key = (await make()).value!;
    expect(await keyAccess(sql(), key.secret, 'link')).toBeNull();
    const problem = 'Choose the specification for the public link.';
    expect(await make({ kind: 'link' })).toEqual({ problem });
    expect(await make({ kind: 'link', specIds: [one.id, other.id] })).toEqual({ problem });
    await revokeKey(sql(), member.access, link.id);
    expect(await keyAccess(sql(), link.secret, 'link')).toBeNull();
    await sql()`delete from access_keys`;
  });

  test('are kept as a hash, and their use is noted', async () => {
    const { id, secret } = (await make({ name: 'Noted' })).value!;
    const [row] = await sql()`select * from access_keys where id = ${id}`;
    expect(JSON.stringify(row)).not.toContain(secret.slice(5, 20));
    const own = async () => (await keysOf(sql(), member.access)).find((key) => key.id === id)!;
    expect(await own()).toMatchObject({ name: 'Noted', specs: null, usedAt: null, revokedAt: null });
    await opens(secret, one.slug);
    expect((await own()).usedAt).toBeInstanceOf(Date);
  });

  test('open nothing once revoked or lapsed', async () => {
    const [revoked, lapsed] = [(await make()).value!, (await make()).value!];
    expect(await revokeKey(sql(), outsider.access, revoked.id)).toBe(false);
    expect(await revokeKey(sql(), member.access, '-'.repeat(36))).toBe(false);
    expect(await opens(revoked.secret, one.slug)).toBe(true);
    expect(await revokeKey(sql(), member.access, revoked.id)).toBe(true);
    await sql()`update access_keys set lapses_at = now() - interval '1 second' where id = ${lapsed.id}`;
    expect(await Promise.all([opens(revoked.secret, one.slug), opens(lapsed.secret, one.slug)])).toEqual([
      false,
      false,
    ]);
  });

  test('are for specs of the team alone', async () => {
    const foreign = await createSpec(sql(), outsider.access, document);
    const says = 'Choose the specifications this key gives access to, or all.';
    expect((await make({ specIds: [foreign.id] })).problem).toBe(says);
    expect((await make({ specIds: [] })).problem).toBe(says);
  });

  test('are as many as a team may have', async () => {
    const crowd = await teamWithMember(sql(), 'crowd');
    await sql()`
      insert into access_keys (team_id, name, token_hash, made_by, lapses_at)
      select ${crowd.teamId}, 'Many', sha256(convert_to('crowd' || number, 'UTF8')), ${crowd.personId}, now() + interval '1 day'
        from generate_series(1, ${MOST.keys}) as number`;
    const made = await makeKey(sql(), crowd.access, { name: 'One more', specIds: null, days: 1 });
    expect(made.problem).toBe(`A team can have up to ${MOST.keys} keys and links. Revoke one that isn’t used.`);
  });
});

test('an address means the newest of a range of versions', async () => {
  const access = await onSpec(sql(), member, one.id);
  for (const version of ['1.0.0', '1.2.0', '1.10.0', '2.0.0'])
    await sql()`
      insert into editions (spec_id, version, document, sha256, revision, note, published_by)
      values (${one.id}, ${version}, ${sql().json(document as never)}, ${'0'.repeat(64)}, 1, 'Note.', ${access.personId})`;
  const means = (asked: string) => versionFor(sql(), access, asked);
  expect(await Promise.all(['1', '1.2', '1.0.0', 'latest', '3', '1.x', '../1', '^1.0.0'].map(means))).toEqual([
    '1.10.0',
    '1.2.0',
    '1.0.0',
    '2.0.0',
    null,
    null,
    null,
    null,
  ]);
});
