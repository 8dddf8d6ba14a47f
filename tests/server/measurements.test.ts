import { randomUUID } from 'node:crypto';
import { beforeAll, describe, expect, test } from 'vitest';
import type { Measurement } from '../../core/built/measurement';
import { canonicalJson } from '../../core/edition/canonical';
import { measuredPage, paintedBox } from '../../core/built/testing';
import { breakpointOf, specWith } from '../../core/spec/testing';
import { keyAccess, mayReport } from '../../server/access/key-access';
import { makeKey, revokeKey } from '../../server/access/keys';
import { KEY_SCOPES } from '../../server/access/permissions';
import { actingAs } from '../../server/database/acting-as';
import {
  countsOf,
  keepMeasurement,
  measuredPages,
  measurementsOf,
  removeMeasurement,
} from '../../server/editions/measurements';
import { publishEdition } from '../../server/editions/publish';
import { sha256 } from '../../server/sha256';
import { createSpec } from '../../server/specs/specs';
import { onSpec, teamWithMember, testDatabase } from './test-database';

const { sql } = testDatabase();
// four columns of 81 with gutters of 16: 16–97, 113–194, 210–291, 307–388
const document = specWith(breakpointOf({ margin: '16px', count: 4, gutter: '16px' }, 404, { id: 'phone' }));
const sums = (spec: typeof document) => {
  const sum = sha256(canonicalJson(spec));
  return { canonical: sum, file: sum };
};
let member: Awaited<ReturnType<typeof teamWithMember>>;
let outsider: Awaited<ReturnType<typeof teamWithMember>>;
let spec: { id: string; slug: string };
let reads: { id: string; secret: string };
let reports: { id: string; secret: string };

beforeAll(async () => {
  member = await teamWithMember(sql(), 'measurers');
  outsider = await teamWithMember(sql(), 'onlookers');
  spec = await published(document);
  reads = (await makeKey(sql(), member.access, { name: 'Reads', specIds: null, days: 30 })).value!;
  reports = (await makeKey(sql(), member.access, { name: 'Reports', specIds: null, days: 30, mayReport: true })).value!;
});

async function published(of: typeof document) {
  const made = await createSpec(sql(), member.access, of);
  const access = await onSpec(sql(), member, made.id);
  const edition = { revision: 1, version: '1.0.0', note: 'First.' };
  expect(await publishEdition(sql(), access, edition)).toMatchObject({ published: expect.anything() });
  return made;
}

/** A page with a box on its columns and one that starts 3 px late. */
const report = (more: Partial<Measurement> = {}): Measurement => ({
  id: randomUUID(),
  name: 'main',
  document: sums(document),
  tolerance: 0.5,
  off: 1,
  pages: [
    {
      page: '/',
      screens: [measuredPage({ width: 404, boxes: [paintedBox(16, 81, 0, 'on'), paintedBox(116, 78, 0, 'late')] })],
    },
  ],
  ...more,
});

async function asKey(secret: string, slug = spec.slug) {
  const access = (await keyAccess(sql(), secret, { team: 'measurers', spec: slug }))!;
  const db = actingAs(sql(), access);
  return { db, access, reporting: await mayReport(db, access) };
}
async function keep(some: Partial<Measurement> = {}, secret = reports.secret, slug = spec.slug) {
  const { db, reporting } = await asKey(secret, slug);
  return keepMeasurement(db, reporting!, report(some));
}
const listed = async () => measurementsOf(sql(), await onSpec(sql(), member, spec.id));

describe('measurements of builds', () => {
  test('are kept against the edition whose document they name, with what is off, and known when sent again', async () => {
    const id = randomUUID();
    expect(await keep({ id })).toEqual({ value: { version: '1.0.0', off: 1 } });
    expect(await keep({ id, name: 'again' })).toEqual({ value: { version: '1.0.0', off: 1 } });
    const access = await onSpec(sql(), member, spec.id);
    expect(await measurementsOf(sql(), access)).toMatchObject([
      { id, name: 'main', version: '1.0.0', off: 1, hasPages: true },
    ]);
    expect(await countsOf(sql(), access)).toMatchObject([
      { name: 'main', off: 1, counts: [{ page: '/', off: 1, named: [{ check: 'columns', element: 'late' }] }] },
    ]);
    expect((await measuredPages(sql(), access, id))?.pages).toEqual(report().pages);
    expect(await measuredPages(sql(), access, 'no id')).toBeNull();
    expect(await removeMeasurement(sql(), access, id)).toBe(true);
    expect(await removeMeasurement(sql(), access, id)).toBe(false);
  });

  test('are refused where the report was changed, or is of a draft or another specification', async () => {
    expect((await keep({ off: 0 })).problem).toMatch(/^The report says 0 off, and its boxes 1: it was changed/);
    const other = { ...document, name: 'Another' };
    await published(other);
    expect((await keep({ document: sums(other) })).problem).toMatch(/^This document is no edition of /);
    expect(await listed()).toEqual([]);
  });

  test('are sent with a key that may, and with no other: by the gate and by the database', async () => {
    const { db, access, reporting } = await asKey(reads.secret);
    expect(reporting).toBeNull();
    await expect(keepMeasurement(db, { ...access, scope: 'report' }, report())).rejects.toThrow(/may not report/);
    // a key that is revoked meanwhile
    const gone = (await makeKey(sql(), member.access, { name: 'Gone', specIds: null, days: 30, mayReport: true }))
      .value!;
    const before = await asKey(gone.secret);
    await revokeKey(sql(), member.access, gone.id);
    await expect(keepMeasurement(before.db, before.reporting!, report())).rejects.toThrow(/may not report/);
    // of another specification
    const second = await published({ ...document, name: 'Second' });
    const some = (await makeKey(sql(), member.access, { name: 'One', specIds: [second.id], days: 30, mayReport: true }))
      .value!;
    const own = await asKey(some.secret, second.slug);
    await expect(keepMeasurement(own.db, { ...own.reporting!, specId: spec.id }, report())).rejects.toThrow(
      /may not report/,
    );
    // a person is no key
    const person = actingAs(sql(), { personId: member.personId });
    await expect(keepMeasurement(person, { ...access, scope: 'report' }, report())).rejects.toThrow(/may not report/);
    expect(await listed()).toEqual([]);
  });

  test('a public link only reads, and the scopes of the database are those of the table', async () => {
    const link = { kind: 'link' as const, name: 'Link', specIds: [spec.id], days: 1, mayReport: true };
    expect((await makeKey(sql(), member.access, link)).problem).toBe(
      'A public link reads editions. Only keys can report.',
    );
    await expect(sql()`update access_keys set scopes = '{read,all}'`).rejects.toThrow(/check constraint/);
    const all = `{${Object.keys(KEY_SCOPES).join(',')}}`;
    expect((await sql()`update access_keys set scopes = ${all} where id = ${reports.id} returning id`).length).toBe(1);
  });

  test('two at once are both kept; the newest thirty keep their boxes', async () => {
    await Promise.all([keep({ name: 'one' }), keep({ name: 'two' })]);
    expect((await listed()).map(({ name }) => name).sort()).toEqual(['one', 'two']);
    for (let count = 0; count < 30; count++) await keep({ name: `later ${count}` });
    const all = await listed();
    expect(all.map(({ hasPages }) => hasPages)).toEqual([...Array(30).fill(true), false, false]);
    expect(all[31]!.off).toBe(1);
    expect(await measuredPages(sql(), await onSpec(sql(), member, spec.id), all[31]!.id)).toBeNull();
  });

  test('are those of no other team', async () => {
    const foreign = await createSpec(sql(), outsider.access, document);
    const access = await onSpec(sql(), outsider, foreign.id);
    const [own] = await listed();
    expect(await measurementsOf(sql(), access)).toEqual([]);
    expect(await countsOf(sql(), access)).toEqual([]);
    expect(await measuredPages(sql(), access, own!.id)).toBeNull();
    expect(await removeMeasurement(sql(), access, own!.id)).toBe(false);
  });
});
