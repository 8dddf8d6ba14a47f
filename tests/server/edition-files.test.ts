import { createHash } from 'node:crypto';
import { expect, test } from 'vitest';
import { canonicalJson } from '../../core/edition/canonical';
import { addLayout } from '../../core/layouts/starting-layouts';
import { editionFiles, formatOf, FORMATS } from '../../core/formats/registry';
import { practiceSpec } from '../../core/spec/testing';
import { editionFile, fillEditionFiles, filesOfEdition, versionFor } from '../../server/editions/edition-files';
import { publishEdition } from '../../server/editions/publish';
import { createSpec } from '../../server/specs/specs';
import { onSpec, teamWithMember, testDatabase } from './test-database';

const { sql } = testDatabase();

/** A document whose screens are low, so that their pictures are made soon. */
const low = (name: string): ReturnType<typeof practiceSpec> => {
  const spec = practiceSpec(name);
  const breakpoints = spec.breakpoints.map((each) => ({ ...each, reference: { ...each.reference, height: 240 } }));
  return { ...spec, breakpoints };
};

async function published(team: string) {
  const member = await teamWithMember(sql(), team);
  const { personId } = member;
  const document = addLayout(low('Kept as bytes'), 'front', 'Front page').value!.spec;
  const { id } = await createSpec(sql(), member.access, document);
  const access = await onSpec(sql(), member, id);
  await publishEdition(sql(), access, { revision: 1, version: '1.0.0', note: 'First.' });
  const file = (name: string, version = '1.0.0') => editionFile(sql(), access, version, name);
  return { id, personId, access, document, file };
}

test('every file of an edition is written when it is published, with the SHA-256 of its bytes', async () => {
  const { access, document, file } = await published('writers');
  expect(await versionFor(sql(), access, 'latest')).toBe('1.0.0');
  for (const { name, format } of editionFiles(document)) {
    const found = (await file(name))!;
    expect(found.mediaType).toBe(format.mediaType);
    expect(found.sha256).toBe(createHash('sha256').update(found.bytes).digest('hex'));
  }
  expect((await file('layout.html'))!.bytes.toString()).toContain('<link rel="stylesheet" href="layout.css">');
  expect((await file('spec.json'))!.bytes.toString()).toBe(canonicalJson(document));
  expect(await file('sweep.csv')).toBeNull();
  expect(await file('grid.css', '9.9.9')).toBeNull();
});

test('files are listed in the order of the formats, one for each breakpoint where a format has them', async () => {
  const { access, document, file } = await published('listers');
  const files = await filesOfEdition(sql(), access, '1.0.0');
  const formats = (names: string[]): (string | undefined)[] => names.map((name) => formatOf(name)?.id);
  const expected = [...editionFiles(document).map(({ name }) => name), 'everything.zip'];
  expect(files.map(({ name }) => name).toSorted()).toEqual(expected.toSorted());
  expect(formats(files.map(({ name }) => name))).toEqual(formats(expected));
  expect(expected).toEqual(expect.arrayContaining(['tokens.json', 'overlay-phone.svg']));
  for (const { name, bytes, sha256 } of files) {
    const kept = (await file(name))!;
    expect([bytes, sha256]).toEqual([kept.bytes.length, kept.sha256]);
  }
});

test('an edition from before a format gets its file, and keeps the others as they are', async () => {
  const { id, personId, access } = await published('later');
  const [edition] = await sql()<{ id: string }[]>`
    insert into editions (spec_id, version, document, sha256, revision, note, published_by)
    values (${id}, '1.1.0', ${sql().json(low('Older') as never)}, ${'0'.repeat(64)}, 1, 'Old.', ${personId})
    returning id`;
  await sql()`
    insert into edition_files (edition_id, name, media_type, bytes, sha256, writer)
    values (${edition!.id}, 'grid.css', 'text/css', 'as it was', ${'1'.repeat(64)}, 1)`;
  await fillEditionFiles(sql());
  const files = await filesOfEdition(sql(), access, '1.1.0');
  expect(files.find(({ name }) => name === 'grid.css')!.sha256).toBe('1'.repeat(64));
  const always = FORMATS.filter(({ inEditions, isFor, file }) => inEditions && !isFor && !file.includes('*'));
  expect(files.map(({ name }) => name)).toEqual(expect.arrayContaining(always.map(({ file }) => file)));
  expect((await fillEditionFiles(sql())).filled).toBe(0);
});

test('files never change', async () => {
  const { file } = await published('stones');
  const { sha256 } = (await file('grid.css'))!;
  await expect(sql()`update edition_files set bytes = '' where sha256 = ${sha256}`).rejects.toThrow(
    'edition_files is kept as it was written; UPDATE is refused',
  );
  await expect(sql()`delete from edition_files where sha256 = ${sha256}`).rejects.toThrow('DELETE is refused');
  await expect(sql()`truncate edition_files`).rejects.toThrow('TRUNCATE is refused');
});

test('editions from before files were kept get theirs once; one that cannot be read is left out and said', async () => {
  const { id, personId, file } = await published('elders');
  const insert = (version: string, document: object) => sql()`
    insert into editions (spec_id, version, document, sha256, revision, note, published_by)
    values (${id}, ${version}, ${sql().json(document as never)}, ${'0'.repeat(64)}, 1, 'Old.', ${personId})`;
  await insert('1.1.0', low('Older'));
  await insert('1.2.0', { ypsiline: 1, name: 'Broken' });
  const { filled, leftOut } = await fillEditionFiles(sql());
  expect(filled).toBe(1);
  expect(leftOut).toEqual([
    expect.stringContaining('kept-as-bytes 1.2.0: rootFontSize: The key “rootFontSize” is missing.'),
  ]);
  expect((await file('grid.css', '1.1.0'))!.bytes.toString()).toContain('Older, edition 1.1.0');
  expect(await fillEditionFiles(sql())).toMatchObject({ filled: 0 });
});
