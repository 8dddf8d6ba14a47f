import { beforeAll, describe, expect, test } from 'vitest';
import { breakpointOf, specWith } from '../../core/spec/testing';
import { saveDocument } from '../../server/specs/drafts';
import { publishEdition } from '../../server/editions/publish';
import { type ListQuestion, PAGE_SIZE, specPage } from '../../server/specs/spec-list';
import { createSpec, setArchived } from '../../server/specs/specs';
import { fillSummaries } from '../../server/specs/summaries';
import { onSpec, teamWithMember, testDatabase } from './test-database';

const { sql } = testDatabase();
const document = specWith(breakpointOf({ margin: '20px', count: 4, gutter: '16px' }, 412));
const named = (name: string) => ({ ...document, name });
let team: Awaited<ReturnType<typeof teamWithMember>>;
const ask = (some: Partial<ListQuestion> = {}) =>
  specPage(sql(), team.access, { sought: '', sort: 'changed', archived: false, page: 1, ...some });
const names = async (some: Partial<ListQuestion> = {}) => (await ask(some)).specs.map(({ name }) => name);

beforeAll(async () => {
  team = await teamWithMember(sql(), 'listers');
  for (let number = 1; number <= PAGE_SIZE + 3; number++)
    await createSpec(sql(), team.access, named(`Spec ${String(number).padStart(2, '0')}`));
});

describe('a page of the list', () => {
  test('the last changed first, as many as a page holds', async () => {
    const first = await ask();
    expect(first).toMatchObject({ page: 1, pages: 2, found: PAGE_SIZE + 3 });
    expect(first.specs).toHaveLength(PAGE_SIZE);
    expect(first.specs[0]!.name).toBe(`Spec ${PAGE_SIZE + 3}`);
    expect(await names({ page: 2 })).toEqual(['Spec 03', 'Spec 02', 'Spec 01']);
    expect((await ask({ page: 99 })).page).toBe(2);
  });

  test('by name', async () => {
    expect((await names({ sort: 'name' })).slice(0, 2)).toEqual(['Spec 01', 'Spec 02']);
  });

  test('what is sought is text, not a pattern', async () => {
    expect(await names({ sought: 'SPEC 2' })).toHaveLength(9);
    for (const sought of ['%', '_', 'a\\', "' or true --"]) expect(await names({ sought }), sought).toEqual([]);
  });

  test('findings are counted when a draft is saved, and differences told by what is said', async () => {
    const { id } = await createSpec(sql(), team.access, named('Counted'));
    const access = await onSpec(sql(), team, id);
    const save = (basedOn: number, columns: object) =>
      saveDocument(sql(), access, {
        basedOn,
        document: {
          ...named('Counted'),
          breakpoints: [{ ...document.breakpoints[0]!, columns: { ...document.breakpoints[0]!.columns, ...columns } }],
        },
      });
    await publishEdition(sql(), access, { revision: 1, version: '1.0.0', note: 'First.' });
    const [before] = (await ask({ sought: 'counted' })).specs;
    expect(before).toMatchObject({ mustFix: 0, lastEdition: '1.0.0', differs: false, counts: '4' });
    await save(1, { container: '900px', margin: 'auto' });
    expect((await ask({ sought: 'counted' })).specs[0]).toMatchObject({ mustFix: 1, differs: true });
    await save(2, {});
    expect((await ask({ sought: 'counted' })).specs[0]).toMatchObject({ revision: 3, mustFix: 0, differs: false });
    expect((await names({ sort: 'must-fix' })).length).toBe(PAGE_SIZE);
  });

  test('the archived apart', async () => {
    const { id } = await createSpec(sql(), team.access, named('Close'));
    await setArchived(sql(), await onSpec(sql(), team, id), true);
    expect(await names({ sought: 'put away' })).toEqual([]);
    expect(await names({ archived: true })).toEqual(['Close']);
  });

  test('a document that cannot be read is listed as such, and breaks no other', async () => {
    const { id } = await createSpec(sql(), team.access, named('From elsewhere'));
    await sql()`update drafts set document = '{"ypsiline":1,"rootFontSize":6e-8}' where spec_id = ${id}`;
    await sql()`update specs set must_fix = null where id = ${id}`;
    expect(await fillSummaries(sql())).toBe(0);
    const { specs } = await ask();
    expect(specs.find(({ name }) => name === 'From elsewhere')).toMatchObject({ mustFix: null });
    expect(specs).toHaveLength(PAGE_SIZE);
  });
});

test('ten of one name at once get ten addresses, each with its first revision', async () => {
  const made = await Promise.all(Array.from({ length: 10 }, () => createSpec(sql(), team.access, named('At once'))));
  expect(new Set(made.map(({ slug }) => slug)).size).toBe(10);
  const [bare] =
    await sql()`select count(*)::int from specs where not exists (select from revisions where spec_id = specs.id)`;
  expect(bare).toEqual({ count: 0 });
});
