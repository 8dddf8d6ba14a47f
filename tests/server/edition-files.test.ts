import { createHash } from 'node:crypto';
import { expect, test } from 'vitest';
import { canonicalJson } from '../../core/edition/canonical';
import { addLayout } from '../../core/layouts/starting-layouts';
import { editionFormats } from '../../core/formats/registry';
import { practiceSpec } from '../../core/spec/testing';
import { editionFile, fillEditionFiles } from '../../server/edition-files';
import { publishEdition } from '../../server/editions';
import { createSpec } from '../../server/specs';
import { onSpec, teamWithMember, testDatabase } from './test-database';

const { sql } = testDatabase();

async function published(team: string) {
  const member = await teamWithMember(sql(), team);
  const { personId } = member;
  const document = addLayout(practiceSpec('Kept as bytes'), 'front', 'Front page').value!.spec;
  const { id } = await createSpec(sql(), member.access, document);
  const access = await onSpec(sql(), member, id);
  await publishEdition(sql(), access, { revision: 1, version: '1.0.0', note: 'First.' });
  const file = (name: string, version = '1.0.0') => editionFile(sql(), access, version, name);
  return { id, personId, document, file };
}

test('every file of an edition is written when it is published, with the SHA-256 of its bytes', async () => {
  const { document, file } = await published('writers');
  for (const { file: name, mediaType } of editionFormats(document)) {
    const found = (await file(name))!;
    expect(found.mediaType).toBe(mediaType);
    expect(found.sha256).toBe(createHash('sha256').update(found.bytes).digest('hex'));
    expect((await file(name, 'latest'))!.bytes).toEqual(found.bytes);
  }
  expect((await file('layout.html'))!.bytes.toString()).toContain('<link rel="stylesheet" href="layout.css">');
  expect((await file('spec.json'))!.bytes.toString()).toBe(canonicalJson(document));
  expect(await file('sweep.csv')).toBeNull();
  expect(await file('grid.css', '9.9.9')).toBeNull();
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
  await insert('1.1.0', practiceSpec('Older'));
  await insert('1.2.0', { ypsiline: 1, name: 'Broken' });
  const { filled, leftOut } = await fillEditionFiles(sql());
  expect(filled).toBe(1);
  expect(leftOut).toEqual([
    expect.stringContaining('kept-as-bytes 1.2.0: rootFontSize: The key “rootFontSize” is missing.'),
  ]);
  expect((await file('grid.css', '1.1.0'))!.bytes.toString()).toContain('Older, edition 1.1.0');
  expect(await fillEditionFiles(sql())).toMatchObject({ filled: 0 });
});
