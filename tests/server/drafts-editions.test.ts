import { createHash } from 'node:crypto';
import canonicalize from 'canonicalize';
import { beforeAll, describe, expect, test } from 'vitest';
import { breakpointOf, specWith } from '../../core/spec/testing';
import { writeCell } from '../../core/quantities/write-cell';
import { type SpecAccess, specAccess, type TeamAccess, teamAccess } from '../../server/access/access';
import { draftOf, saveDocument } from '../../server/specs/drafts';
import { editionAt, editionsOf, proposedVersion } from '../../server/editions/editions';
import { publishEdition } from '../../server/editions/publish';
import { migrate } from '../../server/database/migrate';
import { createSpec, setArchived, specOf as readSpecOf } from '../../server/specs/specs';
import { onSpec, teamWithMember, testDatabase } from './test-database';

const { sql } = testDatabase();
const phone = breakpointOf({ margin: '16px', count: 4, gutter: '16px' }, 388, { id: 'phone' });
const document = specWith(phone);
const withGutter = (gutter: string) => writeCell(document, 'phone', 'gutter', gutter).value!;
let member: Awaited<ReturnType<typeof teamWithMember>>;
let outsider: Awaited<ReturnType<typeof teamWithMember>>;

beforeAll(async () => {
  member = await teamWithMember(sql(), 'members');
  outsider = await teamWithMember(sql(), 'outsiders');
});

const makeSpec = () => createSpec(sql(), member.access, document);
const on = (specId: string) => onSpec(sql(), member, specId);
const specOfRecord = async (specId: string) => readSpecOf(sql(), await on(specId));
const save = async (specId: string, basedOn: number, gutter: string) =>
  saveDocument(sql(), await on(specId), { basedOn, document: withGutter(gutter) });
const publish = async (specId: string, revision: number, version: string, note = 'A note.') =>
  publishEdition(sql(), await on(specId), { revision, version, note });

describe('drafts', () => {
  test('every saved revision is kept', async () => {
    const { id } = await makeSpec();
    expect(await save(id, 1, '8')).toMatchObject({ saved: true, revision: 2 });
    expect(await save(id, 2, '24')).toMatchObject({ saved: true, revision: 3 });
    const gutters = await Promise.all(
      [1, 2, 3].map(
        async (revision) => (await draftOf(sql(), await on(id), revision)).document.breakpoints[0]!.columns.gutter,
      ),
    );
    expect(gutters).toEqual(['16px', '8px', '24px']);
  });

  test('a save that comes second overwrites nothing and is told of the first', async () => {
    const { id } = await makeSpec();
    await save(id, 1, '8');
    const second = await save(id, 1, '24');
    expect(second).toMatchObject({ saved: false, newer: { revision: 2, changedBy: 'Member of members' } });
    expect((await draftOf(sql(), await on(id), 2)).document).toEqual(withGutter('8'));
  });

  test('of twenty saves at once from one revision, one is taken', async () => {
    const { id } = await makeSpec();
    const results = await Promise.all(Array.from({ length: 20 }, (_, index) => save(id, 1, String(index + 30))));
    expect(results.filter(({ saved }) => saved)).toHaveLength(1);
    expect((await specOfRecord(id)).revision).toBe(2);
  });

  test('revisions cannot be changed or deleted', async () => {
    const { id } = await makeSpec();
    await expect(sql()`update revisions set made_at = now() where spec_id = ${id}`).rejects.toThrow(
      'revisions is kept as it was written; UPDATE is refused',
    );
    await expect(sql()`delete from revisions where spec_id = ${id}`).rejects.toThrow('DELETE is refused');
  });
});

describe('editions', () => {
  test('carry the SHA-256 of their canonical JSON (RFC 8785)', async () => {
    const { id } = await makeSpec();
    for (const version of ['9007199254740991.0.0', '1.1000000.0', '1.0.1000000'])
      expect(await publish(id, 1, version)).toMatchObject({
        published: false,
        field: 'version',
        problem: expect.stringMatching(/at most 999,999/) as string,
      });
    expect(await publish(id, 1, '1.0.0')).toMatchObject({ published: true, version: '1.0.0' });
    const edition = (await editionAt(sql(), await on(id), 'latest'))!;
    expect(edition.sha256).toBe(createHash('sha256').update(canonicalize(document)!).digest('hex'));
    expect(edition).toMatchObject({ version: '1.0.0', note: 'A note.', document, publishedBy: 'Member of members' });
  });

  test('that are published at the same moment: one is, and the others are told why not', async () => {
    const { id } = await makeSpec();
    const all = await Promise.all(['1.0.0', '1.0.0', '1.1.0', '2.0.0'].map((version) => publish(id, 1, version)));
    expect(all.filter(({ published }) => published)).toHaveLength(1);
    for (const each of all) if (!each.published) expect(each.problem).toMatch(/is the same as|isn’t above/);
    expect(await editionsOf(sql(), await on(id))).toHaveLength(1);
  });

  test('and a save at the same moment: what was looked at is published, or nothing', async () => {
    const { id } = await makeSpec();
    const [published, saved] = await Promise.all([publish(id, 1, '1.0.0'), save(id, 1, '31')]);
    expect(saved).toMatchObject({ saved: true, revision: 2 });
    if (published.published) expect((await editionAt(sql(), await on(id), '1.0.0'))!.document).toEqual(document);
    else expect(published).toMatchObject({ field: 'draft', problem: expect.stringMatching(/has changed/) as string });
  });

  test('never change', async () => {
    const { id } = await makeSpec();
    await publish(id, 1, '1.0.0');
    await expect(sql()`update editions set note = 'else' where spec_id = ${id}`).rejects.toThrow(
      'editions is kept as it was written; UPDATE is refused',
    );
    await expect(sql()`delete from editions where spec_id = ${id}`).rejects.toThrow('DELETE is refused');
    await expect(sql()`truncate editions cascade`).rejects.toThrow('TRUNCATE is refused');
  });

  test.each<[string, number, string, string, object]>([
    [
      'no version',
      2,
      '1.1',
      'A note.',
      { field: 'version', problem: '“1.1” isn’t a version. Use three numbers, such as 1.2.0.' },
    ],
    [
      'a version that isn’t above the last',
      2,
      '1.0.0',
      'A note.',
      { field: 'version', problem: '1.0.0 isn’t above 1.0.0, the last edition.' },
    ],
    ['no note', 2, '1.1.0', ' ', { field: 'note', problem: 'Enter release notes for this edition.' }],
    ['a draft that has moved on', 1, '1.1.0', 'A note.', { field: 'draft' }],
  ])('%s is refused', async (_, revision, version, note, refusal) => {
    const { id } = await makeSpec();
    await publish(id, 1, '1.0.0');
    await save(id, 1, '8');
    expect(await publish(id, revision, version, note)).toMatchObject({ published: false, ...refusal });
  });

  test('the same again is refused', async () => {
    const { id } = await makeSpec();
    await publish(id, 1, '1.0.0');
    expect(await publish(id, 1, '1.0.1')).toMatchObject({
      problem: 'The draft is the same as 1.0.0. There’s nothing new to publish.',
    });
  });

  test('must-fix findings hold an edition back until they are waived', async () => {
    const wide = specWith(breakpointOf({ margin: 'auto', container: '360px', count: 4 }, 390, { id: 'phone' }));
    const { id } = await createSpec(sql(), member.access, wide);
    expect(await publish(id, 1, '1.0.0')).toMatchObject({
      field: 'draft',
      problem: expect.stringContaining('One finding must be fixed or waived first: The container is 360 px'),
    });
    const values = { container: '360', narrowest: '320', over: '40' };
    const waivers = [
      { rule: 'container-overflows', breakpoint: 'phone', values, reason: 'One screen only.', by: 'Ansa' },
    ];
    await saveDocument(sql(), await on(id), { basedOn: 1, document: { ...wide, waivers } });
    expect(await publish(id, 2, '1.0.0')).toMatchObject({ published: true, version: '1.0.0' });
  });

  // Semantic Versioning 2.0.0
  test.each([
    [null, null, '1.0.0'],
    ['1.2.3', 'major', '2.0.0'],
    ['1.2.3', 'minor', '1.3.0'],
    ['1.2.3', 'patch', '1.2.4'],
  ] as const)('after %s, %s proposes %s', (last, bump, proposed) => expect(proposedVersion(last, bump)).toBe(proposed));
});

describe('specs belong to their team', () => {
  test('another team gets nothing', async () => {
    const { id, slug } = await makeSpec();
    expect(await specAccess(sql(), outsider.personId, { id }, 'read')).toBeNull();
    expect(await specAccess(sql(), outsider.personId, { team: 'members', spec: slug }, 'read')).toBeNull();
    expect(await teamAccess(sql(), outsider.personId, 'members', 'read')).toBeNull();
    expect((await specOfRecord(id)).document).toEqual(document);
  });

  test('what forgets to ask for access does not compile', () => {
    const forgotten = [
      // @ts-expect-error an id is no access
      () => saveDocument(sql(), { specId: '1', personId: '1' }, { basedOn: 1, document }),
      // @ts-expect-error a team's access is none to a spec of it
      () => editionsOf(sql(), member.access),
      // @ts-expect-error reading is not publishing
      async (read: SpecAccess<'read'>) => publishEdition(sql(), read, { revision: 1, version: '1.0.0', note: '' }),
      // @ts-expect-error nor is it arranging
      async (read: TeamAccess<'read'>) => createSpec(sql(), read, document),
    ];
    expect(forgotten).toHaveLength(4);
  });

  test('what is no id finds nothing', async () => {
    expect(await specAccess(sql(), member.personId, { id: "1' or true --" }, 'read')).toBeNull();
  });

  test('two of one name get two addresses', async () => {
    const [first, second] = [await makeSpec(), await makeSpec()];
    expect(first.slug).not.toBe(second.slug);
  });

  test('archived, and brought back', async () => {
    const { id } = await makeSpec();
    await setArchived(sql(), await on(id), true);
    expect((await specOfRecord(id)).archivedAt).toBeInstanceOf(Date);
    await setArchived(sql(), await on(id), false);
    expect((await specOfRecord(id)).archivedAt).toBeNull();
  });

  test('the newest edition and how far the draft is ahead', async () => {
    const { id } = await makeSpec();
    await publish(id, 1, '1.0.0');
    await save(id, 1, '8');
    expect(await specOfRecord(id)).toMatchObject({
      lastEdition: '1.0.0',
      lastEditionRevision: 1,
      revision: 2,
    });
    expect((await editionsOf(sql(), await on(id))).map(({ version }) => version)).toEqual(['1.0.0']);
  });
});

test('migrations run once', async () => {
  expect(await migrate(sql())).toEqual([]);
});
