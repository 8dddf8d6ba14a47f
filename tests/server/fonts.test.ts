import { randomBytes } from 'node:crypto';
import { readFile } from 'node:fs/promises';
import { inflateSync } from 'node:zlib';
import { describe, expect, test } from 'vitest';
import { shippedFont } from '../../core/type/shipped-fonts';
import { fontFormat } from '../../server/fonts/font-file';
import { shippedPath } from '../../server/fonts/shipped-files';
import type { Spec } from '../../core/spec/schema';
import { practiceSpec } from '../../core/spec/testing';
import { specAccess, teamAccess } from '../../server/access/access';
import { saveDocument } from '../../server/specs/drafts';
import { fontFile, fontsOf, keepFont, removeFont } from '../../server/fonts/team-fonts';
import { createSpec } from '../../server/specs/specs';
import { teamWithMember, testDatabase } from './test-database';

const { sql } = testDatabase();
const woff2 = () => readFile(shippedPath('vollkorn'));
const woff = () => readFile(shippedPath('zilla-slab').replace('.woff2', '.woff'));

/** A file with some of its bytes written over. */
function broken(file: Buffer, from: number, bytes: Buffer): Buffer {
  const copy = Buffer.from(file);
  bytes.copy(copy, from);
  return copy;
}

/** The TTF that a WOFF packs: the same tables, unpacked (WOFF 1.0, W3C). */
function unpacked(file: Buffer): Buffer {
  const count = file.readUInt16BE(12);
  const tables = Array.from({ length: count }, (_, index) => {
    const at = 44 + index * 20;
    const [offset, packed, length] = [4, 8, 12].map((field) => file.readUInt32BE(at + field)) as [
      number,
      number,
      number,
    ];
    const bytes = file.subarray(offset, offset + packed);
    return {
      tag: file.subarray(at, at + 4),
      sum: file.subarray(at + 16, at + 20),
      bytes: packed < length ? inflateSync(bytes) : bytes,
    };
  });
  const head = Buffer.alloc(12 + count * 16);
  file.copy(head, 0, 4, 8);
  head.writeUInt16BE(count, 4);
  const bodies = tables.map(({ bytes }) => Buffer.concat([bytes, Buffer.alloc((4 - (bytes.length % 4)) % 4)]));
  tables.reduce((offset, { tag, sum, bytes }, index) => {
    const at = 12 + index * 16;
    tag.copy(head, at);
    sum.copy(head, at + 4);
    head.writeUInt32BE(offset, at + 8);
    head.writeUInt32BE(bytes.length, at + 12);
    return offset + bodies[index]!.length;
  }, head.length);
  return Buffer.concat([head, ...bodies]);
}

describe('a font that is brought', () => {
  test('measures the same as TTF, as WOFF and as WOFF2', async () => {
    const { access } = await teamWithMember(sql(), 'three');
    const packed = await woff();
    const files = [unpacked(packed), packed, await readFile(shippedPath('zilla-slab'))];
    expect(files.map((file) => fontFormat(file).value)).toEqual(['ttf', 'woff', 'woff2']);
    const { file: _shipped, ...measures } = shippedFont('zilla-slab');
    for (const file of files) expect((await keepFont(sql(), access, file)).value).toMatchObject(measures);
    expect(await fontsOf(sql(), access)).toHaveLength(3);
  });

  test('is measured, kept as it came, and known again', async () => {
    const { access } = await teamWithMember(sql(), 'printers');
    const file = await woff2();
    const { value: font } = await keepFont(sql(), access, file);
    const { file: _shipped, ...measures } = shippedFont('vollkorn');
    expect(font).toMatchObject(measures);
    const again = await keepFont(sql(), access, file);
    expect(again.value).toEqual(font);
    expect(await fontsOf(sql(), access)).toHaveLength(1);
    const kept = await fontFile(sql(), access, font!.file.slice('team:'.length));
    expect(kept!.format).toBe('woff2');
    expect(kept!.file.equals(file)).toBe(true);
  });

  test('stays with its team', async () => {
    const [mine, other] = [await teamWithMember(sql(), 'mine'), await teamWithMember(sql(), 'other')];
    const { value: font } = await keepFont(sql(), mine.access, await woff());
    expect(await fontFile(sql(), other.access, font!.file.slice('team:'.length))).toBeNull();
    expect(await fontsOf(sql(), other.access)).toEqual([]);
  });

  test('cannot be changed once it is kept', async () => {
    const { access } = await teamWithMember(sql(), 'keepers');
    await keepFont(sql(), access, await woff());
    await expect(sql()`update fonts set file = ''::bytea where team_id = ${access.teamId}`).rejects.toThrow(
      'is refused',
    );
  });
});

describe('what is refused, with a sentence', () => {
  const cases: [string, () => Promise<Buffer>, string][] = [
    ['empty', async () => Buffer.alloc(0), 'This file is empty. Choose a TTF, OTF, WOFF or WOFF2 font.'],
    [
      '5 MB and a byte',
      async () => Buffer.alloc(5 * 1024 * 1024 + 1),
      'This file has 5 MB; a font can have up to 5 MB.',
    ],
    ['50 MB', async () => Buffer.alloc(50 * 1024 * 1024), 'This file has 50 MB; a font can have up to 5 MB.'],
    [
      'an SVG',
      async () => Buffer.from('<svg xmlns="http://www.w3.org/2000/svg"/>'),
      'This isn’t a font file: it’s an SVG drawing. Choose',
    ],
    [
      'a page',
      async () => Buffer.from('<!doctype html><p>404</p>'),
      'This isn’t a font file: it’s a page or an XML file. Choose',
    ],
    ['a PNG', async () => Buffer.from('89504e470d0a1a0a', 'hex'), 'This isn’t a font file: it’s a picture. Choose'],
    [
      'a zip',
      async () => Buffer.from('PK\x03\x04rest'),
      'This isn’t a font file: it’s a zip archive, unpack it first. Choose',
    ],
    ['noise', async () => Buffer.alloc(4000, 7), 'This isn’t a font file. Choose a TTF, OTF, WOFF or WOFF2 font.'],
    ['cut in half', async () => (await woff2()).subarray(0, 6000), 'This font is incomplete: it should have '],
    [
      'a header alone',
      async () => (await woff2()).subarray(0, 20),
      'This font is incomplete: its header isn’t complete.',
    ],
    [
      'a TTF of which only the name is one',
      async () => Buffer.from('00010000', 'hex'),
      'This font is incomplete: its header isn’t complete.',
    ],
    ['a collection', async () => Buffer.from('ttcf0000'), 'This file is a font collection'],
    [
      'one that says that it unpacks to 4 GB',
      async () => broken(await woff2(), 16, Buffer.from('ffffffff', 'hex')),
      'This font unpacks to 4096 MB; at most 60 MB can be read.',
    ],
    [
      'with a table that says that it unpacks to 4 GB, and a header that does not',
      async () => broken(await woff(), 44 + 12, Buffer.from('ffffffff', 'hex')),
      'This font unpacks to 4096',
    ],
    [
      'the same as WOFF2',
      // the first entry of the list: flags, then the length
      async () => broken(await woff2(), 49, Buffer.from('8fffffff7f', 'hex')),
      'This font unpacks to 4',
    ],
    [
      'with a list of tables that has no end',
      async () => broken(await woff2(), 49, Buffer.from('ffffffffffffff', 'hex')),
      'This font is broken: its list of tables has no end. Export it again.',
    ],
    [
      'with noise for its tables',
      async () => broken(await woff2(), 200, randomBytes(4000)),
      'This font c', // cannot be read, or could not be read in time
    ],
    [
      'without a single table',
      async () => Buffer.concat([Buffer.from('0001000000000000000000000000', 'hex')]),
      'This font is incomplete',
    ],
  ];

  test.each(cases)('%s', async (name, file, problem) => {
    const { access } = await teamWithMember(sql(), `refused-${name.replace(/[^a-z0-9]+/gi, '-').toLowerCase()}`);
    const kept = await keepFont(sql(), access, await file());
    expect(kept.problem).toContain(problem);
    expect(await fontsOf(sql(), access)).toEqual([]);
  });

  test('a hundred ways to spoil a font: each is read, or refused with a sentence, and none harms the process', async () => {
    const file = await woff();
    for (let round = 0; round < 100; round++) {
      const spoiled = broken(file, 44 + ((round * 131) % (file.length - 60)), randomBytes(8));
      const format = fontFormat(spoiled);
      expect(format.value ?? format.problem).toMatch(/^(woff|This font .*\.)$/);
    }
  });
});

describe('fonts and the specifications that name them', () => {
  const specWith = (font: Awaited<ReturnType<typeof keepFont>>['value']): Spec => ({
    ...practiceSpec('Set in it'),
    type: [
      {
        name: 'body',
        role: 'body',
        stands: 'line-box',
        font: font!,
        at: { phone: { size: '16px', leading: '24px', span: 4 } },
      },
    ],
  });

  test('a used font is kept, an unused one is removed', async () => {
    const { access } = await teamWithMember(sql(), 'typesetters');
    const { value: font } = await keepFont(sql(), access, await woff2());
    const sha256 = font!.file.slice('team:'.length);
    const { id } = await createSpec(sql(), access, specWith(font));
    expect((await removeFont(sql(), access, sha256)).problem).toBe(
      'This font is used by Set in it. Choose another font there first.',
    );
    const spec = (await specAccess(sql(), access.personId, { id }, 'edit'))!;
    await saveDocument(sql(), spec, { basedOn: 1, document: practiceSpec('Set in it') });
    expect((await removeFont(sql(), access, sha256)).value).toBe(true);
    expect(await fontsOf(sql(), access)).toEqual([]);
  });

  test('a copy into another team of the person’s brings its fonts; into one of others it says what is missing', async () => {
    const from = await teamWithMember(sql(), 'lenders');
    const { value: font } = await keepFont(sql(), from.access, await woff2());
    const [team] = await sql()<{ id: string }[]>`insert into teams (slug, name) values ('both', 'Both') returning id`;
    await sql()`insert into members (team_id, person_id) values (${team!.id}, ${from.personId})`;
    const both = (await teamAccess(sql(), from.personId, 'both', 'read', 'edit'))!;
    const copy = await createSpec(sql(), both, specWith(font));
    expect(copy.missingFonts).toEqual([]);
    expect((await fontsOf(sql(), both)).map((each) => each.font)).toEqual([font]);
    const others = await teamWithMember(sql(), 'strangers');
    const taken = await createSpec(sql(), others.access, specWith(font));
    expect(taken.missingFonts).toEqual(['Vollkorn']);
    expect(await fontsOf(sql(), others.access)).toEqual([]);
  });
});
